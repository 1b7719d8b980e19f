/** Asks the ride worker, which is started when it is first asked. */
import type { SweepAsk, SweepResult } from "@/core/ride";
import type { RideApi } from "./ride.worker";
import { startedWorker } from "./startedWorker";

const ride = startedWorker<RideApi>(() => new Worker(new URL("./ride.worker.ts", import.meta.url), { type: "module" }));

/** Sweeps levels and grades; null where a newer sweep came in between. */
export const sweepRide = (ask: SweepAsk, tell: (share: number) => void): Promise<SweepResult | null> =>
  ride.ask((worker) => worker.sweep(ask, tell));
export const cancelSweep = (): void => ride.askIfStarted((worker) => worker.cancel());
