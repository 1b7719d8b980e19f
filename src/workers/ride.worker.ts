/** The ride model off the main thread. */
import { sweep, type SweepAsk, type SweepResult } from "@/core/ride";
import { newestOnly, runStepwise } from "./stepwise";
import { answerWith } from "./talk";

const asks = newestOnly();

const api = {
  /** Every level on every grade; null where a newer ask or a cancel came in between. */
  sweep: (ask: SweepAsk, tell: (share: number) => void): Promise<SweepResult | null> =>
    runStepwise(sweep(ask), tell, asks.begin()),
  cancel: (): void => asks.cancel(),
};

export type RideApi = typeof api;
answerWith(api);
