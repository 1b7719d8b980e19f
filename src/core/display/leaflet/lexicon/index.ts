/** All terms of all languages, ready to be looked for. */
import { DUTCH } from "./dutch";
import { ENGLISH } from "./english";
import { FRENCH } from "./french";
import { GERMAN } from "./german";
import { ITALIAN } from "./italian";
import { SPANISH } from "./spanish";
import type { Meaning } from "./terms";

export { FOREIGN, type Foreign, type Meaning } from "./terms";
export { VALUE_WORDS } from "./values";

export interface LexiconTerm {
  readonly weight: number;
  readonly phrase: RegExp;
}

export interface LexiconEntry {
  readonly meaning: Meaning;
  /** Any of its phrases, to be looked for first. */
  readonly any: RegExp;
  readonly terms: readonly LexiconTerm[];
}

const ALL = [...ENGLISH, ...GERMAN, ...FRENCH, ...SPANISH, ...ITALIAN, ...DUTCH];

/** All phrases of every meaning that something speaks for. */
export const LEXICON: readonly LexiconEntry[] = [...new Set(ALL.map(([meaning]) => meaning))].map((meaning) => {
  const own = ALL.filter((term) => term[0] === meaning);
  return {
    meaning,
    any: new RegExp(own.flatMap(([, weight, phrase]) => (weight > 0 ? [`(?:${phrase})`] : [])).join("|"), "u"),
    terms: own.map(([, weight, phrase]) => ({ weight, phrase: new RegExp(phrase, "u") })),
  };
});
