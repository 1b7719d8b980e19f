/** Wishes of a rider in plain words: what each is called, what became of it, and where practice is divided. */
import type { Rider, WishId } from "@/core/facts";
import type { SettingKey, SettingValue } from "@/core/display";
import type { SheetFinding } from "@/core/sheet";
import type { Granted, SchoolId, Side, Towards, WishFate } from "@/core/wishes";
import { findingText, type Voice } from "./findings";
import { SETTING_NAMES } from "./settings";
import { settingValueWords } from "./values";
import { WISH_NAMES } from "./wishNames";

/** What a wish comes to, and what it costs. */
export const WISH_MEANS: Readonly<Record<WishId, string>> = {
  heavy: "A firmer start and a first level that carries: too soft bogs down.",
  cargo: "A firm start under load. Current stays as it is: more would heat motor and wires.",
  "child-aboard": "Starts late and soft, throttle tamed, nothing moves at power-on.",
  hills: "A firmer start and a first level that carries. Current stays as it is.",
  "mud-and-sand": "Comes in soon and firmly: a soft start digs in.",
  "traffic-lights": "Away at once: assist after little turn of the crank, full throttle for a rider who knows it.",
  delivery: "Away soon, in the level last used, and the display stays on between doors.",
  rental: "Tame for whoever rides it next.",
  fleet: "One habit on every bike: level 0 at power-on, no cruise, distance in sight.",
  "range-first": "Less of everything that draws current. Slower on hills.",
  trail: "Comes in soon and smoothly.",
  "kicks-hard": "Starts later and softer. Too soft bogs down on hills and in mud.",
  "weak-on-hills": "A firmer start and stronger levels. Current stays as it is: more would heat motor and wires.",
  "fast-in-one": "Less in the first level only.",
  surges: "A softer ramp hides small surges. A bad crank sensor stays bad: look for the cause too.",
  late: "Assist after less turn of the crank.",
  "gauge-lies": "Volts in place of per cent, and a slower gauge. The pack’s own figures are mended in the plan.",
  "cuts-out": "Less current, so less sag. The cut-off is never lowered. Look for the cause too.",
  "start-without-pedalling": "Throttle from a standstill, where the class lets it.",
  "younger-rider": "Slower, weaker, softer. The class stays what it is; mind the age it asks for.",
};

export const RIDER_NAMES: Readonly<Record<Rider, string>> = {
  novice: "a rider new to it",
  "used-to-it": "a rider used to it",
  confident: "a confident rider",
};

/** Which way a setting goes when it goes up: for the two words of a choice between wishes. */
const WAYS: Readonly<Partial<Record<SettingKey, Readonly<Record<Towards, string>>>>> = {
  startStrengthShare: { more: "firmer", less: "softer" },
  rampSoftness: { more: "softer", less: "firmer" },
  startPulses: { more: "later", less: "sooner" },
  startDelayS: { more: "later", less: "sooner" },
  startReadiness: { more: "sooner", less: "later" },
  autoOffMin: { more: "stays on longer", less: "switches off sooner" },
};
const PLAIN_WAYS: Readonly<Record<Towards, string>> = { more: "more", less: "less" };

/** "softer", "more", or the value it is switched to. */
export const wayOf = (setting: SettingKey, towards: Towards | null, value: SettingValue | null): string =>
  towards ? (WAYS[setting] ?? PLAIN_WAYS)[towards] : value === null ? "" : settingValueWords(setting, value);

const inSentence = (setting: SettingKey): string => SETTING_NAMES[setting].toLowerCase();

const FATES: {
  readonly [K in WishFate<SheetFinding>["kind"]]: (
    fate: Extract<WishFate<SheetFinding>, { kind: K }>,
    setting: SettingKey,
    voice: Voice,
  ) => string;
} = {
  moved: ({ from, to }, setting) => `${settingValueWords(setting, from)} → ${settingValueWords(setting, to)}`,
  "there-already": ({ at }, setting) => `${settingValueWords(setting, at)}: there already, or as far as it may go`,
  "no-line": () => "no line of this display",
  unread: () => "not read yet: write it down under As found",
  "by-hand": () => "set by hand: it stays",
  locked: () => "maker only: it stays",
  unsure: () => "what this line means is a guess: it stays",
  "no-effect": () => "this line does nothing on this display",
  hidden: () => "hidden by what another line holds",
  "not-alone": (fate) => `its line would move ${fate.with.map(inSentence).join(" and ")} too: it stays`,
  refused: ({ by }, _, voice) => `not granted. ${findingText(by.message, voice)}`,
  "not-for-rider": () => "not for a rider new to it",
  open: ({ against }) => `against ${against.map((wish) => WISH_NAMES[wish].toLowerCase()).join(", ")}: choose`,
  "given-up": (fate) => (fate.for === "neither" ? "left as planned" : `${WISH_NAMES[fate.for]} goes first`),
};

/** What became of one move of a wish. */
export const fateText = ({ setting, fate }: Granted<SheetFinding>, voice: Voice): string =>
  (FATES[fate.kind] as (fate: WishFate<SheetFinding>, setting: SettingKey, voice: Voice) => string)(
    fate,
    setting,
    voice,
  );

/** Where practice is divided: the question, and both sides with what speaks for them. */
export const SCHOOL_WORDS: Readonly<Record<SchoolId, Readonly<Record<Side | "question", string>>>> = {
  "throttle-strength": {
    question: "Throttle",
    lively: "always full: gets through the junction",
    calm: "follows the level: no surprise in a low one",
  },
  standstill: {
    question: "From a standstill",
    lively: "throttle pulls at once",
    calm: "kick off first: a knocked throttle moves nothing",
  },
  crank: {
    question: "Crank turn before assist",
    lively: "as soon as possible",
    calm: "calm: a foot on the pedal moves nothing",
  },
  start: { question: "Start", lively: "firm: does not bog down", calm: "soft: spares rider, chain and spokes" },
  "power-on": { question: "Level at power-on", lively: "the one last used", calm: "0: nothing moves unasked" },
  cruise: { question: "Cruise", lively: "handy", calm: "off: it holds on when the rider does not" },
  "read-out": {
    question: "Battery read-out",
    lively: "volts: they are the pack’s own",
    calm: "per cent: easier to read",
  },
};
