/** Typed clients of the workers; each worker is started when it is first asked. */
import { proxy, wrap, type Remote } from "comlink";
import type { SweepAsk, SweepResult } from "@/core/ride";
import type { DisplayProfile } from "@/core/display";
import type { KeysApi, Tour } from "./keys.worker";
import type { RideApi } from "./ride.worker";
import type { TrackAnswer, TrackApi } from "./track.worker";

let ride: Remote<RideApi> | null = null;
let track: Remote<TrackApi> | null = null;
let keys: Remote<KeysApi> | null = null;

const rideWorker = (): Remote<RideApi> =>
  (ride ??= wrap<RideApi>(new Worker(new URL("./ride.worker.ts", import.meta.url), { type: "module" })));
const trackWorker = (): Remote<TrackApi> =>
  (track ??= wrap<TrackApi>(new Worker(new URL("./track.worker.ts", import.meta.url), { type: "module" })));

const keysWorker = (): Remote<KeysApi> =>
  (keys ??= wrap<KeysApi>(new Worker(new URL("./keys.worker.ts", import.meta.url), { type: "module" })));

/** The keys that read every line of a display; null where there is no way to them all. */
export const tourOf = (profile: DisplayProfile): Promise<Tour | null> => keysWorker().tour(profile);

/** Sweeps levels and grades; null where a newer sweep came in between. */
export const sweepRide = (ask: SweepAsk, tell: (share: number) => void): Promise<SweepResult | null> =>
  rideWorker().sweep(ask, proxy(tell));
export const cancelSweep = (): void => void ride?.cancel();

/** Reads and solves a GPX file; null where it was cancelled. */
export const solveTrackFile = (file: Blob, tell: (share: number) => void): Promise<TrackAnswer | null> =>
  trackWorker().solve(file, proxy(tell));
export const cancelTrack = (): void => void track?.cancel();
