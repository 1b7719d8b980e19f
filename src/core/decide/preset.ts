/**
 * Decides one line that sets several things: the preset that misses least of what is wanted, first of what matters in
 * law, then of what can hurt, then of all; among those alike the one whose figures lie nearest on the safe side. The
 * present one stays where none misses less.
 */
import { readOut } from "../applied";
import { capBasisOf, settingsOf, SETTINGS, type Decoded, type SettingKey, type SettingValue } from "../display";
import { assistLimit, type AssistLimit } from "../law";
import type { SafeDirection } from "../units";
import { stay, type Asked, type ProposalContext, type Solver } from "./context";
import { positionOn } from "./positions";

/** Two figures nearer than this, relative, are one and the same. */
const SAME = 1e-6;

/** How a preset stands to what is wanted of one setting: missed, or met and how far from it, relative. */
interface Against {
  readonly missed: boolean;
  readonly far: number;
}
const MET: Against = { missed: false, far: 0 };
/** Missed, and how far past it; what cannot be put in figures is missed by as much as the figure itself. */
const missedBy = (far: number): Against => ({ missed: true, far });
const MISSED = missedBy(1);
/** No cap at all is further off than any. */
const WITHOUT_END = 1e6;

/** A figure on the safe side of the wanted one meets it, the nearer the better; `strict` leaves the wanted one out. */
function figureAgainst(has: number, wanted: number, direction: SafeDirection | null, strict: boolean): Against {
  const far = Math.abs(has - wanted) / Math.max(SAME, Math.abs(wanted));
  if (far <= SAME) return strict ? MISSED : MET;
  const isSafe = direction !== null && (direction === "down" ? has < wanted : has > wanted);
  return isSafe ? { missed: false, far } : missedBy(far);
}

/** What a preset's cap may be at most: less where it is compared with what a display that reads low shows. */
function capAtMost({ profile, bike, choice }: ProposalContext, { line, others }: Asked): AssistLimit | null {
  const limit = choice && assistLimit(choice);
  if (!limit || capBasisOf(line.encoding) === "own") return limit;
  const meter = readOut(profile, others, bike);
  if (meter.kind === "unknown") return limit;
  // Of an unknown basis: whichever of the two is the slower.
  const least = capBasisOf(line.encoding) === "shown" ? meter.r.low : Math.min(1, meter.r.low);
  return { ...limit, kmh: limit.kmh * least };
}

function against(context: ProposalContext, asked: Asked, setting: SettingKey, has: SettingValue | undefined): Against {
  const { others } = asked;
  if (setting === "assistCapKmh") {
    const limit = capAtMost(context, asked);
    if (!limit) return MET;
    return typeof has === "number" ? figureAgainst(has, limit.kmh, "down", limit.strict) : missedBy(WITHOUT_END);
  }
  const { value, bound, strict = false } = positionOn(context, setting, others);
  // What stays as found stays within its bound: another option may not pass it.
  if (value === null && bound !== undefined && typeof has === "number")
    return has <= bound * (1 + SAME) ? MET : missedBy(has / bound - 1);
  if (value === null || has === undefined) return MET;
  if (typeof has === "number" && typeof value === "number")
    return figureAgainst(has, value, SETTINGS[setting].safeDirection, strict);
  return has === value ? MET : MISSED;
}

/** Whether nobody wants anything of a setting: it is to stay as it is. */
const isLeft = (context: ProposalContext, { others }: Asked, setting: SettingKey): boolean =>
  setting !== "assistCapKmh" && positionOn(context, setting, others).value === null;

/** Whether a setting would be moved off what it stands at. */
const differs = (means: Decoded, stood: Decoded | undefined, setting: SettingKey): boolean =>
  stood !== undefined && means[setting] !== stood[setting];

/** How many of the missed matter in law, how many can set a pack on fire or hurt otherwise, how many there are. */
const countsOf = (missed: readonly SettingKey[]): readonly number[] => [
  missed.filter((setting) => SETTINGS[setting].mattersInLaw).length,
  missed.filter((setting) => SETTINGS[setting].hazards.includes("battery-fire")).length,
  missed.filter((setting) => SETTINGS[setting].hazards.length > 0).length,
  missed.length,
];

/** Below 0 where the first is to be had rather: by what matters most in which they differ. */
function compareMissed(a: readonly SettingKey[], b: readonly SettingKey[]): number {
  const other = countsOf(b);
  return (
    countsOf(a)
      .map((count, i) => count - (other[i] ?? 0))
      .find((difference) => difference !== 0) ?? 0
  );
}

export const decidePreset: Solver = (context, asked) => {
  const { line, index } = asked;
  const { encoding } = line;
  if (encoding.kind !== "bundle") return stay(asked, { key: "reason.as-found" });
  const settings = settingsOf(line);
  const stood = encoding.options.find(({ raw }) => raw === context.asFound[index])?.means as Decoded | undefined;
  const ranked = encoding.options
    .map(({ raw, means }) => {
      const stands = settings.map((setting) => against(context, asked, setting, (means as Decoded)[setting]));
      return {
        raw,
        missed: settings.filter((_, i) => stands[i]?.missed),
        far: stands.reduce((sum, { far }) => sum + far, 0),
        moved: settings.filter(
          (setting) => isLeft(context, asked, setting) && differs(means as Decoded, stood, setting),
        ).length,
        past: stands.reduce((sum, { missed, far }) => sum + (missed ? far : 0), 0),
      };
    })
    .sort((a, b) => compareMissed(a.missed, b.missed) || a.past - b.past || a.moved - b.moved || a.far - b.far);
  const best = ranked[0];
  const found = ranked.find(({ raw }) => raw === context.asFound[index]);
  if (!best) return stay(asked, { key: "reason.as-found" });
  if (found && compareMissed(found.missed, best.missed) <= 0 && found.past <= best.past + SAME)
    return stay(asked, { key: "reason.bundle", settings, missed: found.missed, changed: false });
  return { line, index, raw: best.raw, reason: { key: "reason.bundle", settings, missed: best.missed, changed: true } };
};
