/** The languages a rider's papers can be printed in. All but English are loaded when they are chosen. */
import { ENGLISH } from "./english";
import type { PaperWords } from "./paperWords";

interface Language {
  /** As those who speak it call it. */
  readonly name: string;
  readonly load: () => Promise<PaperWords>;
}

export const LANGUAGES = {
  en: { name: "English", load: () => Promise.resolve(ENGLISH) },
  de: { name: "Deutsch", load: () => import("./german").then(({ GERMAN }) => GERMAN) },
  fr: { name: "Français", load: () => import("./french").then(({ FRENCH }) => FRENCH) },
  es: { name: "Español", load: () => import("./spanish").then(({ SPANISH }) => SPANISH) },
  nl: { name: "Nederlands", load: () => import("./dutch").then(({ DUTCH }) => DUTCH) },
  it: { name: "Italiano", load: () => import("./italian").then(({ ITALIAN }) => ITALIAN) },
} as const satisfies Record<string, Language>;

export type LanguageCode = keyof typeof LANGUAGES;

export const isLanguage = (code: string): code is LanguageCode => Object.hasOwn(LANGUAGES, code);
