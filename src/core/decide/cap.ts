/**
 * Decides a speed cap: the fastest setting with which drive really ends within the class even at the worse end of what
 * is known of the speedometer.
 */
import { appliedCap, readOut } from "../applied";
import { capBasisOf, contextOf, decodeAll, encodeLine, rawValues, shows, type EncodeProblem } from "../display";
import { assistLimit, throttleLimit, type AssistLimit } from "../law";
import { trueCap } from "../wheel";
import { stay, type Asked, type ProposalContext, type ProposedLine, type Solver } from "./context";

export const decideCap: Solver = (context, asked) => {
  const { profile, bike, choice } = context;
  const { line, index, others } = asked;
  const { encoding } = line;
  const basis = capBasisOf(encoding);
  if (basis === null) return stay(asked, { key: "reason.as-found" });
  if (!choice) return stay(asked, { key: "reason.no-fact", needs: "class" });
  const of = encoding.setting === "assistCapKmh" ? "assist" : "throttle";
  const limit = of === "assist" ? assistLimit(choice) : throttleLimit(choice);
  if (!limit)
    return stay(
      asked,
      of === "assist" ? { key: "reason.no-limit" } : { key: "reason.throttle-as-class", className: choice.rule.name },
    );
  if (basis === "own" || basis === "unknown") return heldEitherWay(context, asked, limit, basis);
  const meter = readOut(profile, others, bike);
  if (meter.kind === "unknown") {
    // Not left faster than the limit as shown, though where it then ends is not known.
    const held = heldEitherWay(context, asked, limit, basis);
    return held.raw === context.asFound[index] ? stay(asked, { key: "reason.no-read-out", needs: meter.needs }) : held;
  }
  const column = contextOf(profile, others);
  const encoded = encodeLine(encoding, limit.kmh * meter.r.low, limit.strict, column);
  if (!encoded.ok) return slowest(context, asked, limit, encoded.problem);
  const settingKmh = typeof encoded.held === "number" ? encoded.held : limit.kmh;
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
      heldIn:
        encoding.kind !== "speed-cap"
          ? "kmh"
          : encoding.heldIn === "shown"
            ? (column.shownUnit ?? "mph")
            : encoding.heldIn,
      shows: shows(encoding, encoded.raw),
      of,
      beyond: encoded.beyond,
    },
  };
};

/**
 * A cap nobody knows the basis of, never left as it is for that: no faster than the limit whether it compares with the
 * speed shown or with a speed of its own, as far as it is known how far the display is off. What is as slow stays.
 */
function heldEitherWay(
  context: ProposalContext,
  asked: Asked,
  limit: AssistLimit,
  basis: "own" | "unknown" | "shown",
): ProposedLine {
  const { profile, bike, asFound } = context;
  const { line, index, others } = asked;
  const { encoding } = line;
  const meter = readOut(profile, others, bike);
  const heldKmh = limit.kmh * Math.min(1, meter.kind === "known" ? meter.r.low : 1);
  const column = contextOf(profile, others);
  const setting = encoding.setting === "throttleCapKmh" ? "throttleCapKmh" : "assistCapKmh";
  const found = asFound[index] ?? null;
  const holds = found === null ? null : decodeAll(line, found, column)[setting];
  const set = (raw: number): ProposedLine => ({
    line,
    index,
    raw,
    reason: {
      key: "reason.cap-safe",
      basis,
      safe: meter.kind === "known",
      shows: shows(encoding, raw),
      limitKmh: limit.kmh,
      found: raw === found,
    },
  });
  if (found !== null && typeof holds === "number" && holds <= heldKmh) return set(found);
  const encoded = encodeLine(encoding, heldKmh, limit.strict, column);
  return encoded.ok ? set(encoded.raw) : slowest(context, asked, limit, encoded.problem);
}

/** The slowest value a cap line has, where none is slow enough: never left faster, or without an end, for that. */
function slowest(
  { profile, bike }: ProposalContext,
  asked: Asked,
  { kmh: limitKmh }: AssistLimit,
  problem: EncodeProblem,
): ProposedLine {
  const { line, index, others } = asked;
  const { encoding } = line;
  const setting = encoding.setting === "throttleCapKmh" ? "throttleCapKmh" : "assistCapKmh";
  const column = contextOf(profile, others);
  const least = rawValues(encoding)
    .flatMap((raw) => {
      const kmh = decodeAll(line, raw, column)[setting];
      return typeof kmh === "number" ? [{ raw, kmh }] : [];
    })
    .sort((a, b) => a.kmh - b.kmh)[0];
  if (!least) return stay(asked, { key: "reason.cannot-hold", problem });
  const meter = readOut(profile, others, bike);
  const trueKmh = capBasisOf(encoding) === "shown" && meter.kind === "known" ? trueCap(least.kmh, meter.r) : null;
  return {
    line,
    index,
    raw: least.raw,
    reason: {
      key: "reason.cap-slowest",
      shows: shows(encoding, least.raw),
      trueKmh,
      limitKmh,
      of: setting === "throttleCapKmh" ? "throttle" : "assist",
    },
  };
}

/**
 * A cap as a share of power says nothing of where assist ends. Where it is off and no other line ends assist, it goes
 * to its low end until a run tells: nothing is left to run on for want of a number.
 */
export const decideShare: Solver = ({ profile, choice, bike }, asked) => {
  const { line, index, others } = asked;
  const limit = choice && assistLimit(choice);
  const means = (raw: number | null) =>
    raw === null ? undefined : decodeAll(line, raw, contextOf(profile, others)).capPowerShare;
  const cap = appliedCap(profile, others, bike);
  if (!limit || means(others[index] ?? null) !== "uncapped" || cap.kind !== "uncapped")
    return stay(asked, { key: "reason.technicians-choice" });
  const shares = rawValues(line.encoding).flatMap((raw) => {
    const share = means(raw);
    return typeof share === "number" ? [{ raw, share }] : [];
  });
  const least = shares.sort((a, b) => a.share - b.share)[0];
  if (!least) return stay(asked, { key: "reason.technicians-choice" });
  return {
    line,
    index,
    raw: least.raw,
    reason: {
      key: "reason.cap-safe",
      basis: "scale",
      safe: false,
      shows: shows(line.encoding, least.raw),
      limitKmh: limit.kmh,
      found: false,
    },
  };
};

/**
 * A cap of which not even the scale is known: the slowest end where it is known which that is, and never "no cap".
 * Where the direction is not known either, what stands there stays, and is to be measured; but for "no cap", in whose
 * place any value ends assist sooner.
 */
export const decideUnscaledCap: Solver = ({ choice, asFound }, asked) => {
  const { line, index } = asked;
  const { encoding } = line;
  if (encoding.kind !== "unknown-scale") return stay(asked, { key: "reason.unknown-scale" });
  const isOff = encoding.noneRaw !== null && asFound[index] === encoding.noneRaw;
  if (encoding.larger === "unknown" && !isOff) return stay(asked, { key: "reason.unknown-scale" });
  if (!choice) return stay(asked, { key: "reason.no-fact", needs: "class" });
  const limit = encoding.setting === "throttleCapKmh" ? throttleLimit(choice) : assistLimit(choice);
  if (!limit) return stay(asked, { key: "reason.no-limit" });
  const capped = rawValues(encoding).filter((raw) => raw !== encoding.noneRaw);
  const middle = capped[Math.floor(capped.length / 2)];
  if (encoding.larger === "unknown")
    return middle === undefined
      ? stay(asked, { key: "reason.unknown-scale" })
      : {
          line,
          index,
          raw: middle,
          reason: { key: "reason.cap-any", shows: shows(encoding, middle), limitKmh: limit.kmh },
        };
  const slowest = encoding.larger === "more" ? Math.min(...capped) : Math.max(...capped);
  const isFound = asFound[index] === slowest;
  return {
    line,
    index,
    raw: slowest,
    reason: {
      key: "reason.cap-safe",
      basis: "scale",
      // Slowest, and nobody knows how fast that is.
      safe: false,
      shows: shows(encoding, slowest),
      limitKmh: limit.kmh,
      found: isFound,
    },
  };
};
