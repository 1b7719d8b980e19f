/**
 * Decides a wheel line: the size with which the display, counting as it will count then, reads nearest to true and
 * rather high than low.
 */
import { countingOf } from "../applied";
import { contextOf, decodeAll, rawValues, shows } from "../display";
import { rankWheels } from "../wheel";
import { stay, type Solver } from "./context";
import { diagnose, type MistakeCause } from "./diagnose";
import type { WheelOption } from "./reason";

/** Mistakes the wheel line itself makes. */
const OF_THE_WHEEL: ReadonlySet<MistakeCause> = new Set<MistakeCause>([
  "wheel",
  "diameter-for-circumference",
  "inches-for-millimetres",
]);

/** Candidates told beside the chosen one. */
const MOST_TOLD = 4;

export const decideWheel: Solver = ({ profile, bike, asFound }, asked) => {
  const { line, index, others } = asked;
  const { encoding } = line;
  const { rollout } = bike;
  if (!rollout) return stay(asked, { key: "reason.no-fact", needs: "rollout" });
  const counting = countingOf(profile, others, bike);
  if ("length" in counting) return stay(asked, { key: "reason.no-read-out", needs: counting });
  const mistake = diagnose(profile, others, bike);
  if (mistake && !OF_THE_WHEEL.has(mistake.cause)) return stay(asked, { key: "reason.wheel-not-the-cause", mistake });
  const context = contextOf(profile, others);
  const candidates = rawValues(encoding).flatMap((raw) => {
    const { circumferenceMm } = decodeAll(line, raw, context);
    return typeof circumferenceMm === "number" && circumferenceMm > 0 ? [{ code: raw, circumferenceMm }] : [];
  });
  const ranked = rankWheels(candidates, rollout.mm, (counting.given / counting.set) * counting.factor);
  const best = ranked[0];
  if (!best) return stay(asked, { key: "reason.no-fact", needs: "rollout" });
  const toOption = ({ code, circumferenceMm, r }: (typeof ranked)[number]): WheelOption => ({
    shows: shows(encoding, code),
    circumferenceMm,
    r,
  });
  const found = ranked.find(({ code }) => code === asFound[index]);
  const near = ranked.slice(0, MOST_TOLD);
  const options = (found && !near.includes(found) ? [...near.slice(0, MOST_TOLD - 1), found] : near)
    .map(toOption)
    .sort((a, b) => a.circumferenceMm - b.circumferenceMm);
  return {
    line,
    index,
    raw: best.code,
    reason: {
      key: "reason.wheel",
      rollout,
      turns: bike.rolloutTurns,
      counting,
      options,
      chosen: shows(encoding, best.code),
      asFound: found ? toOption(found) : null,
    },
  };
};
