/**
 * The sheet: every line of the display as found, as it should be and as left, with its reason, its findings and its
 * mark. Findings hang on the lines whose values cause them; what the target mends is told apart from what it leaves.
 */
import {
  contextOf,
  decodeAll,
  isShown,
  linesOf,
  settingsOf,
  shows,
  SETTINGS,
  type Decoded,
  type DisplayProfile,
  type EncodingContext,
  type Line,
  type SettingKey,
} from "../display";
import {
  judge,
  type AppliedCap,
  type ClassChoice,
  type Finding,
  type LawMessage,
  type Severity,
  type Subject,
} from "../law";
import { appliedCap, asApplied, type Raws } from "../applied/applied";
import { hazards, type HazardMessage, type HazardSubject } from "./hazards";
import { own } from "../units/limits";
import { propose, type ProposalContext, type Reason } from "../decide";

export type SheetMessage = LawMessage | HazardMessage;

export interface SheetFinding {
  readonly severity: Severity;
  readonly subject: Subject | HazardSubject;
  readonly message: SheetMessage;
  /** Codes of the lines that cause it, the one to look at first in front. */
  readonly lines: readonly string[];
}

/** How a row stands out: only exceptions do. */
export type Mark = "same" | "odd" | "caution" | "breach" | "unknown" | "left-alone";

export interface SheetValue {
  readonly raw: number;
  readonly shows: string;
  /** Every canonical value it stands for under the column it stands in. */
  readonly means: Decoded;
}

export interface SheetRow {
  readonly code: string;
  readonly index: number;
  readonly line: Line;
  readonly settings: readonly SettingKey[];
  /** What the display holds at present as far as anybody knows: as found, or as programmed since. */
  readonly present: SheetValue | null;
  readonly asFound: SheetValue | null;
  readonly target: SheetValue | null;
  /** Whether the present value must be changed. Null where it is not known. */
  readonly changes: boolean | null;
  readonly mark: Mark;
  readonly reason: Reason;
  readonly locked: boolean;
  /** Whether the menu has the line at all, as it is and with the targets set. */
  readonly shown: { readonly present: boolean; readonly target: boolean };
}

export interface Sheet {
  readonly rows: readonly SheetRow[];
  /** Findings on the display as it is at present, and as it will be with the target set. */
  readonly presentFindings: readonly SheetFinding[];
  readonly targetFindings: readonly SheetFinding[];
  /** Findings of the present that the target makes go away. */
  readonly mended: readonly SheetFinding[];
  readonly presentCap: AppliedCap;
  readonly targetCap: AppliedCap;
  /** Raw values to set; null where neither a target nor an as-found value is known. */
  readonly targetRaws: Raws;
}

export interface SheetContext extends ProposalContext {
  /** Raw values the display holds now; the as-found ones until it is programmed. */
  readonly present: Raws;
  /** Raw values the plan was sealed with: they stand, whatever would be proposed now. Null while nothing is sealed. */
  readonly sealed?: Raws | null;
  /** Raw values the plan starts from where they are not the as-found ones: a display programmed before. */
  readonly startsFrom?: Raws | null;
}

const SUBJECT_SETTINGS: Readonly<Record<Subject | HazardSubject, readonly SettingKey[]>> = {
  "assist-cap": [
    "assistCapKmh",
    "capPowerShare",
    "circumferenceMm",
    "speedCalibrationPercent",
    "pulsesPerTurn",
    "motorPulses",
  ],
  throttle: ["throttleMode", "driveMode", "throttleCapKmh"],
  "walk-assist": ["walkAssistKmh", "walkAssistOn"],
  motor: ["currentLimitA", "currentShare"],
  battery: ["nominalV"],
  speedometer: ["motorPulses", "pulsesPerTurn", "circumferenceMm", "speedCalibrationPercent"],
  nominal: ["nominalV"],
  "cut-off": ["cutOffV"],
  current: ["currentLimitA", "currentShare"],
  "power-on": ["levelAtPowerOn", "throttleFromStandstill"],
  cruise: ["cruiseOn"],
  pin: ["startPinOn"],
  regeneration: ["regenShare"],
  brakes: [],
};

/** All findings, of class and of hazard, on a bike whose display holds these raw values. */
export function findingsOn(
  profile: DisplayProfile,
  raws: Raws,
  bike: SheetContext["bike"],
  choice: ClassChoice | null,
): readonly SheetFinding[] {
  const law: readonly Finding[] = choice ? judge(choice, asApplied(profile, raws, bike)) : [];
  return [...law, ...hazards(profile, raws, bike)]
    .map((finding) => ({ ...finding, lines: linesAbout(profile, finding.subject) }))
    .sort((a, b) => gravity(a) - gravity(b));
}

const linesAbout = (profile: DisplayProfile, subject: Subject | HazardSubject): readonly string[] => [
  ...new Set(
    SUBJECT_SETTINGS[subject].flatMap((setting) =>
      linesOf(profile)
        .filter((line) => settingsOf(line).includes(setting))
        .map(({ code }) => code),
    ),
  ),
];

const GRAVITY: readonly Severity[] = ["breach", "caution", "unknown", "note"];
const gravity = ({ severity }: { severity: Severity }): number => GRAVITY.indexOf(severity);

/** Works the whole sheet out. */
export function makeSheet(context: SheetContext): Sheet {
  const { profile, bike, choice, asFound, present, sealed } = context;
  const startsFrom = context.startsFrom ?? asFound;
  const proposals = propose({ ...context, asFound: startsFrom });
  const proposed: Raws = proposals.map(({ raw, index }) => raw ?? startsFrom[index] ?? present[index] ?? null);
  const targetRaws: Raws = sealed ? proposed.map((raw, i) => sealed[i] ?? raw) : proposed;
  const presentFindings = findingsOn(profile, present, bike, choice);
  const targetFindings = findingsOn(profile, targetRaws, bike, choice);
  const presentContext = contextOf(profile, present);
  const targetContext = contextOf(profile, targetRaws);
  const foundContext = contextOf(profile, asFound);
  const rows = proposals.map(({ line, index, reason: proposedBy }): SheetRow => {
    const reason: Reason = targetRaws[index] === proposed[index] ? proposedBy : { key: "reason.sealed" };
    const presentValue = valueAt(line, present[index], presentContext);
    const target = valueAt(line, targetRaws[index], targetContext);
    const shown = { present: isShown(profile, index, present), target: isShown(profile, index, targetRaws) };
    const changes =
      target === null || !shown.target ? false : presentValue === null ? null : presentValue.raw !== target.raw;
    const locked = line.makerOnly && own(context.wishes.unlocked, line.code) === undefined;
    return {
      code: line.code,
      index,
      line,
      settings: settingsOf(line),
      present: presentValue,
      asFound: valueAt(line, asFound[index], foundContext),
      target,
      changes,
      mark: markOf(
        {
          code: line.code,
          changes,
          locked,
          presentKnown: presentValue !== null || !shown.present,
          shown: shown.present || shown.target,
          stays: reason.key,
        },
        presentFindings,
        targetFindings,
      ),
      reason,
      locked,
      shown,
    };
  });
  return {
    rows,
    presentFindings,
    targetFindings,
    mended: presentFindings.filter(
      (finding) =>
        SERIOUS.has(finding.severity) && !targetFindings.some((later) => later.message.key === finding.message.key),
    ),
    presentCap: appliedCap(profile, present, bike),
    targetCap: appliedCap(profile, targetRaws, bike),
    targetRaws,
  };
}

/** What a raw value stands for under a column; null where it is not known. */
export const valueAt = (line: Line, raw: number | null | undefined, context: EncodingContext): SheetValue | null =>
  raw === null || raw === undefined
    ? null
    : { raw, shows: shows(line.encoding, raw), means: decodeAll(line, raw, context) };

const SERIOUS: ReadonlySet<Severity> = new Set(["breach", "caution", "unknown"]);

interface MarkFacts {
  readonly code: string;
  readonly changes: boolean | null;
  readonly locked: boolean;
  readonly presentKnown: boolean;
  readonly shown: boolean;
  readonly stays: Reason["key"];
}

function markOf(
  { code, changes, locked, presentKnown, shown, stays }: MarkFacts,
  presentFindings: readonly SheetFinding[],
  targetFindings: readonly SheetFinding[],
): Mark {
  const worst = (severity: Severity) =>
    [...presentFindings, ...targetFindings].some(
      (finding) => finding.severity === severity && finding.lines[0] === code,
    );
  if (worst("breach")) return "breach";
  if (worst("caution")) return "caution";
  if (stays === "reason.read-only" || !shown) return "left-alone";
  if (!presentKnown || worst("unknown") || changes === null) return "unknown";
  if (changes) return "odd";
  return locked ? "left-alone" : "same";
}

/** How a sheet stands, in numbers. */
export interface SheetCounts {
  readonly odd: number;
  readonly breaches: number;
  readonly cautions: number;
  readonly unknown: number;
  readonly leftAlone: number;
}

export const countSheet = ({ rows, presentFindings }: Sheet): SheetCounts => ({
  odd: rows.filter((row) => row.changes === true).length,
  breaches: presentFindings.filter((finding) => finding.severity === "breach").length,
  cautions: presentFindings.filter((finding) => finding.severity === "caution").length,
  unknown: rows.filter((row) => row.present === null && row.shown.present && row.line.encoding.kind !== "read-only")
    .length,
  leftAlone: rows.filter((row) => row.mark === "left-alone").length,
});

/** The definitions behind a row's settings; none on lines that set nothing. */
export const definitionsOf = (row: SheetRow) => row.settings.map((setting) => SETTINGS[setting]);
