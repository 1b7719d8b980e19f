import type { Counted } from "@/core/keys/cues";
import * as say from "@/words/screens/program/countedLine";
import type { Count } from "./count";

interface CountedLineProps {
  readonly count: Count;
  /** Where the run stands that is counted now; null for another. */
  readonly counted: Counted | null;
  /** Whether this run was counted before. */
  readonly past: boolean;
  readonly className: string;
}

/** The count of one run, in few words. */
export const CountedLine = ({ count, counted, past, className }: CountedLineProps) => (
  <p data-counted={counted?.nth} className={className}>
    {counted ? say.countedSaid(counted) : past ? say.pressed : say.startsIn(count.startsInMs)}
  </p>
);
