import type { Facts } from "@/core/facts/everyFact";
import type { Raws } from "@/core/applied";
import type { StageProps } from "../job/stageProps";

/** What every bench gets: the job, the figures as read, and the values on the display now. */
export interface BenchProps extends StageProps {
  readonly facts: Facts;
  readonly raws: Raws;
}
