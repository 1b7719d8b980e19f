/** The languages an owner's card can be printed in. All but English are loaded when they are chosen. */
import { ENGLISH } from "./english";
import type { OwnersWords } from "./ownersWords";

interface Language {
  /** As those who speak it call it. */
  readonly name: string;
  readonly load: () => Promise<OwnersWords>;
}

export const LANGUAGES = {
  en: { name: "English", load: () => Promise.resolve(ENGLISH) },
  de: { name: "Deutsch", load: () => import("./german").then(({ GERMAN }) => GERMAN) },
} as const satisfies Record<string, Language>;

export type LanguageCode = keyof typeof LANGUAGES;

export const isLanguage = (code: string): code is LanguageCode => Object.hasOwn(LANGUAGES, code);
