/** Asks the ride worker, which is started when it is first asked. */
import { proxy, wrap, type Remote } from "comlink";
import type { SweepAsk, SweepResult } from "@/core/ride";
import type { RideApi } from "./ride.worker";

let ride: Remote<RideApi> | null = null;
const rideWorker = (): Remote<RideApi> =>
  (ride ??= wrap<RideApi>(new Worker(new URL("./ride.worker.ts", import.meta.url), { type: "module" })));

/** Sweeps levels and grades; null where a newer sweep came in between. */
export const sweepRide = (ask: SweepAsk, tell: (share: number) => void): Promise<SweepResult | null> =>
  rideWorker().sweep(ask, proxy(tell));
export const cancelSweep = (): void => void ride?.cancel();
