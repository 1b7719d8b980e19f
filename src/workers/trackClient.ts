/** Asks the track worker, which is started when it is first asked. */
import type { TrackAnswer, TrackApi } from "./track.worker";
import { startedWorker } from "./startedWorker";

const track = startedWorker<TrackApi>(
  () => new Worker(new URL("./track.worker.ts", import.meta.url), { type: "module" }),
);

/** Reads and solves a GPX file; null where it was cancelled. */
export const solveTrackFile = (file: Blob, tell: (share: number) => void): Promise<TrackAnswer | null> =>
  track.ask<TrackAnswer | null>((worker) => worker.solve(file, tell));
export const cancelTrack = (): void => track.askIfStarted((worker) => worker.cancel());
