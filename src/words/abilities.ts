/** What a display can set, in words: "3, 5 or 9 levels", "km/h or mph", "10 to 45 km/h". */
import type { SettingKey } from "@/core/display";
import type { Ability } from "@/core/sheet";
import { settingValueWords } from "./values";

/** Values that are listed one by one; more of them are told by their ends. */
const FEW_VALUES = 6;

/** "3, 5 or 9 levels": the unit once, where all have the same. */
function listed(words: readonly string[], between: "or" | "to"): string {
  const parts = words.map((word) => /^(\S+) (.+)$/.exec(word));
  const unit = parts[parts.length - 1]?.[2];
  const shared =
    unit !== undefined && parts.every((part) => part !== null && part[2]?.replace(/s$/, "") === unit.replace(/s$/, ""));
  const short = shared ? parts.map((part) => part?.[1] ?? "") : words;
  const [last, ...rest] = [...short].reverse();
  const text = rest.length === 0 ? (last ?? "") : `${rest.reverse().join(", ")} ${between} ${last}`;
  return shared ? `${text} ${unit}` : text;
}

/** What a line can set, in words: "3, 5 or 9 levels", "km/h or mph", "10 to 45 km/h". */
export function abilityWords(setting: SettingKey, { values, first, last, partly }: Ability): string {
  const words = [...new Set(values.map((value) => settingValueWords(setting, value)))];
  const range = first === last ? `shows ${first}` : `shows ${first} to ${last}`;
  if (words.length === 0) return partly ? `${range}, scale not known` : range;
  const rest = partly ? `; ${range}, scale not known` : "";
  if (words.length <= FEW_VALUES) return listed(words, "or") + rest;
  const numbers = values.filter((value) => typeof value === "number").sort((a, b) => a - b);
  const ends = [numbers[0], numbers.at(-1)].filter((value) => value !== undefined);
  const others = values.filter((value) => typeof value !== "number").map((value) => settingValueWords(setting, value));
  const span =
    ends.length === 2
      ? [
          listed(
            ends.map((value) => settingValueWords(setting, value)),
            "to",
          ),
        ]
      : [];
  return [...span, ...others].join(", or ") + rest;
}
