/**
 * Proposes what every line should hold for this bike, class and rider, each value with its reason and the working
 * behind it. Where practitioners disagree the choice follows the product's stated position (docs/decisions.md) and can
 * be overridden.
 */
import { pulsesForAngle, startAngle, type StartAngle } from "../assist";
import { cutOffFloor } from "../battery";
import type { CurrentBound, CurrentPart } from "../battery/current";
import {
  contextOf,
  decodeAll,
  encodeLine,
  isShown,
  linesOf,
  rawValues,
  settingsOf,
  SETTINGS,
  shows,
  type Decoded,
  type DisplayProfile,
  type Encoded,
  type EncodeProblem,
  type Line,
  type SettingKey,
  type SettingValue,
} from "../display";
import { assistLimit, type AssistLimit, type ClassChoice } from "../law";
import { rankWheels, trueCap, type Interval, type ReadOutNeed, type Rollout } from "../wheel";
import { appliedCurrentA, decoded, readOut, type Raws } from "./applied";
import { own } from "../units/limits";
import type { Bike } from "./bike";
import { allowedOn, isOver, motorFacts, type MotorFacts } from "./currentBounds";

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
  | { readonly key: "reason.no-read-out"; readonly needs: readonly ReadOutNeed[] }
  /** Sealed with another value than the facts at hand would give: it stands as sealed. */
  | { readonly key: "reason.sealed" }
  | { readonly key: "reason.by-hand" }
  | { readonly key: "reason.cannot-hold"; readonly problem: EncodeProblem }
  | {
      readonly key: "reason.wheel";
      readonly rollout: Rollout;
      readonly turns: number;
      readonly options: readonly WheelOption[];
      readonly chosen: string;
      readonly asFound: WheelOption | null;
    }
  | {
      readonly key: "reason.cap";
      readonly limit: AssistLimit;
      readonly r: Interval;
      readonly settingKmh: number;
      readonly trueKmh: Interval;
      readonly heldIn: "kmh" | "mph";
      readonly of: "assist" | "throttle";
      readonly beyond: EncodeProblem | null;
    }
  | { readonly key: "reason.cap-not-shown"; readonly basis: "own" | "share" | "unknown" }
  | { readonly key: "reason.no-limit" }
  | { readonly key: "reason.throttle-off"; readonly className: string }
  | { readonly key: "reason.throttle-follows-level" }
  | { readonly key: "reason.throttle-not-fitted" }
  | { readonly key: "reason.throttle-as-class"; readonly className: string }
  | { readonly key: "reason.rolling-start" }
  | {
      readonly key: "reason.start-pulses";
      readonly pulses: number;
      readonly crankPulses: number;
      readonly angle: StartAngle;
      readonly rider: Bike["rider"];
    }
  | { readonly key: "reason.start-strength"; readonly share: number; readonly heavy: boolean }
  | { readonly key: "reason.walk-assist"; readonly limitKmh: number | null }
  | {
      readonly key: "reason.current";
      readonly bounds: readonly CurrentBound[];
      readonly by: CurrentPart;
      readonly motor: MotorFacts | null;
      readonly allowedA: number;
      readonly within: boolean;
    }
  | {
      readonly key: "reason.cut-off";
      /** Cells in series it spares, and every count such a pack may have. */
      readonly series: number;
      readonly options: readonly number[];
      readonly perCellV: number;
      readonly advisedV: number;
      readonly chemistry: Bike["chemistry"];
    }
  | { readonly key: "reason.nominal"; readonly packV: number; readonly series: number | null }
  | { readonly key: "reason.pulses"; readonly pulses: number }
  | { readonly key: "reason.power-on-zero" }
  | { readonly key: "reason.class-unit"; readonly unit: "kmh" | "mph"; readonly className: string }
  | { readonly key: "reason.volts-advised" }
  | { readonly key: "reason.owners-choice" }
  | { readonly key: "reason.technicians-choice" }
  | { readonly key: "reason.not-shown"; readonly by: string }
  | { readonly key: "reason.no-effect" }
  | { readonly key: "reason.unknown-scale" }
  | {
      readonly key: "reason.bundle";
      readonly settings: readonly SettingKey[];
      readonly missed: readonly SettingKey[];
      readonly changed: boolean;
    }
  | { readonly key: "reason.assist-only"; readonly className: string }
  | { readonly key: "reason.walk-speed"; readonly limitKmh: number }
  | { readonly key: "reason.level-zero" }
  | { readonly key: "reason.cruise-off" }
  | { readonly key: "reason.regeneration-off" }
  | { readonly key: "reason.softness"; readonly heavy: boolean }
  | { readonly key: "reason.readiness"; readonly rider: Bike["rider"] }
  | { readonly key: "reason.chemistry"; readonly chemistry: Bike["chemistry"] };

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
  /** The value itself is not allowed, only what lies on its safe side. */
  readonly strict?: boolean;
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

/**
 * The wheel and the unit first, since a cap rests on them; lines others hang on before those; bundles and caps last.
 */
const rank = (line: Line | undefined): number => {
  if (!line) return 0;
  if (line.encoding.kind === "speed-cap") return 3;
  if (line.encoding.kind === "bundle") return 2;
  return line.shownWhen || line.mattersWhen ? 1 : 0;
};

function proposeLine(context: ProposalContext, line: Line, index: number, soFar: Raws): ProposedLine {
  const { encoding } = line;
  const { overrides, unlocked } = context.wishes;
  const stay = (reason: Reason): ProposedLine => ({ line, index, raw: null, reason });
  if (encoding.kind === "read-only") return stay({ key: "reason.read-only" });
  if (line.shownWhen && !isShown(context.profile, index, soFar))
    return stay({ key: "reason.not-shown", by: line.shownWhen.line });
  const override = own(overrides, line.code);
  const isUnlocked = own(unlocked, line.code) !== undefined;
  if (override !== undefined && (!line.makerOnly || isUnlocked))
    return { line, index, raw: override, reason: { key: "reason.by-hand" } };
  if (encoding.kind === "reserved") return stay({ key: "reason.reserved" });
  if (line.effect === "none") return stay({ key: "reason.no-effect" });
  if (line.makerOnly && !isUnlocked) return stay({ key: "reason.maker-only" });
  switch (encoding.kind) {
    case "speed-cap":
      return proposeCap(context, line, index, soFar);
    case "wheel-code":
    case "wheel-size":
      return proposeWheel(context, line, index);
    case "bundle":
      return proposeBundle(context, line, index);
    case "unknown-scale":
      if (encoding.measured.length === 0) return stay({ key: "reason.unknown-scale" });
      break;
    default:
  }
  const draft = draftOf(context, encoding.setting);
  if (draft.value === null) return stay(draft.reason);
  const current = context.asFound[index];
  const encoded = encodeLine(encoding, draft.value, draft.strict ?? false, contextOf(context.profile, soFar));
  // What already stands for the wanted value stays, even where another number stands for it too.
  if (
    encoded.ok &&
    current !== null &&
    current !== undefined &&
    decodeAll(line, current, contextOf(context.profile, soFar))[encoding.setting] === encoded.held
  )
    return { line, index, raw: current, reason: draft.reason };
  return fromEncoded(line, index, encoded, draft.reason);
}

const fromEncoded = (line: Line, index: number, encoded: Encoded, reason: Reason): ProposedLine =>
  encoded.ok
    ? { line, index, raw: encoded.raw, reason }
    : { line, index, raw: null, reason: { key: "reason.cannot-hold", problem: encoded.problem } };

function proposeWheel({ profile, bike, asFound }: ProposalContext, line: Line, index: number): ProposedLine {
  const { encoding } = line;
  const none: ProposedLine = { line, index, raw: null, reason: { key: "reason.no-fact", needs: "rollout" } };
  if (!bike.rollout) return none;
  // A count or a percentage of 0 counts nothing: the wheel is then chosen as if the line were put right.
  const pulsesSet = decoded(profile, asFound, "pulsesPerTurn") || bike.pulsesPerTurn;
  const percent = decoded(profile, asFound, "speedCalibrationPercent") || 100;
  const candidates = rawValues(encoding).map((raw) => ({
    code: raw,
    circumferenceMm: Number(decodeAll(line, raw, contextOf(profile, asFound)).circumferenceMm ?? 0),
  }));
  const ranked = rankWheels(candidates, bike.rollout.mm, ((bike.pulsesPerTurn / pulsesSet) * percent) / 100);
  const best = ranked[0];
  if (!best) return none;
  const toOption = ({ code, circumferenceMm, r }: (typeof ranked)[number]): WheelOption => ({
    shows: shows(encoding, code),
    circumferenceMm,
    r,
  });
  const found = ranked.find(({ code }) => code === asFound[index]);
  const near = ranked.slice(0, 4);
  const options = [...(found && !near.includes(found) ? [...near.slice(0, 3), found] : near)]
    .map(toOption)
    .sort((a, b) => a.circumferenceMm - b.circumferenceMm);
  return {
    line,
    index,
    raw: best.code,
    reason: {
      key: "reason.wheel",
      rollout: bike.rollout,
      turns: bike.rolloutTurns,
      options,
      chosen: shows(encoding, best.code),
      asFound: found ? toOption(found) : null,
    },
  };
}

/**
 * One line that sets several things: the option that misses fewest of what is wanted, and the present one where none
 * misses fewer.
 */
function proposeBundle(context: ProposalContext, line: Line, index: number): ProposedLine {
  const stay = (reason: Reason): ProposedLine => ({ line, index, raw: null, reason });
  if (line.encoding.kind !== "bundle") return stay({ key: "reason.as-found" });
  const settings = settingsOf(line);
  const limit = context.choice ? assistLimit(context.choice) : null;
  const misses = (means: Decoded): readonly SettingKey[] =>
    settings.filter((setting) => {
      const has = means[setting];
      if (setting === "assistCapKmh")
        return limit !== null && (typeof has !== "number" || has > limit.kmh || (limit.strict && has === limit.kmh));
      const { value } = draftOf(context, setting);
      return value !== null && has !== undefined && has !== value;
    });
  const ranked = line.encoding.options
    .map((option) => ({ raw: option.raw, missed: misses(option.means as Decoded) }))
    .sort((a, b) => a.missed.length - b.missed.length);
  const best = ranked[0];
  const found = ranked.find(({ raw }) => raw === context.asFound[index]);
  if (!best) return stay({ key: "reason.as-found" });
  if (found && found.missed.length <= best.missed.length)
    return stay({ key: "reason.bundle", settings, missed: found.missed, changed: false });
  return { line, index, raw: best.raw, reason: { key: "reason.bundle", settings, missed: best.missed, changed: true } };
}

/** A read-out error of exactly 1 and sure of it: what a cap is worth before the wheel is known. */
const EXACT: Interval = { nominal: 1, low: 1, high: 1 };

function proposeCap({ profile, bike, choice }: ProposalContext, line: Line, index: number, soFar: Raws): ProposedLine {
  const { encoding } = line;
  const stay = (reason: Reason): ProposedLine => ({ line, index, raw: null, reason });
  if (encoding.kind !== "speed-cap") return stay({ key: "reason.as-found" });
  if (!choice) return stay({ key: "reason.no-fact", needs: "class" });
  const of = encoding.setting === "assistCapKmh" ? "assist" : "throttle";
  const limit = assistLimit(choice);
  if (!limit) return stay({ key: "reason.no-limit" });
  if (of === "throttle" && choice.rule.throttle.kind !== "to-assist-limit")
    return stay({ key: "reason.throttle-as-class", className: choice.rule.name });
  if (encoding.basis !== "shown") return stay({ key: "reason.cap-not-shown", basis: encoding.basis });
  const meter = readOut(profile, soFar, bike);
  if (meter.kind === "unknown") return stay({ key: "reason.no-read-out", needs: meter.needs });
  const context = contextOf(profile, soFar);
  const encoded = encodeLine(encoding, limit.kmh * meter.r.low, limit.strict, context);
  if (!encoded.ok) return stay({ key: "reason.cannot-hold", problem: encoded.problem });
  const settingKmh = typeof encoded.held === "number" ? encoded.held : limit.kmh;
  const heldIn = encoding.heldIn === "shown" ? (context.shownUnit ?? "mph") : encoding.heldIn;
  return {
    line,
    index,
    raw: encoded.raw,
    reason: {
      key: "reason.cap",
      limit,
      r: meter.r,
      settingKmh,
      trueKmh: trueCap(settingKmh, meter.r),
      heldIn,
      of,
      beyond: encoded.beyond,
    },
  };
}

/** What a limit comes to on a cap line when the speedometer is right, raw and in km/h. */
export function capOnLine(
  profile: DisplayProfile,
  choice: ClassChoice,
): { readonly raw: number; readonly heldKmh: number } | null {
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

/** Softness of the ramp as a share of the softest, and readiness of the start. Common practice, no source. */
const SOFTNESS = { usual: 0.6, heavy: 0.35 } as const;
const READINESS: Readonly<Record<Bike["rider"], number>> = { novice: 0.4, "used-to-it": 0.65 };

function draftOf(context: ProposalContext, setting: SettingKey): Draft {
  const draft = DRAFTS[setting];
  if (draft) return draft(context);
  return keep({ key: SETTINGS[setting].setBy === "owner" ? "reason.owners-choice" : "reason.technicians-choice" });
}

const ownBatteryAmps = ({ profile, bike, asFound }: ProposalContext) => {
  const allowed = allowedOn(bike);
  const foundA = appliedCurrentA(profile, asFound, bike);
  const within = foundA !== null && !allowed?.bounds.some((bound) => isOver(foundA, bound));
  return (
    allowed && {
      allowedA: allowed.allowedA,
      within,
      reason: { key: "reason.current", ...allowed, motor: motorFacts(bike), within } satisfies Reason,
    }
  );
};

/** Settings not named here stay as found: the owner's or the technician's choice. */
const DRAFTS: { readonly [K in SettingKey]?: (context: ProposalContext) => Draft } = {
  throttleMode: ({ bike, choice }) => {
    if (bike.throttleFitted === false) return keep({ key: "reason.throttle-not-fitted" });
    if (!choice) return keep({ key: "reason.no-fact", needs: "class" });
    const { kind } = choice.rule.throttle;
    if (kind === "none" || kind === "only-while-pedalling" || kind === "walking-pace")
      return { value: "off", reason: { key: "reason.throttle-off", className: choice.rule.name } };
    if (bike.rider === "novice") return { value: "follows-level", reason: { key: "reason.throttle-follows-level" } };
    return keep({ key: "reason.throttle-as-class", className: choice.rule.name });
  },
  throttleFromStandstill: ({ bike }) => {
    if (bike.throttleFitted === false) return keep({ key: "reason.throttle-not-fitted" });
    return bike.rider === "novice"
      ? { value: false, reason: { key: "reason.rolling-start" } }
      : keep({ key: "reason.owners-choice" });
  },
  startPulses: ({ bike }) => {
    const pulses = pulsesForAngle(START_ANGLE_DEG[bike.rider], bike.crankPulses);
    return {
      value: pulses,
      reason: {
        key: "reason.start-pulses",
        pulses,
        crankPulses: bike.crankPulses,
        angle: startAngle(pulses, bike.crankPulses),
        rider: bike.rider,
      },
    };
  },
  startStrengthShare: ({ bike }) => {
    const heavy = HEAVY_FRAME.test(bike.frame);
    const share = heavy ? START_SHARE.heavy : START_SHARE.usual;
    return { value: share, reason: { key: "reason.start-strength", share, heavy } };
  },
  walkAssistOn: ({ choice }) => keep({ key: "reason.walk-assist", limitKmh: choice?.rule.walkAssistKmh ?? null }),
  // Never raised of its own accord: more current heats controller, wires and connectors.
  currentLimitA: (context) => {
    const amps = ownBatteryAmps(context);
    if (!amps) return keep({ key: "reason.no-fact", needs: "current" });
    return amps.within ? keep(amps.reason) : { value: amps.allowedA, reason: amps.reason };
  },
  currentShare: (context) => {
    const amps = ownBatteryAmps(context);
    if (!amps || context.bike.controllerA === null) return keep({ key: "reason.no-fact", needs: "current" });
    return amps.within ? keep(amps.reason) : { value: amps.allowedA / context.bike.controllerA, reason: amps.reason };
  },
  cutOffV: ({ profile, bike, asFound }) => {
    // Where practice knows two counts, what spares the larger pack spares the smaller one.
    const series = bike.seriesOptions.at(-1);
    if (series === undefined) return keep({ key: "reason.no-fact", needs: "pack" });
    const line = linesOf(profile).find(({ encoding }) => encoding.setting === "cutOffV");
    const stepV =
      line?.encoding.kind === "number" || line?.encoding.kind === "around-default" ? Math.abs(line.encoding.perRaw) : 1;
    const { advisedV } = cutOffFloor(series, bike.chemistry, stepV);
    const foundV = decoded(profile, asFound, "cutOffV");
    const reason: Reason = {
      key: "reason.cut-off",
      series,
      options: bike.seriesOptions,
      perCellV: advisedV / series,
      advisedV,
      chemistry: bike.chemistry,
    };
    return foundV !== null && foundV >= advisedV && foundV <= advisedV + SPARING_V
      ? keep(reason)
      : { value: advisedV, reason };
  },
  nominalV: ({ bike }) =>
    bike.packV === null
      ? keep({ key: "reason.no-fact", needs: "pack" })
      : { value: bike.packV, reason: { key: "reason.nominal", packV: bike.packV, series: bike.series } },
  pulsesPerTurn: ({ bike }) => ({
    value: bike.pulsesPerTurn,
    reason: { key: "reason.pulses", pulses: bike.pulsesPerTurn },
  }),
  levelAtPowerOn: () => ({ value: 0, reason: { key: "reason.power-on-zero" } }),
  speedUnit: ({ choice }) =>
    choice
      ? {
          value: choice.rule.speedUnit,
          reason: { key: "reason.class-unit", unit: choice.rule.speedUnit, className: choice.rule.name },
        }
      : keep({ key: "reason.no-fact", needs: "class" }),
  batteryReadout: () => ({ value: "volts", reason: { key: "reason.volts-advised" } }),
  driveMode: ({ bike, choice }) => {
    if (bike.throttleFitted === false) return keep({ key: "reason.throttle-not-fitted" });
    if (!choice) return keep({ key: "reason.no-fact", needs: "class" });
    const { kind } = choice.rule.throttle;
    if (kind === "none" || kind === "only-while-pedalling" || kind === "walking-pace")
      return { value: "assist-only", reason: { key: "reason.assist-only", className: choice.rule.name } };
    return keep({ key: "reason.throttle-as-class", className: choice.rule.name });
  },
  walkAssistKmh: ({ choice }) => {
    const limitKmh = choice?.rule.walkAssistKmh ?? null;
    return limitKmh === null
      ? keep({ key: "reason.walk-assist", limitKmh })
      : { value: limitKmh, reason: { key: "reason.walk-speed", limitKmh } };
  },
  levelZero: () => ({ value: true, reason: { key: "reason.level-zero" } }),
  cruiseOn: () => ({ value: false, reason: { key: "reason.cruise-off" } }),
  regenShare: ({ bike }) =>
    bike.motorKind === "direct-drive-hub"
      ? keep({ key: "reason.owners-choice" })
      : { value: 0, reason: { key: "reason.regeneration-off" } },
  rampSoftness: ({ bike }) => {
    const heavy = HEAVY_FRAME.test(bike.frame);
    return { value: heavy ? SOFTNESS.heavy : SOFTNESS.usual, reason: { key: "reason.softness", heavy } };
  },
  startReadiness: ({ bike }) => ({
    value: READINESS[bike.rider],
    reason: { key: "reason.readiness", rider: bike.rider },
  }),
  packChemistry: ({ bike }) => ({
    value: bike.chemistry,
    reason: { key: "reason.chemistry", chemistry: bike.chemistry },
  }),
};
