/** Decides a line that sets one thing: the product's position on it, as the line can hold it. */
import { contextOf, decodeAll, encodeLine } from "../display";
import { decideUnscaledCap } from "./cap";
import { fromEncoded, stay, type Solver } from "./context";
import { positionOn } from "./positions";

export const decideSingle: Solver = (context, asked) => {
  const { line, index, others } = asked;
  const { encoding } = line;
  if (encoding.setting === null) return stay(asked, { key: "reason.as-found" });
  if (encoding.kind === "unknown-scale" && encoding.measured.length === 0)
    return encoding.setting === "assistCapKmh" || encoding.setting === "throttleCapKmh"
      ? decideUnscaledCap(context, asked)
      : stay(asked, { key: "reason.unknown-scale" });
  const { value, reason, strict = false, otherwise } = positionOn(context, encoding.setting, others);
  if (value === null) return stay(asked, reason);
  const column = contextOf(context.profile, others);
  const wanted = encodeLine(encoding, value, strict, column);
  const encoded = wanted.ok || otherwise === undefined ? wanted : encodeLine(encoding, otherwise, strict, column);
  // What already stands for the wanted value stays, even where another number stands for it too.
  const found = context.asFound[index] ?? null;
  const stands = encoded.ok && found !== null && decodeAll(line, found, column)[encoding.setting] === encoded.held;
  return stands ? { line, index, raw: found, reason } : fromEncoded(asked, encoded, reason);
};
