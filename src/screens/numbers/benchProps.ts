import type { Figures } from "@/core/setup/figures";
import type { Raws } from "@/core/setup";
import type { StageProps } from "../job/stageProps";

/** What every bench gets: the job, the figures as read, and the values on the display now. */
export interface BenchProps extends StageProps {
  readonly figures: Figures;
  readonly raws: Raws;
}
