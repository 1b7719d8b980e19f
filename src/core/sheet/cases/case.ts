/**
 * A case of the corpus: one bike with one display, as found, and what the product must and must not make of it. A case
 * is data, one file each, and none is taken from a shipped display. The bikes are made up; what is expected of them is
 * common practice, no source, unless the case names one.
 */
import type { IntakeText } from "../../facts";
import type { FigureKey } from "../../facts/figures";
import type { Severity } from "../../law";
import type { SheetMessage } from "../findings";
import type { MistakeCause, ReadingCause, Reason } from "../../decide";
import type { CaseLine } from "./lines";

export interface Case {
  /** What is to be learnt from it, in one sentence. */
  readonly lesson: string;
  /** Intake and figures, as typed. */
  readonly bike: IntakeText & Readonly<Partial<Record<FigureKey, string>>>;
  /** Id of a shipped class; null while none is chosen. */
  readonly leavesAs: string | null;
  readonly lines: readonly CaseLine[];
  /** What each line shows when the bike comes in; a line that is not named has not been read. */
  readonly found: Readonly<Record<string, string>>;
  /** Shown values chosen by hand, and maker-only lines unlocked. */
  readonly byHand?: Readonly<Record<string, string>>;
  readonly unlocked?: readonly string[];
  /** What each named line must show after the plan. */
  readonly plan: Readonly<Record<string, string>>;
  /** Why, for the lines named. */
  readonly because?: Readonly<Record<string, Reason["key"]>>;
  /** Findings on the bike as it is, each with its severity. */
  readonly says?: Readonly<Partial<Record<SheetMessage["key"], Severity>>>;
  /** The cause that must be named for a speedometer that is far off, and for a reading that does not fit. */
  readonly mistake?: MistakeCause;
  readonly reading?: ReadingCause;
  /** Findings that must not be made of the bike as it is. */
  readonly saysNot?: readonly SheetMessage["key"][];
  /** Findings after the plan, and those that must be gone or never come. */
  readonly left?: Readonly<Partial<Record<SheetMessage["key"], Severity>>>;
  readonly gone?: readonly SheetMessage["key"][];
}
