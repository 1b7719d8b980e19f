/**
 * Proposes what every line should hold for this bike, class and rider, each value with its reason. One solver a kind of
 * line; each is asked when the lines it rests on are decided, and sees what they will hold.
 */
import type { Raws } from "../applied";
import {
  capBasisOf,
  holds,
  isShown,
  isUnsure,
  linesOf,
  settingsOf,
  type Conditions,
  type DisplayProfile,
  type Encoding,
  type Line,
  type SettingKey,
} from "../display";
import { own } from "../units/limits";
import { decideCap, decideShare } from "./cap";
import { stay, type Asked, type ProposalContext, type ProposedLine, type Solver } from "./context";
import { decidePreset } from "./preset";
import { decidePulsesOrOther } from "./pulsesOrOther";
import { decideSingle } from "./single";
import { decideWheel } from "./wheel";

/** What decides a line, by how it holds its value: a kind nobody decides does not compile. */
const SOLVERS: Readonly<Record<Encoding["kind"], Solver>> = {
  choice: decideSingle,
  number: decideSingle,
  "around-default": decideSingle,
  "unknown-scale": decideSingle,
  "wheel-code": decideWheel,
  "wheel-size": decideWheel,
  "speed-cap": decideCap,
  bundle: decidePreset,
  "pulses-or-other": decidePulsesOrOther,
  clock: (_, asked) => stay(asked, { key: "reason.clock" }),
  "read-only": (_, asked) => stay(asked, { key: "reason.read-only" }),
  reserved: (_, asked) => stay(asked, { key: "reason.reserved" }),
};

/** What has a say in how far a wheel line makes the display read off. */
const COUNTING: readonly SettingKey[] = ["pulsesPerTurn", "motorPulses", "speedSensor", "speedCalibrationPercent"];
/** What has a say in where a cap really ends drive. */
const READING: readonly SettingKey[] = [...COUNTING, "circumferenceMm", "speedUnit"];

/** What decides whether a throttle may stay as it is. */
const HOLDING_BACK: readonly SettingKey[] = ["throttleWalkingPace", "throttleAfterPedalling"];

/** Settings whose lines are decided before a line of these. */
function restsOn(line: Line): readonly SettingKey[] {
  const settings = settingsOf(line);
  if (capBasisOf(line.encoding) !== null) return READING;
  if (settings.includes("capPowerShare")) return [...READING, "assistCapKmh"];
  if (settings.includes("circumferenceMm")) return COUNTING;
  if (settings.includes("pulsesPerTurn") || settings.includes("motorPulses")) return ["speedSensor"];
  if (settings.includes("walkAssistKmh")) return READING;
  if (settings.includes("walkAssistOn")) return [...READING, "walkAssistKmh"];
  if (settings.includes("throttleMode") || settings.includes("driveMode"))
    return [...READING, ...HOLDING_BACK, "assistCapKmh", "throttleCapKmh"];
  return settings.includes("cutOffV") ? ["nominalV"] : [];
}

/** The lines in an order in which everything comes after what it rests on and hangs on; else in menu order. */
function inOrder(lines: readonly Line[]): readonly number[] {
  const order: number[] = [];
  const seen = new Set<number>();
  const visit = (index: number): void => {
    const line = lines[index];
    if (!line || seen.has(index)) return;
    seen.add(index);
    const hangsOn = [...(line.shownWhen ?? []), ...(line.mattersWhen ?? [])].map((each) => each.line);
    const before = restsOn(line);
    lines.forEach((other, i) => {
      if (hangsOn.includes(other.code) || settingsOf(other).some((setting) => before.includes(setting))) visit(i);
    });
    order.push(index);
  };
  lines.forEach((_, i) => visit(i));
  return order;
}

/** Proposes a value for every line, in menu order. */
export function propose(context: ProposalContext): readonly ProposedLine[] {
  const lines = linesOf(context.profile);
  const decided = new Map<number, ProposedLine>();
  for (const index of inOrder(lines)) {
    const line = lines[index];
    const others: Raws = lines.map((_, i) => decided.get(i)?.raw ?? context.asFound[i] ?? null);
    if (line) decided.set(index, proposeLine(context, { line, index, others }));
  }
  // A line that came into the menu only by what was decided after it.
  for (const [index, { reason }] of decided) {
    const line = lines[index];
    if (!line || reason.key !== "reason.not-shown") continue;
    const others: Raws = lines.map((_, i) => decided.get(i)?.raw ?? context.asFound[i] ?? null);
    if (isShown(context.profile, index, others)) decided.set(index, proposeLine(context, { line, index, others }));
  }
  return lines.flatMap((_, i) => decided.get(i) ?? []);
}

/** The line that keeps another out of the menu: the first whose condition does not hold. */
const hidesIt = (profile: DisplayProfile, conditions: Conditions, others: Raws): string =>
  (conditions.find((each) => !holds([each], profile, others)) ?? conditions[0])?.line ?? "";

/** What hand, lock and menu say of a line comes before what would be decided. */
function proposeLine(context: ProposalContext, asked: Asked): ProposedLine {
  const { line, index, others } = asked;
  const { overrides, unlocked } = context.byHand;
  if (line.encoding.kind === "read-only") return SOLVERS["read-only"](context, asked);
  if (line.shownWhen && !isShown(context.profile, index, others))
    return stay(asked, { key: "reason.not-shown", by: hidesIt(context.profile, line.shownWhen, others) });
  const chosen = own(overrides, line.code);
  const isLocked = line.makerOnly && own(unlocked, line.code) === undefined;
  if (chosen !== undefined && !isLocked) return { line, index, raw: chosen, reason: { key: "reason.by-hand" } };
  if (line.encoding.kind === "reserved") return SOLVERS.reserved(context, asked);
  if (line.effect === "none") return stay(asked, { key: "reason.no-effect" });
  if (isLocked) return stay(asked, { key: "reason.maker-only" });
  if (isUnsure(line)) return stay(asked, { key: "reason.unsure" });
  // A cap is decided alike in whatever way its line writes it, but where it comes with other things.
  // A wheel is sought among all sizes its line can hold, in whatever way it writes them.
  if (line.encoding.setting === "circumferenceMm" && SOLVERS[line.encoding.kind] === decideSingle)
    return decideWheel(context, asked);
  if (line.encoding.setting === "capPowerShare") return decideShare(context, asked);
  const isCap = line.encoding.kind !== "bundle" && capBasisOf(line.encoding) !== null;
  return (isCap ? decideCap : SOLVERS[line.encoding.kind])(context, asked);
}
