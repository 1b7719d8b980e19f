/** The languages an owner's card can be printed in. */
import { ENGLISH } from "./english";
import { GERMAN } from "./german";
import type { OwnersWords } from "./ownersWords";

interface Language {
  /** As those who speak it call it. */
  readonly name: string;
  readonly words: OwnersWords;
}

export const LANGUAGES = {
  en: { name: "English", words: ENGLISH },
  de: { name: "Deutsch", words: GERMAN },
} as const satisfies Record<string, Language>;

export type LanguageCode = keyof typeof LANGUAGES;

export const isLanguage = (code: string): code is LanguageCode => Object.hasOwn(LANGUAGES, code);
