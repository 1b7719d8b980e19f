/** The workshop sheet in words, line by line: what paper, screen and text say of each. */
import type { Paper, PaperCell, PaperLine } from "@/core/record";
import { own } from "@/core/units/limits";
import { reasonWhy } from "../reasons";
import * as say from "../screens/papers/workshopSheet";
import { lineName } from "../settings";
import { shownWith, valueMeaning } from "../values";
import type { Voice } from "../voice";

export interface SheetLine {
  readonly code: string;
  readonly sets: string;
  readonly found: string;
  readonly planned: string;
  readonly left: string;
  readonly why: string;
  /** Whether it was set, and read back. */
  readonly isNews: boolean;
}

const WORDS = { unread: "unread", hidden: "hidden", none: "—" } as const;

/** As the display shows it, with what it stands for where the number does not say it. */
function cellWords(cell: PaperCell): string {
  if (cell.kind !== "value") return WORDS[cell.kind];
  const { shows, means } = cell.value;
  return shownWith(shows, valueMeaning(means));
}

function why(line: PaperLine, { job }: Paper, voice: Voice): string {
  if (line.planned.kind === "hidden") return say.hiddenByWhatAnother;
  const byHand = own(job.overrideReasons ?? {}, line.line.code)?.trim();
  if (line.reason.key === "reason.by-hand" && byHand) return say.byHand(byHand);
  if (line.changed || line.planned.kind === "none")
    return reasonWhy(line.reason, job.profile?.name ?? say.theDisplay, voice)[0] ?? "";
  return line.locked ? say.notTouchedMakerOnly : say.notChanged;
}

/** Every line of the sheet. */
export const sheetLines = (paper: Paper, voice: Voice): readonly SheetLine[] =>
  paper.lines.map((each) => ({
    code: each.line.code,
    sets: lineName(each.line),
    found: cellWords(each.found),
    planned: cellWords(each.planned),
    left: cellWords(each.left),
    why: why(each, paper, voice),
    isNews: each.left.kind === "value" && each.changed,
  }));
