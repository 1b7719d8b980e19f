/**
 * Decides a speed cap: the fastest setting with which drive really ends within the class even at the worse end of what
 * is known of the speedometer.
 */
import { readOut } from "../applied";
import { capBasisOf, contextOf, encodeLine, shows } from "../display";
import { assistLimit } from "../law";
import { trueCap } from "../wheel";
import { stay, type Solver } from "./context";

export const decideCap: Solver = ({ profile, bike, choice }, asked) => {
  const { line, index, others } = asked;
  const { encoding } = line;
  const basis = capBasisOf(encoding);
  if (basis === null) return stay(asked, { key: "reason.as-found" });
  if (!choice) return stay(asked, { key: "reason.no-fact", needs: "class" });
  const of = encoding.setting === "assistCapKmh" ? "assist" : "throttle";
  const limit = assistLimit(choice);
  if (!limit) return stay(asked, { key: "reason.no-limit" });
  if (of === "throttle" && choice.rule.throttle.kind !== "to-assist-limit")
    return stay(asked, { key: "reason.throttle-as-class", className: choice.rule.name });
  if (basis !== "shown") return stay(asked, { key: "reason.cap-not-shown", basis });
  const meter = readOut(profile, others, bike);
  if (meter.kind === "unknown") return stay(asked, { key: "reason.no-read-out", needs: meter.needs });
  const context = contextOf(profile, others);
  const encoded = encodeLine(encoding, limit.kmh * meter.r.low, limit.strict, context);
  if (!encoded.ok) return stay(asked, { key: "reason.cannot-hold", problem: encoded.problem });
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
            ? (context.shownUnit ?? "mph")
            : encoding.heldIn,
      shows: shows(encoding, encoded.raw),
      of,
      beyond: encoded.beyond,
    },
  };
};
