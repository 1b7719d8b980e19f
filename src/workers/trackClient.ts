/** Asks the track worker, which is started when it is first asked. */
import { proxy, wrap, type Remote } from "comlink";
import type { TrackAnswer, TrackApi } from "./track.worker";

let track: Remote<TrackApi> | null = null;
const trackWorker = (): Remote<TrackApi> =>
  (track ??= wrap<TrackApi>(new Worker(new URL("./track.worker.ts", import.meta.url), { type: "module" })));

/** Reads and solves a GPX file; null where it was cancelled. */
export const solveTrackFile = (file: Blob, tell: (share: number) => void): Promise<TrackAnswer | null> =>
  trackWorker().solve(file, proxy(tell));
export const cancelTrack = (): void => void track?.cancel();
