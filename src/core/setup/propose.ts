/**
 * Proposes what every line should hold for this bike, class and rider, each value with its reason and the working behind it.
 * Where practitioners disagree the choice follows the product's stated position (docs/decisions.md) and can be overridden.
 */
import { pulsesForAngle, startAngle, type StartAngle } from "../assist";
import { cutOffFloor } from "../battery";
import { codeCircumferenceMm, decodeLine, encodeLine, linesOf, rankCodes, shows, type DisplayProfile, type Encoded, type EncodeProblem, type Line, type SettingKey, type SettingValue } from "../display";
import { assistLimit, type AssistLimit, type ClassChoice } from "../law";
import { trueCap, type Interval, type Rollout } from "../wheel";
import { decoded, speedometer, type Raws } from "./applied";
import type { Bike } from "./bike";

/** One candidate of a wheel line, for the picture beside the reason. */
export interface WheelOption {
  readonly shows: string;
  readonly circumferenceMm: number;
  readonly r: number;
}

export type Reason =
  | { readonly key: "reason.as-found" }
  | { readonly key: "reason.maker-only" }
  | { readonly key: "reason.reserved" }
  | { readonly key: "reason.read-only" }
  | { readonly key: "reason.no-fact"; readonly needs: "rollout" | "pack" | "current" | "class" }
  | { readonly key: "reason.by-hand" }
  | { readonly key: "reason.cannot-hold"; readonly problem: EncodeProblem }
  | { readonly key: "reason.wheel"; readonly rollout: Rollout; readonly turns: number; readonly options: readonly WheelOption[]; readonly chosen: string; readonly asFound: WheelOption | null }
  | { readonly key: "reason.cap"; readonly limit: AssistLimit; readonly r: Interval; readonly settingKmh: number; readonly trueKmh: Interval; readonly heldIn: "kmh" | "mph"; readonly beyond: EncodeProblem | null }
  | { readonly key: "reason.cap-not-shown"; readonly basis: "own" | "share" | "unknown" }
  | { readonly key: "reason.no-limit" }
  | { readonly key: "reason.throttle-off"; readonly className: string }
  | { readonly key: "reason.throttle-follows-level" }
  | { readonly key: "reason.throttle-not-fitted" }
  | { readonly key: "reason.throttle-as-class"; readonly className: string }
  | { readonly key: "reason.rolling-start" }
  | { readonly key: "reason.start-pulses"; readonly pulses: number; readonly crankPulses: number; readonly angle: StartAngle; readonly rider: Bike["rider"] }
  | { readonly key: "reason.start-strength"; readonly share: number; readonly heavy: boolean }
  | { readonly key: "reason.walk-assist"; readonly limitKmh: number | null }
  | { readonly key: "reason.current"; readonly controllerA: number | null; readonly bmsA: number | null; readonly allowedA: number; readonly foundA: number | null }
  | { readonly key: "reason.cut-off"; readonly series: number; readonly perCellV: number; readonly advisedV: number; readonly chemistry: Bike["chemistry"] }
  | { readonly key: "reason.nominal"; readonly packV: number; readonly series: number | null }
  | { readonly key: "reason.pulses"; readonly pulses: number }
  | { readonly key: "reason.power-on-zero" }
  | { readonly key: "reason.class-unit"; readonly unit: "kmh" | "mph"; readonly className: string }
  | { readonly key: "reason.volts-advised" }
  | { readonly key: "reason.owners-choice" };

export interface ProposedLine {
  readonly line: Line;
  readonly index: number;
  /** Raw value to set, or null where it stays as found. */
  readonly raw: number | null;
  readonly reason: Reason;
}

export interface Wishes {
  /** Raw values chosen by hand, by line code. */
  readonly overrides: Readonly<Record<string, number>>;
  /** Maker-only lines unlocked, with the written reason, by line code. */
  readonly unlocked: Readonly<Record<string, string>>;
}

export interface ProposalContext {
  readonly profile: DisplayProfile;
  readonly bike: Bike;
  readonly choice: ClassChoice | null;
  readonly asFound: Raws;
  readonly wishes: Wishes;
}

interface Draft {
  readonly value: SettingValue | null;
  readonly reason: Reason;
}

const keep = (reason: Reason): Draft => ({ value: null, reason });

/** Proposes a value for every line, in menu order. The wheel comes before the cap, since the cap rests on it. */
export function propose(context: ProposalContext): readonly ProposedLine[] {
  const { profile } = context;
  const lines = linesOf(profile);
  const proposed = new Map<number, ProposedLine>();
  const soFar = (): Raws => lines.map((_, i) => proposed.get(i)?.raw ?? context.asFound[i] ?? null);
  const order = lines.map((_, i) => i).sort((a, b) => rank(lines[a]) - rank(lines[b]));
  for (const index of order) {
    const line = lines[index];
    if (line) proposed.set(index, proposeLine(context, line, index, soFar()));
  }
  return lines.flatMap((_, i) => proposed.get(i) ?? []);
}

const rank = (line: Line | undefined): number => (line?.encoding.kind === "speed-cap" ? 1 : 0);

function proposeLine(context: ProposalContext, line: Line, index: number, soFar: Raws): ProposedLine {
  const { encoding } = line;
  const { overrides, unlocked } = context.wishes;
  const stay = (reason: Reason): ProposedLine => ({ line, index, raw: null, reason });
  if (encoding.kind === "read-only") return stay({ key: "reason.read-only" });
  const override = overrides[line.code];
  if (override !== undefined && (!line.makerOnly || unlocked[line.code])) return { line, index, raw: override, reason: { key: "reason.by-hand" } };
  if (encoding.kind === "reserved") return stay({ key: "reason.reserved" });
  if (line.makerOnly && !unlocked[line.code]) return stay({ key: "reason.maker-only" });
  if (encoding.kind === "speed-cap") return proposeCap(context, line, index, soFar);
  if (encoding.kind === "wheel-code") return proposeWheel(context, line, index);
  const draft = DRAFTS[encoding.setting](context);
  if (draft.value === null) return stay(draft.reason);
  return fromEncoded(line, index, encodeLine(encoding, draft.value), draft.reason);
}

const fromEncoded = (line: Line, index: number, encoded: Encoded, reason: Reason): ProposedLine =>
  encoded.ok ? { line, index, raw: encoded.raw, reason } : { line, index, raw: null, reason: { key: "reason.cannot-hold", problem: encoded.problem } };

function proposeWheel({ profile, bike, asFound }: ProposalContext, line: Line, index: number): ProposedLine {
  const { encoding } = line;
  if (encoding.kind !== "wheel-code" || !bike.rollout) return { line, index, raw: null, reason: { key: "reason.no-fact", needs: "rollout" } };
  const pulsesSet = decoded(profile, asFound, "pulsesPerTurn") ?? bike.pulsesPerTurn;
  const ranked = rankCodes(encoding, bike.rollout.mm, bike.pulsesPerTurn / pulsesSet);
  const best = ranked[0];
  if (!best) return { line, index, raw: null, reason: { key: "reason.no-fact", needs: "rollout" } };
  const toOption = ({ code, r }: (typeof ranked)[number]): WheelOption => ({ shows: code.shows, circumferenceMm: codeCircumferenceMm(code), r });
  const found = ranked.find(({ code }) => code.raw === asFound[index]);
  const near = ranked.slice(0, 4);
  const options = [...(found && !near.includes(found) ? [...near.slice(0, 3), found] : near)].map(toOption).sort((a, b) => a.circumferenceMm - b.circumferenceMm);
  return {
    line,
    index,
    raw: best.code.raw,
    reason: { key: "reason.wheel", rollout: bike.rollout, turns: bike.rolloutTurns, options, chosen: best.code.shows, asFound: found ? toOption(found) : null },
  };
}

/** A read-out error of exactly 1 and sure of it: what a cap is worth before the wheel is known. */
const EXACT: Interval = { nominal: 1, low: 1, high: 1 };

function proposeCap({ profile, bike, choice }: ProposalContext, line: Line, index: number, soFar: Raws): ProposedLine {
  const { encoding } = line;
  const stay = (reason: Reason): ProposedLine => ({ line, index, raw: null, reason });
  if (encoding.kind !== "speed-cap") return stay({ key: "reason.as-found" });
  if (!choice) return stay({ key: "reason.no-fact", needs: "class" });
  const limit = assistLimit(choice);
  if (!limit) return stay({ key: "reason.no-limit" });
  if (encoding.basis !== "shown") return stay({ key: "reason.cap-not-shown", basis: encoding.basis });
  const meter = speedometer(profile, soFar, bike);
  if (!meter) return stay({ key: "reason.no-fact", needs: "rollout" });
  const encoded = encodeLine(encoding, limit.kmh * meter.r.low, limit.strict);
  if (!encoded.ok) return stay({ key: "reason.cannot-hold", problem: encoded.problem });
  const settingKmh = typeof encoded.held === "number" ? encoded.held : limit.kmh;
  return {
    line,
    index,
    raw: encoded.raw,
    reason: { key: "reason.cap", limit, r: meter.r, settingKmh, trueKmh: trueCap(settingKmh, meter.r), heldIn: encoding.heldIn, beyond: encoded.beyond },
  };
}

/** What a limit comes to on a cap line when the speedometer is right, raw and in km/h. */
export function capOnLine(profile: DisplayProfile, choice: ClassChoice): { readonly raw: number; readonly heldKmh: number } | null {
  const line = linesOf(profile).find(({ encoding }) => encoding.kind === "speed-cap");
  const limit = assistLimit(choice);
  if (!line || !limit) return null;
  const encoded = encodeLine(line.encoding, limit.kmh * EXACT.low, limit.strict);
  return encoded.ok && typeof encoded.held === "number" ? { raw: encoded.raw, heldKmh: encoded.held } : null;
}

// ── one position of the product per setting ─────────────────────────────────────────────────────────────────────────

/** Crank turn before assist starts, degrees: a calm start for a novice. Common practice, no source. */
const START_ANGLE_DEG: Readonly<Record<Bike["rider"], number>> = { novice: 150, "used-to-it": 90 };

/** Start strength as a share of the hardest; too soft bogs down under a load. Common practice, no source. */
const START_SHARE = { usual: 0.55, heavy: 0.85 } as const;

/** A cut-off up to this much above the advised one spares the pack and is left alone, V. Common practice, no source. */
const SPARING_V = 1;

const HEAVY_FRAME = /cargo|long-?tail|trailer|delivery|trike|three-wheel/i;

type Draftable = Exclude<SettingKey, "circumferenceMm" | "assistCapKmh">;

const DRAFTS: { readonly [K in Draftable]: (context: ProposalContext) => Draft } = {
  throttleMode: ({ bike, choice }) => {
    if (bike.throttleFitted === false) return keep({ key: "reason.throttle-not-fitted" });
    if (!choice) return keep({ key: "reason.no-fact", needs: "class" });
    const { kind } = choice.rule.throttle;
    if (kind === "none" || kind === "only-while-pedalling" || kind === "walking-pace") return { value: "off", reason: { key: "reason.throttle-off", className: choice.rule.name } };
    if (bike.rider === "novice") return { value: "follows-level", reason: { key: "reason.throttle-follows-level" } };
    return keep({ key: "reason.throttle-as-class", className: choice.rule.name });
  },
  throttleFromStandstill: ({ bike }) => {
    if (bike.throttleFitted === false) return keep({ key: "reason.throttle-not-fitted" });
    return bike.rider === "novice" ? { value: false, reason: { key: "reason.rolling-start" } } : keep({ key: "reason.owners-choice" });
  },
  startPulses: ({ bike }) => {
    const pulses = pulsesForAngle(START_ANGLE_DEG[bike.rider], bike.crankPulses);
    return { value: pulses, reason: { key: "reason.start-pulses", pulses, crankPulses: bike.crankPulses, angle: startAngle(pulses, bike.crankPulses), rider: bike.rider } };
  },
  startStrengthShare: ({ bike }) => {
    const heavy = HEAVY_FRAME.test(bike.frame);
    const share = heavy ? START_SHARE.heavy : START_SHARE.usual;
    return { value: share, reason: { key: "reason.start-strength", share, heavy } };
  },
  walkAssistOn: ({ choice }) => keep({ key: "reason.walk-assist", limitKmh: choice?.rule.walkAssistKmh ?? null }),
  currentLimitA: ({ profile, bike, asFound }) => {
    const amps = [bike.controllerA, bike.bmsA].filter((a): a is number => a !== null);
    if (amps.length === 0) return keep({ key: "reason.no-fact", needs: "current" });
    const allowedA = Math.min(...amps);
    const foundA = decoded(profile, asFound, "currentLimitA");
    const reason: Reason = { key: "reason.current", controllerA: bike.controllerA, bmsA: bike.bmsA, allowedA, foundA };
    // Never raised of its own accord: more current heats controller, wires and connectors.
    return foundA !== null && foundA <= allowedA ? keep(reason) : { value: allowedA, reason };
  },
  cutOffV: ({ profile, bike, asFound }) => {
    if (bike.series === null) return keep({ key: "reason.no-fact", needs: "pack" });
    const line = linesOf(profile).find(({ encoding }) => encoding.setting === "cutOffV");
    const stepV = line?.encoding.kind === "scaled" ? line.encoding.perRaw : 1;
    const { advisedV } = cutOffFloor(bike.series, bike.chemistry, stepV);
    const foundV = decoded(profile, asFound, "cutOffV");
    const reason: Reason = { key: "reason.cut-off", series: bike.series, perCellV: advisedV / bike.series, advisedV, chemistry: bike.chemistry };
    return foundV !== null && foundV >= advisedV && foundV <= advisedV + SPARING_V ? keep(reason) : { value: advisedV, reason };
  },
  nominalV: ({ bike }) =>
    bike.packV === null ? keep({ key: "reason.no-fact", needs: "pack" }) : { value: bike.packV, reason: { key: "reason.nominal", packV: bike.packV, series: bike.series } },
  pulsesPerTurn: ({ bike }) => ({ value: bike.pulsesPerTurn, reason: { key: "reason.pulses", pulses: bike.pulsesPerTurn } }),
  assistLevels: () => keep({ key: "reason.owners-choice" }),
  levelAtPowerOn: () => ({ value: 0, reason: { key: "reason.power-on-zero" } }),
  speedUnit: ({ choice }) =>
    choice ? { value: choice.rule.speedUnit, reason: { key: "reason.class-unit", unit: choice.rule.speedUnit, className: choice.rule.name } } : keep({ key: "reason.no-fact", needs: "class" }),
  autoOffMin: () => keep({ key: "reason.owners-choice" }),
  batteryReadout: () => ({ value: "volts", reason: { key: "reason.volts-advised" } }),
};

/** What a raw value of a line means, for the sheet: the value shown and the canonical value behind it. */
export const meaningOf = (line: Line, raw: number): { readonly shows: string; readonly means: SettingValue | null } => ({
  shows: shows(line.encoding, raw),
  means: decodeLine(line.encoding, raw),
});
