/** What the options of a line stand for. Apart from the lexicon, since a line read as another setting asks it too. */
import { typedNumber } from "../../units/typedNumber";
import { inDomain, SETTINGS, type SettingKey } from "../settings";
import { PAIRS, VALUE_WORDS } from "./lexicon/values";
import { folded } from "./normalise";
import { numberOf } from "./numberWords";
import type { Option } from "./options";

/** What each option stands for in a setting's own values; null where one is not understood or two are the same. */
export function meaningsOf(
  setting: SettingKey,
  options: readonly Option[],
): readonly (number | boolean | string)[] | null {
  const words = VALUE_WORDS[setting] ?? [];
  const { domain } = SETTINGS[setting];
  if (domain.kind === "flag" && !arePairs(options)) return null;
  const means = options.map(({ text }): number | boolean | string | undefined => {
    const flat = folded(text);
    const word = words.find(([, pattern]) => pattern.test(flat));
    if (word) return word[0];
    if (domain.kind !== "number") return undefined;
    const figure = /-?\d+(?:\.\d+)?/.exec(flat)?.[0];
    return figure === undefined ? (numberOf(flat.split(/\s/)[0] ?? "") ?? undefined) : typedNumber(figure);
  });
  // Of yes and no one is enough: the other is the other.
  const [a, b] = means;
  const both =
    domain.kind === "flag" && options.every(({ shows }) => /\d/.test(shows)) && means.length === 2
      ? [a ?? opposite(b), b ?? opposite(a)]
      : means;
  const known = both.filter((each): each is number | boolean | string => each !== undefined && inDomain(setting, each));
  return known.length === options.length && new Set(known).size === known.length ? known : null;
}

const opposite = (means: number | boolean | string | undefined): boolean | undefined =>
  typeof means === "boolean" ? !means : undefined;

/** Whether words shown for yes and no are of one language; numbers always are. */
function arePairs(options: readonly Option[]): boolean {
  const shown = options.map(({ shows }) => folded(shows)).sort();
  return shown.every((each) => /\d/.test(each)) || PAIRS.some((pair) => [...pair].sort().join() === shown.join());
}
