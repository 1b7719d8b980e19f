/** What a walk through a menu asks, in words, and why. */
import type { Missing, What } from "@/core/display/walk/answering";
import type { SeenEntry } from "@/core/display/walk/model";
import type { Press, Purpose, Question, Seen } from "@/core/display/walk/questions";
import { allShown } from "@/core/display/walk/values";
import { secondsOf } from "./speak";

type NameOf = (key: string) => string;

const together = (keys: readonly string[], nameOf: NameOf): string => keys.map(nameOf).join(" and ");

export function pressText({ kind, keys, ...rest }: Press, nameOf: NameOf): string {
  const names = together(keys, nameOf);
  switch (kind) {
    case "tap":
      return keys.length > 1 ? `Tap ${names} together` : `Tap ${names}`;
    case "double-tap":
      return `Tap ${names} twice, quickly`;
    default:
      return `Hold ${names} until something changes, ${secondsOf("atMostMs" in rest ? rest.atMostMs : 0)} s at most`;
  }
}

/** What is asked, as a heading: read from a metre. */
export function questionText(question: Question, nameOf: NameOf): string {
  switch (question.ask) {
    case "press":
      return pressText(question.press, nameOf);
    case "look":
      return "Press nothing. Look again";
    case "run":
      return `Press ${together(question.keys, nameOf)} on and on, until the value jumps or stops`;
    case "through":
      return `Tap ${together(question.keys, nameOf)} from value to value, until ${question.from} is back or it stops`;
    case "until":
      return `Press ${together(question.keys, nameOf)} until it shows ${question.shows} again`;
    case "access-code":
      return `It asks for ${question.digits} digits. Which?`;
    case "entry":
      return `What is “${question.code}”?`;
    case "closes":
      return "Hands off. How long until the menu closes by itself?";
    case "wait":
      return `Hands off for ${secondsOf(question.ms)} s`;
    case "battery":
      return "Take the battery off and put it on again";
  }
}

const PURPOSES: Readonly<Record<Purpose, string>> = {
  "switch-off": "Off first: from there everything is known to begin.",
  "switch-on": "On again.",
  "way-in": "Looking for the keys that open a menu.",
  "go-in": "On the way to where the walk was.",
  "code-keys": "How the digits are entered.",
  "what-a-key-does": "What this key does here.",
  "next-line": "Along the page.",
  step: "Which way it steps, and by how much.",
  ends: "Where the values end.",
  options: "All its values, a second time.",
  blink: "What keys do while a value blinks.",
  confirm: "The value as it was.",
  "way-out": "Looking for a way out.",
  "go-back": "Out of here again.",
  "comes-and-goes": "Whether other lines come and go with this one.",
  "put-back": "Back to what it was found at.",
  "what-saves": "What saves a change.",
  open: "What is in there.",
  window: "Whether the keys still open the menu so long after power-on.",
};

/** Why it is asked. */
export function purposeText(question: Question): string {
  switch (question.ask) {
    case "press":
      return PURPOSES[question.purpose];
    case "look":
      return `You told of ${seenText(question.told)}; ${seenText(question.expect)} was expected.`;
    case "run":
      return "Where the values end. Type the last one before the jump, and what came after it.";
    case "through":
      return "Every value, in turn. Even steps may be cut short: 1, 2, … 9.";
    case "until":
      return "Back to what it was found at.";
    case "access-code":
      return "A leaflet or the seller may know it. Without it this menu stays unknown.";
    case "entry":
      return "Going by its name. Nothing is pressed for it yet.";
    case "closes":
      return "Press the timer when your hands come off, and again when it closes.";
    case "wait":
      return "A chord may open its menu only soon after power-on.";
    case "battery":
      return "A sure way out: what was not saved is lost. The display is dark then.";
  }
}

/** What was seen, in few words. */
export function seenText(seen: Seen): string {
  switch (seen.kind) {
    case "off":
      return "a dark display";
    case "home":
      return "the home screen";
    case "line":
      return `line ${seen.code} with ${seen.shows}${seen.blinks ? ", blinking" : ""}`;
    case "entry":
      return `the word ${seen.code}`;
    case "digits":
      return `digits ${seen.shows}`;
    case "question":
      return `a question, ${seen.shows}`;
    case "moves":
      return "the motor pushing";
    case "monitor":
      return "a page of figures";
    case "unknown":
      return "nothing known";
  }
}

export const WHAT_WORDS: Readonly<Record<What, string>> = {
  same: "nothing changed",
  line: "a line with a value",
  entry: "a word, no value",
  home: "the home screen",
  off: "dark",
  digits: "digits to enter",
  question: "a question",
  moves: "the motor pushes",
  monitor: "figures only",
  unknown: "I don’t know",
};

export const MISSING_WORDS: Readonly<Record<Missing, string>> = {
  what: "Say what it shows.",
  code: "Type what stands for the line: its number or its word.",
  value: "Type the value it shows.",
  seconds: "Type how many seconds, such as 1.8, or use the timer.",
  values: "Type the values, such as 1, 2, 3; or say that it stops there.",
  digits: "Type the digits.",
  last: "Type the last value before the jump.",
};

/** What is believed of an entry, and how surely. */
export function entryText(entry: SeenEntry): string {
  switch (entry.kind) {
    case "page":
      return "a group";
    case "exit":
      return entry.saves ? "leads out and saves" : "leads out";
    case "action":
      return "does something";
    case "unknown":
      return "not known yet";
    case "line": {
      if (entry.changes === false) return `${entry.found}, cannot be changed`;
      if (!entry.values) return `${entry.found}, values not seen yet`;
      const all = allShown(entry.values);
      const range = all.length > 6 ? `${all[0]} to ${all.at(-1)}` : all.join(" · ");
      return `${range}${entry.valuesTwice ? "" : ", seen once"}`;
    }
  }
}

export const STUCK_WORDS = {
  "no-way-in": "No keys opened a menu. A display may want the wheel still, a lever held, or keys held longer.",
  locked: "The display asks for its start PIN. Its owner knows it.",
  "code-unknown": "The menu wants a code nobody here knows.",
} as const;
