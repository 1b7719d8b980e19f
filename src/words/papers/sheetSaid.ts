/** The workshop sheet in words, line by line: what paper, screen and text say of each. */
import { isLabelled, type Paper, type PaperCell, type PaperLine } from "@/core/record";
import { own } from "@/core/units/limits";
import { reasonWhy } from "../reasons";
import * as label from "../screens/papers/classLabel";
import * as against from "../screens/papers/standsAgainst";
import * as say from "../screens/papers/workshopSheet";
import { lineName } from "../settings";
import { speed } from "../speak";
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

export interface SheetNotes {
  /** How far its last column can be trusted, and how many checks passed. */
  readonly stands: string;
  /** What it was checked against; null while no class is chosen. */
  readonly against: string | null;
  readonly checkedBy: string;
  readonly seals: readonly { readonly hash: string; readonly says: string }[];
}

/** What stands under the lines. */
export function sheetNotes({ job, workings, standing }: Paper): SheetNotes {
  const needed = workings.checks.filter(({ check }) => check.needed);
  const passed = needed.filter(({ verdict }) => verdict === "passed").length;
  const { rule } = workings.choice ?? {};
  const initials = (job.intake.checkedBy ?? "").trim();
  return {
    stands: standing === "planned-not-set" ? say.nothingHasBeenSet : say.asLeftIsWhat(passed, needed.length),
    against: rule
      ? say.checkedAgainstAsKnown(rule.name, rule.source, rule.knownOn, rule.beyondTheDisplay.join("; "))
      : null,
    checkedBy: initials ? say.checkedBy(initials) : say.checkedByNobody,
    seals: job.sheets.map(({ kind, at, hash }) => ({ hash, says: say.seal(kind, at, hash) })),
  };
}

/** Whether it leaves all the same, and why. */
export const decidedSaid = ({ job, workings: { leavesThough } }: Paper): string =>
  leavesThough ? against.workshopSheetDecided(job.handedOverAt, leavesThough) : against.nobodyHasDecidedIn;

export interface LabelSaid {
  readonly name: string;
  /** Said where it is not for public roads. */
  readonly offRoad: string | null;
  readonly figures: string;
  readonly checked: string;
}

/** The text of the class label; null while anything keeps the class from being named. */
export function labelSaid(paper: Paper, { unit }: Voice): LabelSaid | null {
  const { choice, bike } = paper.workings;
  const { cap } = paper.left;
  if (!choice || !isLabelled(paper)) return null;
  return {
    name: choice.rule.name,
    offRoad: choice.rule.publicRoad ? null : label.notForPublicRoads,
    figures: label.figures(bike.motorRatedW, cap.kind === "true" ? speed(cap.kmh.nominal, unit) : null),
    checked: label.checkedNotCertified(choice.rule.knownOn),
  };
}
