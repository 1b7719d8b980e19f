/**
 * Words about describing displays: what is wrong with a profile, what a cell takes, what becomes of a value on another
 * display.
 */
import { acceptedMeanings, SETTINGS, type CellProblem, type Claim, type Line, type SettingKey } from "@/core/display";
import type { ProfileProblem } from "@/core/display/check";
import type { CsvProblem } from "@/core/display/profileCsv";
import type { Doubt, Sureness } from "@/core/display/leaflet";
import type { Foreign, Meaning } from "@/core/display/leaflet/lexicon/terms";
import type { Fate, FateReason } from "@/core/sheet";
import { encodeProblemText } from "./encodeProblems";
import { SETTING_NAMES } from "./settings";

const PROBLEMS: Readonly<Record<Exclude<ProfileProblem["key"], "profile.schema">, (detail: string) => string>> = {
  "profile.duplicate-key": (detail) => `Key ${detail} is there twice.`,
  "profile.unknown-key": (detail) => `No key is called ${detail}.`,
  "profile.rules-collide": (detail) => `Two meanings for the same keys: ${detail}.`,
  "profile.no-way-in": () => "No keys open the menu.",
  "profile.no-way-to-save": () => "Nothing saves: no key does, and the menu throws away when it closes.",
  "profile.no-way-on": (detail) => `Some lines cannot be reached: ${detail}.`,
  "profile.no-way-to-change": () => "No key changes a value.",
  "profile.no-way-to-confirm": () => "A value blinks, but no key begins or confirms the change.",
  "profile.no-power-cycle": () => "Values act after a power cycle, but no keys switch off and on.",
  "profile.duplicate-page": (detail) => `Page ${detail} is there twice.`,
  "profile.unknown-page": (detail) => `No page is called ${detail}.`,
  "profile.page-unreachable": (detail) => `Nothing opens page ${detail}.`,
  "profile.unknown-line": (detail) => `No other line is called ${detail}.`,
  "profile.line-unreachable": (detail) => `No page lists line ${detail}.`,
  "profile.line-listed-twice": (detail) => `Line ${detail} is listed twice.`,
  "profile.unknown-info-line": (detail) => `The info line never shows ${detail}.`,
  "profile.duplicate-code": (detail) => `Two lines are called ${detail}.`,
  "profile.default-not-in-range": (detail) => `The maker’s value ${detail} is not one the line can show.`,
  "profile.ambiguous-value": (detail) => `Two values look the same: ${detail}.`,
  "profile.empty-range": (detail) => `Line ${detail} has no values: the range is empty.`,
  "profile.value-not-in-domain": (detail) => `${detail}.`,
  "profile.hands-over-outside-range": (detail) => `The value that hands over, ${detail}, is not one the line can show.`,
  "profile.uncapped-inside-range": (detail) => `The value for no cap, ${detail}, must be the first or the last.`,
};

export const profileProblemText = (problem: ProfileProblem): string =>
  problem.key === "profile.schema"
    ? `At ${problem.path || "the top"}: ${problem.detail}`
    : `${PROBLEMS[problem.key](problem.detail)}${problem.path ? ` (${placeWords(problem.path)})` : ""}`;

/** Where a problem is: a rule by the number it goes by on the workbench. */
const placeWords = (path: string): string =>
  path.replace(/^rules\.(\d+).*$/, (_, at: string) => `rule ${Number(at) + 1}`);

export const csvProblemText = ({ row, field, detail }: CsvProblem): string => `Row ${row}, ${field}: ${detail}`;

export function cellProblemText({ accepted }: CellProblem, line: Line): string {
  switch (accepted) {
    case "whole-number":
      return "Give a number.";
    case "above-from":
      return "Up to must not be below from.";
    case "a-value-it-shows":
      return "Give a value the line can show.";
    case "wheel-options":
      return "Give inches from 5 to 40, such as 20, 26, 700=28.";
    case "options":
      return (
        "Give what it shows and what that means, such as 0=…, 1=…. " +
        `${line.encoding.setting ? `Means: ${acceptedMeanings(line.encoding.setting)}.` : ""}`
      );
  }
}

export const SURENESS_WORDS: Readonly<Record<Sureness, string>> = {
  sure: "sure",
  guess: "guess",
  unknown: "not known",
};

export const DOUBT_WORDS: Readonly<Record<Doubt, string>> = {
  "no-setting": "no word of it says what it sets",
  "two-settings": "could be one of two things",
  "options-not-understood": "its options are not understood",
  "no-range": "no range stated",
  "no-default": "no maker’s value stated",
  "default-not-in-range": "the maker’s value is out of its range",
  "numbers-left-over": "a number of it belongs to nothing read",
  "may-be-incomplete": "something of it may be missing, or be another line’s",
};

/** What a leaflet has lines for that no setting here means. */
export const FOREIGN_WORDS: Readonly<Record<Foreign, string>> = {
  "over-voltage": "an upper voltage limit",
  "phase-current": "current in the motor’s phases",
  "light-time": "how long the light stays on",
  "level-speed-cap": "a speed of one level alone",
  "temperature-limit": "a temperature limit",
  "gear-sensor": "a gear sensor",
  "brake-sensor": "a brake sensor",
  "brake-light": "a brake light",
  language: "the language",
  clock: "the clock",
  version: "a version number",
  sound: "a sound",
  wireless: "a wireless link",
  "motor-ratio": "a gear ratio",
  "power-limit": "a power limit",
  "screen-look": "how the screen looks",
};

/** What a line may mean: a setting, or what none of them means. */
export const meaningText = (meaning: Meaning): string =>
  meaning in FOREIGN_WORDS ? FOREIGN_WORDS[meaning as Foreign] : SETTING_NAMES[meaning as SettingKey];

export const CLAIM_SOURCES: Readonly<Record<Claim["from"], string>> = {
  leaflet: "Leaflet",
  seller: "Seller",
  maker: "The maker’s own word",
  video: "Video",
  "other-line": "Another line’s behaviour",
  "seen-here": "Seen on this display",
  "own-trial": "Own trial",
};

export const FATE_WORDS: Readonly<Record<Fate, string>> = {
  kept: "kept",
  rounded: "rounded",
  lost: "lost",
  gained: "gained",
};

export function fateReasonText(reason: FateReason): string {
  switch (reason.key) {
    case "fate.same":
      return "The same on both.";
    case "fate.nearest-safe":
      return "The nearest the new line can hold.";
    case "fate.by-preset":
      return "Set by a preset.";
    case "fate.no-line":
      return "The new display has no line for it.";
    case "fate.not-read":
      return "Never read on the old display.";
    case "fate.scale-unknown":
      return "What the old number stood for is not known.";
    case "fate.not-in-use":
      return "Had no effect on the old display.";
    case "fate.not-shown":
      return "Not in the new menu while its other lines stand so.";
    case "fate.cannot-hold":
      return encodeProblemText(reason.problem);
    case "fate.preset-forces":
      return `The preset on line ${reason.code} sets it otherwise.`;
    case "fate.new-line":
      return "New: the old display could not set it.";
  }
}

/** What kind of line it is, in a word or two. */
export const ENCODING_WORDS: Readonly<Record<Line["encoding"]["kind"], string>> = {
  choice: "listed values",
  bundle: "several settings at once",
  number: "a number",
  "around-default": "steps around a default",
  "wheel-code": "wheel codes",
  "wheel-size": "wheel size",
  "speed-cap": "a speed",
  "unknown-scale": "scale not known",
  "pulses-or-other": "pulses, or the other pick-up",
  clock: "time of day",
  "read-only": "read only",
  reserved: "not known",
};

export const groupOf = (line: Line): string => (line.encoding.setting ? SETTINGS[line.encoding.setting].group : "");
