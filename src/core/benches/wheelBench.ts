/**
 * The wheel at the bench: every source of its size, and the best lines a display can take for it. Sets of lines are
 * judged by read-out error, by where the cap then really bites, and by which side is safe.
 */
import {
  capBasisOf,
  contextOf,
  decodeAll,
  encodeLine,
  linesOf,
  rawValues,
  settingsOf,
  shows,
  type DisplayProfile,
  type Line,
  type SettingKey,
} from "../display";
import { assistLimit, type ClassChoice } from "../law";
import { kmhToMph, mphToKmh } from "../units";
import { measuredRollout, readoutError, trueCap, type Interval, type WheelTruth } from "../wheel";
import { bestPair, type Pair } from "../wheel/pairSearch";
import { pickUpHypotheses, workBack, type WorkedBack } from "../wheel/pickUp";
import { rolloutSources, type SourcedRollout } from "../wheel/sources";
import {
  countingSetting,
  decoded,
  pulsesGiven,
  pulsesSet,
  speedometer,
  wheelUncertainty,
  type Counting,
  type Raws,
} from "../applied/applied";
import type { Bike } from "../facts/bike";
import type { Facts } from "../facts/everyFact";

interface Candidates {
  readonly line: Line | null;
  readonly index: number;
  readonly options: readonly { readonly code: number; readonly value: number }[];
  readonly found: number | null;
}

/** Values a display's line can hold of a setting, as numbers. */
function candidatesOf(profile: DisplayProfile, raws: Raws, setting: SettingKey): Candidates {
  const index = linesOf(profile).findIndex((line) => settingsOf(line).includes(setting));
  const line = linesOf(profile)[index] ?? null;
  if (!line) return { line: null, index, options: [], found: null };
  const context = contextOf(profile, raws);
  const options = rawValues(line.encoding).flatMap((raw) => {
    const value = decodeAll(line, raw, context)[setting];
    return typeof value === "number" && value > 0 ? [{ code: raw, value }] : [];
  });
  return { line, index, options, found: raws[index] ?? null };
}

export interface LineChange {
  readonly code: string;
  readonly from: string | null;
  readonly to: string;
  readonly makerOnly: boolean;
}

/** One way of setting wheel and pulses, and what it comes to. */
export interface WheelChoice {
  readonly what: "as-found" | "best-wheel" | "best-pulses" | "best-pair";
  readonly changes: readonly LineChange[];
  readonly circumferenceMm: number;
  /** How the display counts with them, and the rollout it is held against. */
  readonly counting: Counting;
  readonly rolloutMm: number;
  readonly r: number;
  /** Where the cap now set really bites, km/h; null where its cap cannot be converted. */
  readonly capNow: Interval | null;
  /** The cap that would hold the class limit with these lines, as set and as it bites, km/h; null without a limit. */
  readonly capToSet: { readonly shown: string; readonly trueKmh: Interval } | null;
}

export interface WheelBench {
  readonly sources: readonly SourcedRollout[];
  readonly choices: readonly WheelChoice[];
  /** The choice worth making, where one reads clearly nearer to true than what stands there. */
  readonly better: WheelChoice | null;
  /** Why there are no choices, where there are none. */
  readonly lacks: "display" | "rollout" | "wheel-line" | "pulses" | "as-found" | null;
}

export interface WheelAsk {
  readonly bike: Bike;
  readonly facts: Facts;
  readonly profile: DisplayProfile | null;
  readonly raws: Raws;
  readonly choice: ClassChoice | null;
}

/** What a calibration line multiplies the shown speed by; 1 without one. */
const percentOf = (profile: DisplayProfile, raws: Raws): number =>
  (decoded(profile, raws, "speedCalibrationPercent") ?? 100) / 100;

export interface Calibrated {
  /** Real pulses per millimetre of way, worked back from r and the lines it was measured with. */
  readonly pulsesPerMm: number;
  /** Relative half-width of r. */
  readonly uncertainty: number;
}

/** What the choices are made among, and what they are held against. */
interface Scene {
  readonly ask: WheelAsk & { readonly profile: DisplayProfile };
  readonly wheel: Candidates;
  readonly pulse: Candidates;
  /** Counts to choose among: those of the line, or the one in force where no line sets any. */
  readonly counts: Candidates["options"];
  /** Pulses the pick-up gives per wheel turn, and the rollout they are held against. */
  readonly given: number;
  readonly rolloutMm: number;
  /** What a calibration line multiplies by. */
  readonly factor: number;
  readonly pulsesPerMm: number;
  /** What a calibration makes of one counted turn, in the place of a turn of the wheel. */
  readonly truth: WheelTruth | null;
}

/** Works out sources and choices; a calibration overrides what rollout and pick-up say. */
export function wheelBench(ask: WheelAsk, calibrated: Calibrated | null = null): WheelBench {
  const { bike, facts, profile, raws } = ask;
  const measured = bike.rollout?.from === "measured" ? bike.rollout : null;
  const sources = rolloutSources({
    measured: measured && measuredRollout({ distanceMm: measured.mm, turns: 1, tapeErrorMm: measured.uncertaintyMm }),
    gps: gpsRollout(bike, facts, profile, raws),
    outerDiameterMm: facts.number("outerDiameterMm"),
    tyre: bike.tyre,
  });
  const lacking = (lacks: WheelBench["lacks"]): WheelBench => ({ sources, choices: [], better: null, lacks });
  if (!profile) return lacking("display");
  if (!bike.rollout && !calibrated) return lacking("rollout");
  const wheel = candidatesOf(profile, raws, "circumferenceMm");
  if (!wheel.line) return lacking("wheel-line");
  const inForce = pulsesSet(profile, raws, bike);
  const physical = pulsesGiven(profile, raws, bike);
  // What was measured on the road needs no count of what the pick-up gives.
  const given = typeof physical === "number" ? physical : calibrated && inForce;
  if (inForce === null || given === null) return lacking("pulses");
  const setting = countingSetting(profile, raws);
  const pulse = setting ? candidatesOf(profile, raws, setting) : { line: null, index: -1, options: [], found: null };
  const rolloutMm = bike.rollout?.mm ?? Number.NaN;
  const factor = percentOf(profile, raws);
  const choices = choicesOf({
    ask: { ...ask, profile },
    wheel,
    pulse,
    counts: pulse.options.length > 0 ? pulse.options : [{ code: -1, value: inForce }],
    given,
    rolloutMm,
    factor,
    pulsesPerMm: (calibrated?.pulsesPerMm ?? given / rolloutMm) * factor,
    truth: calibrated && {
      rolloutMm: 1 / calibrated.pulsesPerMm,
      rolloutUncertaintyMm: calibrated.uncertainty / calibrated.pulsesPerMm,
      pulsesPerTurn: 1,
    },
  });
  return { sources, choices, better: betterOf(choices), lacks: choices.length === 0 ? "as-found" : null };
}

/** The best of each way of setting wheel and pulses. */
function choicesOf(scene: Scene): readonly WheelChoice[] {
  const { wheel, pulse, counts, pulsesPerMm, given } = scene;
  const foundWheel = wheel.options.filter(({ code }) => code === wheel.found);
  const foundCount = pulse.line ? pulse.options.filter(({ code }) => code === pulse.found) : counts;
  const search = (what: WheelChoice["what"], wheels: Candidates["options"], from: Candidates["options"]) => {
    const best = bestPair({
      wheels: wheels.map(({ code, value }) => ({ code, circumferenceMm: value })),
      pulses: from.map(({ code, value }) => ({ code, count: value })),
      asFound: { wheel: wheel.found, pulse: pulse.line ? pulse.found : -1 },
      pulsesPerMm,
      physicalPulses: given,
    });
    return best && describe(scene, what, best);
  };
  return [
    search("as-found", foundWheel, foundCount),
    search("best-wheel", wheel.options, foundCount),
    pulse.line ? search("best-pulses", foundWheel, pulse.options) : null,
    pulse.line ? search("best-pair", wheel.options, counts) : null,
  ].filter((each): each is WheelChoice => each !== null);
}

const changeOf = ({ line, found }: Candidates, code: number): readonly LineChange[] =>
  line && code !== found
    ? [
        {
          code: line.code,
          from: found === null ? null : shows(line.encoding, found),
          to: shows(line.encoding, code),
          makerOnly: line.makerOnly,
        },
      ]
    : [];

/** What a pair of lines comes to; null where no read-out error follows from it. */
function describe(
  { ask: { profile, raws, bike, choice }, wheel, pulse, given, rolloutMm, factor, truth }: Scene,
  what: WheelChoice["what"],
  pair: Pair<number, number>,
): WheelChoice | null {
  const column = raws.map((raw, i) => (i === wheel.index ? pair.wheel : i === pulse.index ? pair.pulse : raw));
  const r = truth
    ? readoutError(truth, {
        circumferenceMm: pair.circumferenceMm * factor,
        circumferenceUncertainty: wheelUncertainty(profile, raws),
        pulsesPerTurn: pair.count,
      })
    : (speedometer(profile, column, bike)?.r ?? null);
  if (!r) return null;
  const capLine = linesOf(profile).find(
    ({ encoding }) => encoding.setting === "assistCapKmh" && capBasisOf(encoding) === "shown",
  );
  const limit = choice && assistLimit(choice);
  const setKmh = capLine ? decoded(profile, raws, "assistCapKmh") : null;
  const held =
    capLine && limit ? encodeLine(capLine.encoding, limit.kmh * r.low, limit.strict, contextOf(profile, raws)) : null;
  return {
    what,
    changes: [...changeOf(wheel, pair.wheel), ...changeOf(pulse, pair.pulse)],
    circumferenceMm: pair.circumferenceMm,
    counting: { given: truth ? truth.pulsesPerTurn : given, set: pair.count, factor },
    rolloutMm: truth ? truth.rolloutMm : rolloutMm,
    r: pair.r,
    capNow: typeof setKmh === "number" ? trueCap(setKmh, r) : null,
    capToSet:
      capLine && held?.ok && typeof held.held === "number"
        ? { shown: shows(capLine.encoding, held.raw), trueKmh: trueCap(held.held, r) }
        : null,
  };
}

/** Nearer to true by less than this is not worth a change. */
const WORTH = 0.002;

function betterOf(choices: readonly WheelChoice[]): WheelChoice | null {
  const of = (what: WheelChoice["what"]) => choices.find((each) => each.what === what);
  const best = of("best-pair") ?? of("best-wheel");
  const now = of("as-found");
  return best && now && Math.abs(best.r - 1) + WORTH < Math.abs(now.r - 1) ? best : null;
}

/** Unit the display shows speed in, and the way from it to km/h. */
export function shownUnitOf(
  profile: DisplayProfile | null,
  raws: Raws,
): {
  readonly unit: "kmh" | "mph";
  readonly toKmh: (shown: number) => number;
  readonly fromKmh: (kmh: number) => number;
} {
  const unit = (profile && contextOf(profile, raws).shownUnit) ?? "kmh";
  return unit === "mph"
    ? { unit, toKmh: mphToKmh, fromKmh: kmhToMph }
    : { unit, toKmh: (shown) => shown, fromKmh: (kmh) => kmh };
}

/** Rollout that one GPS reading implies under the lines now set; null without them. */
function gpsRollout(
  bike: Bike,
  facts: Facts,
  profile: DisplayProfile | null,
  raws: Raws,
): { readonly mm: number; readonly uncertaintyMm: number } | null {
  const [trueKmh, shown] = [facts.number("oneTrueKmh"), facts.number("oneShown")];
  if (!profile || trueKmh === null || shown === null || shown <= 0) return null;
  const circumferenceMm = decoded(profile, raws, "circumferenceMm");
  const pulses = pulsesSet(profile, raws, bike);
  const given = pulsesGiven(profile, raws, bike);
  if (circumferenceMm === null || pulses === null || typeof given !== "number") return null;
  const { toKmh } = shownUnitOf(profile, raws);
  const mm = (circumferenceMm * percentOf(profile, raws) * (given / pulses) * trueKmh) / toKmh(shown);
  return {
    mm,
    uncertaintyMm: mm * (facts.number("oneTrueErrorKmh") / trueKmh + facts.number("shownStep") / 2 / shown),
  };
}

/** Which pick-up it is, from one reading; null while the reading or what is set is not known. */
export function pickUpBench({ bike, facts, profile, raws }: WheelAsk): WorkedBack | null {
  const [trueKmh, shown] = [facts.number("oneTrueKmh"), facts.number("oneShown")];
  if (!profile || !bike.rollout || trueKmh === null || shown === null || shown <= 0) return null;
  const circumferenceSetMm = decoded(profile, raws, "circumferenceMm");
  const pulses = pulsesSet(profile, raws, bike);
  if (circumferenceSetMm === null || pulses === null) return null;
  const { toKmh } = shownUnitOf(profile, raws);
  return workBack(
    {
      trueKmh,
      trueUncertaintyKmh: facts.number("oneTrueErrorKmh"),
      shownKmh: toKmh(shown),
      shownStepKmh: toKmh(facts.number("shownStep")),
      pulsesSet: pulses,
      circumferenceSetMm: circumferenceSetMm * percentOf(profile, raws),
      rolloutMm: bike.rollout.mm,
      rolloutUncertaintyMm: bike.rollout.uncertaintyMm,
    },
    pickUpHypotheses({
      spokeMagnets: facts.number("spokeMagnets") ?? (bike.pickUp === "spoke-magnet" ? bike.pulsesPerTurn : null),
      motorPoles: facts.number("motorPoles"),
      gearRatio: facts.number("gearRatio"),
    }),
  );
}
