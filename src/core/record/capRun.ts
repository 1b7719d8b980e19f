/**
 * What one ride at full assist tells of a cap: with what it is compared, or how fast its value is. The display's
 * description on this job learns it; the plan then gives the final value.
 */
import { decoded, readOut } from "../applied";
import {
  capBasisOf,
  isShown,
  linesOf,
  shows,
  withCapBasis,
  type Claim,
  type DisplayProfile,
  type Line,
} from "../display";
import { readIntake } from "../facts";
import { own } from "../units/limits";
import { readSpeedKmh } from "../units/quantity";
import { isStale } from "./checking";
import { heldRaws } from "./columns";
import type { Job } from "./job";

/** How far where assist is felt to end may lie off a cap that ends it there, km/h. Common practice, no source. */
const FELT_KMH = 1.2;

export type CapRun =
  /** Only one of the two explains where it ended. */
  | {
      readonly kind: "basis";
      readonly code: string;
      readonly basis: "shown" | "own";
      readonly kmh: number;
      readonly capKmh: number;
      /** Where it would end, compared with the speed shown. */
      readonly ifShownKmh: number;
    }
  /** The display reads so true that both would end there: the value is right either way. */
  | { readonly kind: "either"; readonly code: string; readonly kmh: number }
  /** It ended where neither would end it: something else does. */
  | {
      readonly kind: "neither";
      readonly code: string;
      readonly kmh: number;
      readonly capKmh: number;
      readonly ifShownKmh: number;
    }
  /** A value of a line without a scale, measured. */
  | {
      readonly kind: "scale";
      readonly code: string;
      readonly raw: number;
      readonly shows: string;
      readonly kmh: number;
    };

/** The line that holds the assist cap as things stand, and its raw value. */
function capLine(profile: DisplayProfile, raws: readonly (number | null)[]): { line: Line; raw: number } | null {
  for (const [i, line] of linesOf(profile).entries()) {
    const raw = raws[i] ?? null;
    if (line.encoding.setting === "assistCapKmh" && raw !== null && isShown(profile, i, raws)) return { line, raw };
  }
  return null;
}

/** Where assist ended on the ride written down, km/h; null while nobody has, or since something it rests on changed. */
function riddenKmh(job: Job): number | null {
  const result = own(job.checks, "top-speed-run");
  if (!result || result.measured.trim() === "" || isStale(job, "top-speed-run", result)) return null;
  const kmh = readSpeedKmh(result.measured, result.askedIn);
  return kmh > 3 && kmh <= 120 ? kmh : null;
}

/** What the ride written down tells of the cap; null where nothing is open, or there was none. */
export function capRunOf(job: Job): CapRun | null {
  const { profile } = job;
  const kmh = riddenKmh(job);
  if (!profile || kmh === null || job.handedOverAt !== null) return null;
  const raws = heldRaws(job);
  const cap = capLine(profile, raws);
  if (!cap) return null;
  const { line, raw } = cap;
  const { code, encoding } = line;
  if (encoding.kind === "unknown-scale")
    return raw === encoding.noneRaw || encoding.measured.some((each) => each.raw === raw && each.on)
      ? null
      : { kind: "scale", code, raw, shows: shows(encoding, raw), kmh };
  if (capBasisOf(encoding) !== "unknown") return null;
  const capKmh = decoded(profile, raws, "assistCapKmh");
  const meter = readOut(profile, raws, readIntake(job.intake).bike);
  if (typeof capKmh !== "number" || meter.kind === "unknown") return null;
  const { nominal, low, high } = meter.r;
  const ifShownKmh = capKmh / nominal;
  const byShown = kmh >= capKmh / high - FELT_KMH && kmh <= capKmh / low + FELT_KMH;
  const byOwn = Math.abs(kmh - capKmh) <= FELT_KMH;
  if (byShown && byOwn) return { kind: "either", code, kmh };
  return byShown || byOwn
    ? { kind: "basis", code, basis: byShown ? "shown" : "own", kmh, capKmh, ifShownKmh }
    : { kind: "neither", code, kmh, capKmh, ifShownKmh };
}

/** The job whose display has learnt what the ride told; the same job where that settles nothing. */
export function withCapRun(job: Job): Job {
  const { profile } = job;
  const run = capRunOf(job);
  if (!profile || (run?.kind !== "basis" && run?.kind !== "scale")) return job;
  const { bike } = readIntake(job.intake);
  const meter = readOut(profile, heldRaws(job), bike);
  const on = bike.rollout && {
    rolloutMm: bike.rollout.mm,
    r: meter.kind === "known" ? meter.r.nominal : null,
  };
  const lines = linesOf(profile).map((line): Line => {
    if (line.code !== run.code) return line;
    const { encoding } = line;
    const claim: Claim = {
      from: "own-trial",
      on: null,
      confidence: 0.9,
      says: `Ridden on this bike: assist ended at ${run.kmh.toFixed(1)} km/h.`,
      setting: "assistCapKmh",
      chosen: true,
    };
    const claims = [...line.claims.map((each) => ({ ...each, chosen: false })), claim].slice(-20);
    if (run.kind === "basis") return { ...line, encoding: withCapBasis(encoding, run.basis), claims };
    if (encoding.kind !== "unknown-scale" || !on) return line;
    const others = encoding.measured.filter((each) => each.raw !== run.raw);
    return { ...line, encoding: { ...encoding, measured: [...others, { raw: run.raw, value: run.kmh, on }] }, claims };
  });
  return { ...job, profile: { ...profile, lines } };
}
