/** What class and hazards say of a column of values. A finding hangs on the lines whose values cause it. */
import { linesOf, settingsOf, type DisplayProfile, type SettingKey } from "../display";
import {
  assistLimit,
  judge,
  type ClassChoice,
  type Finding,
  type LawMessage,
  type Severity,
  type Subject,
} from "../law";
import { appliedCap, asApplied, type Raws } from "../applied/applied";
import type { Bike } from "../facts";
import { hazards, type HazardFinding, type HazardMessage, type HazardSubject } from "./hazards";

export type SheetMessage = LawMessage | HazardMessage;

export interface SheetFinding {
  readonly severity: Severity;
  readonly subject: Subject | HazardSubject;
  readonly message: SheetMessage;
  /** Codes of the lines that cause it, the one to look at first in front. */
  readonly lines: readonly string[];
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
  "crank-sensor": ["crankPulses"],
  "motor-preset": ["motorPresetKind"],
  label: [],
  "power-cap": ["capPowerShare"],
  "pack-preset": ["packChemistry"],
  brakes: [],
};

/** What a column is judged by: the display it stands on, the bike behind it, the class it must leave in. */
export interface Judged {
  readonly profile: DisplayProfile;
  readonly bike: Bike;
  readonly choice: ClassChoice | null;
  /** The values a reading of the speedometer was taken with; it says nothing of others. None where nobody knows. */
  readonly readWith?: Raws | null;
}

/** All findings, of class and of hazard, on a bike whose display holds these raw values, gravest first. */
export function findingsOn({ profile, bike, choice, readWith = null }: Judged, raws: Raws): readonly SheetFinding[] {
  const law: readonly Finding[] = choice ? judge(choice, asApplied(profile, raws, bike)) : [];
  return [...law, ...hazards(profile, raws, bike, readWith), ...labelMisfit({ profile, bike, choice }, raws)]
    .map((finding) => ({ ...finding, lines: linesAbout(profile, finding.subject) }))
    .sort((a, b) => gravity(a) - gravity(b));
}

/** Speeds nearer than this are one and the same on a label: 15.5 mph and 25 km/h. Common practice, no source. */
const SAME_LABEL_KMH = 0.3;

/** The label against the class it must leave in; while no class with a limit is chosen, against where assist ends. */
function labelMisfit({ profile, bike: { labelKmh, ...bike }, choice }: Judged, raws: Raws): readonly HazardFinding[] {
  if (labelKmh === null) return [];
  const found = (message: HazardFinding["message"]): readonly HazardFinding[] => [
    { severity: "caution", subject: "label", message },
  ];
  const limit = choice && assistLimit(choice);
  if (limit)
    return Math.abs(labelKmh - limit.kmh) > SAME_LABEL_KMH
      ? found({ key: "hazard.label-not-class", labelKmh, limitKmh: limit.kmh })
      : [];
  const cap = appliedCap(profile, raws, { ...bike, labelKmh });
  if (cap.kind === "uncapped") return found({ key: "hazard.label-not-cap", labelKmh, trueKmh: null });
  return cap.kind === "true" && cap.kmh.nominal > labelKmh + SAME_LABEL_KMH
    ? found({ key: "hazard.label-not-cap", labelKmh, trueKmh: cap.kmh.nominal })
    : [];
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

/** Whether two findings say the same of the same lines. */
export const sameFinding = (a: SheetFinding, b: SheetFinding): boolean =>
  a.message.key === b.message.key && a.lines.join() === b.lines.join();

const GRAVITY: readonly Severity[] = ["breach", "caution", "unknown", "note"];
const gravity = ({ severity }: { severity: Severity }): number => GRAVITY.indexOf(severity);
