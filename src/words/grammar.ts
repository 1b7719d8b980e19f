/**
 * What every field of a display's description is called on its form, what is chosen between there, and what it takes.
 * Fields are named as they stand in the description, without their numbers: `rules.gesture.holdMs`.
 */
import type { FieldForm, Path, Scalar } from "@/core/display/editing";
import { nameOfPlace } from "@/core/display/editing";
import { CAP_BASES } from "./choices";
import { DEED_WORDS } from "./deedNames";
import { WAYS_OF_SAVING } from "./manners";
import { CLAIM_SOURCES, ENCODING_WORDS } from "./profiles";
import { SETTING_NAMES } from "./settings";
import { plain } from "./speak";

interface FieldWords {
  readonly label: string;
  readonly hint?: string;
}

const of = (label: string, hint?: string): FieldWords => ({ label, ...(hint ? { hint } : {}) });

/** Fields called alike wherever they stand. */
const BY_NAME: Readonly<Record<string, FieldWords>> = {
  raw: of("Held as", "The number behind what is shown, a whole one."),
  raws: of("shows one of"),
  shows: of("Shows"),
  means: of("Means"),
  code: of("Code"),
  page: of("Opens"),
  line: of("Line"),
  decimals: of("Decimals shown"),
  special: of("Values of their own", "A value that stands for something else: 0 for never."),
  rawMin: of("Held from"),
  rawMax: of("Held up to"),
  heldIn: of("Held in"),
  circumferenceUncertainty: of("Circumference known within"),
  action: of("What it does"),
  asks: of("Asks first"),
  changing: of("A value changes"),
};

const BY_PLACE: Readonly<Record<string, FieldWords>> = {
  glass: of("Glass"),
  comesOff: of("Comes off the bar", "Without tools, to be taken along."),
  keys: of("Keys, levers and throttle"),
  "keys.cap": of("Drawn on it", "One or two characters."),
  "keys.name": of("Called"),
  "keys.keyboard": of("On a keyboard", "The computer’s key that presses it on the simulated display."),
  "keys.part": of("What it is"),
  doubleTapMs: of("Two taps within"),
  rules: of("What the keys do"),
  "rules.on": of("On the screen"),
  "rules.pages": of("Only on these pages"),
  "rules.editing": of("Only while a value"),
  "rules.infoLine": of("Only while the info line shows"),
  "rules.sincePowerOn": of("Only so long after power-on"),
  "rules.sincePowerOn.kind": of("Counted"),
  "rules.sincePowerOn.ms": of("Time since power-on"),
  "rules.wheelStill": of("Only while the wheel is still"),
  "rules.keys": of("Pressed together"),
  "rules.gesture": of("How"),
  "rules.gesture.holdMs": of("Held for"),
  "rules.gesture.released": of("Held with them before, then let go"),
  "rules.does": of("What happens"),
  "rules.does.code": of("Access code", "One to eight digits."),
  "rules.does.by": of("Which way"),
  "rules.does.repeat": of("Repeats while held"),
  "rules.does.repeat.afterMs": of("First repeat after"),
  "rules.does.repeat.everyMs": of("Then every"),
  "rules.does.place": of("Which digit"),
  "rules.does.then": of("And then"),
  "rules.does.raw": of("Sets it to", "As held, a whole number."),
  "rules.does.around": of("At the last level"),
  infoLines: of("The info line can show", "In the order its key steps through."),
  levels: of("Assist levels"),
  "levels.lowest": of("Lowest level"),
  "levels.names": of("Names of the levels", "From the lowest up; none where they are numbers."),
  modes: of("Modes of the home screen", "In the order the mode key goes through."),
  pinDigits: of("Digits of a start PIN"),
  "menu.pages": of("Pages"),
  "menu.pages.name": of("Page"),
  "menu.pages.entries": of("Entries"),
  "menu.pages.entries.saves": of("On the way out"),
  "menu.pages.atEnds": of("At its ends"),
  "menu.pages.opensAt": of("Opens at"),
  "menu.idle.closesAfterMs": of("Closes by itself after"),
  "menu.idle.pending": of("Left alone, the menu"),
  "menu.saves": of("Changes are kept"),
  lines: of("Lines"),
  "lines.encoding": of("Kind of line"),
  "lines.encoding.setting": of("Sets"),
  "lines.encoding.options": of("Values", "In the order the display steps through them."),
  "lines.encoding.options.means": of("Means"),
  "lines.encoding.basis": of(
    "Compared with",
    "Only a cap on the speed shown is ever turned into a true speed. Leave it unknown until you have tried it.",
  ),
  "lines.encoding.endsThrottle": of("Throttle ends there too"),
  "lines.encoding.rawStep": of("Held in steps of"),
  "lines.encoding.perRaw": of("One held is worth", "Below 0 where the line runs backwards."),
  "lines.encoding.offset": of("0 held is worth"),
  "lines.encoding.shownPer": of("One held is shown as"),
  "lines.encoding.shownOffset": of("0 held is shown as"),
  "lines.encoding.defaultRaw": of("Held at the default"),
  "lines.encoding.defaults": of("Default by pack"),
  "lines.encoding.defaults.nominalV": of("Pack"),
  "lines.encoding.defaults.valueV": of("Default"),
  "lines.encoding.codes": of("Wheel codes"),
  "lines.encoding.codes.inch": of("Wheel"),
  "lines.encoding.codes.circumferenceMm": of("Taken for", "Empty: inch × 25.4 × π."),
  "lines.encoding.uncappedRaw": of("Held for no cap", "The first or the last."),
  "lines.encoding.uncappedShows": of("Shown for no cap"),
  "lines.encoding.lowersPower": of("A lower cap lowers power too"),
  "lines.encoding.larger": of("A larger number is"),
  "lines.encoding.noneRaw": of("Held for none"),
  "lines.encoding.measured": of("Measured", "True km/h where it is a speed. Nothing else is aimed for."),
  "lines.encoding.measured.value": of("Measured"),
  "lines.encoding.measured.on": of("On which bike"),
  "lines.encoding.measured.on.rolloutMm": of("Its rollout"),
  "lines.encoding.measured.on.r": of("Shown over true"),
  "lines.encoding.handsOverRaw": of("Hands over to the other pick-up at"),
  "lines.encoding.shows": of("Always shows", "Empty where it varies, such as the last faults."),
  "lines.encoding.shown": of("What it shows"),
  "lines.encoding.shown.per": of("One held is shown as"),
  "lines.encoding.shown.offset": of("0 held is shown as"),
  "lines.encoding.shown.marks": of("Marks, in order"),
  "lines.atEnds": of("At the ends"),
  "lines.factoryRaw": of("Maker’s value", "As held. Empty: nobody has stated it."),
  "lines.makerOnly": of("Who may set it"),
  "lines.note": of("Note"),
  "lines.shownWhen": of("In the menu only while", "All of these hold."),
  "lines.mattersWhen": of("Does something only while", "All of these hold."),
  "lines.effect": of("Does it do anything?"),
  "lines.claims": of("Who says so"),
  "lines.claims.from": of("From"),
  "lines.claims.on": of("On", "As 2026-05-01; empty where nobody noted it."),
  "lines.claims.confidence": of("How sure"),
  "lines.claims.says": of("Says"),
  "lines.claims.setting": of("Sets"),
  "lines.claims.chosen": of("Believed"),
  inForce: of("Values act"),
  acceptsNominalV: of("Packs it takes", "Nominal volts; none where nobody has said."),
  faultCodes: of("Fault codes"),
  "faultCodes.says": of("What it stands for"),
  source: of("Where this description comes from"),
};

/** The words of a field; undefined where none were written. */
export const fieldWords = (place: string): FieldWords | undefined =>
  BY_PLACE[place] ?? BY_NAME[place.slice(place.lastIndexOf(".") + 1)];

/** What a field is called. */
export const fieldLabel = (path: Path): string => fieldWords(nameOfPlace(path))?.label ?? nameOfPlace(path);
export const fieldHint = (path: Path): string | undefined => fieldWords(nameOfPlace(path))?.hint;

type ValueWords = Readonly<Record<string, string>>;

const YES_NO: ValueWords = { true: "Yes", false: "No" };
const ENDS: ValueWords = { wrap: "Comes round", stop: "Stops" };
const UP_DOWN: ValueWords = { "1": "Up", "-1": "Down" };

/** What is chosen between, by the place or the name of the field. */
const VALUES: Readonly<Record<string, ValueWords>> = {
  glass: { segment: "Segments", colour: "Colour" },
  comesOff: { "slides-off": "Slides off", "turns-off": "A quarter turn", stays: "Stays on" },
  part: { key: "Key", "brake-lever": "Brake lever", throttle: "Throttle", pedals: "Pedals" },
  on: {
    off: "Switched off",
    home: "Home",
    menu: "In the menu",
    code: "Entering a code",
    confirm: "Being asked",
    monitor: "Monitor page",
  },
  editing: { true: "Blinks", false: "Stands still" },
  "sincePowerOn.kind": { within: "Within it", after: "Later than it" },
  gesture: {
    tap: "Tapped",
    "double-tap": "Tapped twice",
    hold: "Held",
    "keep-holding": "Held on when others are let go",
  },
  does: { ...DEED_WORDS, "run-action": "restores, clears, sets a PIN or copies" },
  by: UP_DOWN,
  place: { "0": "The ones", "1": "The tens", "2": "The hundreds" },
  then: { stays: "Stays on the line", "next-entry": "Goes to the next line" },
  action: {
    restore: "Puts the maker’s values back",
    "clear-trip": "Clears the trip",
    "clear-odometer": "Clears the odometer",
    "set-pin": "Sets a start PIN",
    "copy-settings": "Copies settings to another controller",
  },
  asks: { nothing: "Nothing", "yes-no": "Yes or no", pattern: "A pattern" },
  around: { true: "Comes round", false: "Stops" },
  lowest: { "0": "0", "1": "1" },
  entries: { line: "A line", page: "A group", exit: "A way out", action: "An action" },
  saves: { true: "Saves", false: "Throws changes away" },
  "menu.saves": Object.fromEntries(Object.entries(WAYS_OF_SAVING).map(([way, { choice }]) => [way, choice])),
  atEnds: ENDS,
  opensAt: { first: "The first", "last-visited": "Where one left it" },
  changing: { "at-once": "At once", select: "After blinking" },
  pending: { save: "Saves changes", discard: "Throws changes away" },
  encoding: ENCODING_WORDS,
  setting: SETTING_NAMES,
  basis: Object.fromEntries(CAP_BASES.map(({ value, label }) => [value, label])),
  heldIn: { "tenth-inch": "Tenths of an inch", mm: "mm", kmh: "km/h", mph: "mph", shown: "The unit shown" },
  larger: { more: "More", less: "Less", unknown: "Not known" },
  shown: { scaled: "Numbers", listed: "Marks" },
  makerOnly: { false: "Technician", true: "Maker only" },
  effect: { works: "It does", none: "Nothing", "not-tried": "Not tried" },
  from: CLAIM_SOURCES,
  inForce: { "at-once": "At once", "after-power-cycle": "After off and on" },
};

/** What a value of a choice is called; undefined where no words were written for it. */
export function valueWords(place: string, value: Scalar): string | undefined {
  const [parent, name] = place.split(".").slice(-2);
  const words = VALUES[place] ?? VALUES[`${parent}.${name}`] ?? VALUES[name ?? parent ?? ""];
  return words?.[String(value)] ?? (typeof value === "boolean" ? YES_NO[String(value)] : undefined);
}

export const valueLabel = (path: Path, value: Scalar): string => valueWords(nameOfPlace(path), value) ?? String(value);

/** What stands for a field that holds nothing. */
const LACKING: Readonly<Record<string, string>> = {
  "rules.pages": "Any page",
  "rules.editing": "Either way",
  "rules.infoLine": "Whatever it shows",
  "rules.sincePowerOn": "At any time",
  "rules.does.code": "No code",
  "rules.does.repeat": "One step a press",
  "menu.pages.changing": "As everywhere",
  "lines.encoding.basis": "Not said",
  comesOff: "Not said",
  "lines.encoding.endsThrottle": "Not said",
  "lines.encoding.shown": "The number held",
  "lines.encoding.measured.on": "Nobody knows",
  "lines.shownWhen": "Always",
  "lines.mattersWhen": "Always",
  "lines.claims.setting": "Not known",
};
export const lackingLabel = (path: Path): string => LACKING[nameOfPlace(path)] ?? "None";
export const whereItIsSaid = "Said here";

/** What stays while a field shows something it does not take. */
export const whatIsKept = (kept: string): string => (kept === "" ? "Nothing is kept." : `${kept} is kept.`);

/** What a field would take. */
export function takesText(form: FieldForm): string {
  const per = form.facts.typedIn?.per ?? 1;
  const unit = form.facts.typedIn ? ` ${form.facts.typedIn.unit}` : "";
  switch (form.kind) {
    case "number": {
      const [least, most] = [form.least / per, form.most / per];
      const whole = form.whole && per === 1 ? "a whole number" : "a number";
      const but = form.notNull ? ", but not 0" : "";
      if (!Number.isFinite(least) || !Number.isFinite(most)) return `Give ${whole}${unit ? ` of${unit}` : ""}${but}.`;
      return `Give ${whole} from ${plain(least, 2)} to ${plain(most, 2)}${unit}${but}.`;
    }
    case "text":
      return form.longest <= 8
        ? `Give 1 to ${form.longest} characters.`
        : `Give 1 to ${form.longest} characters, told apart from the others.`;
    case "meaning":
      return "Give what it stands for: a number, yes or no, or a word of its setting.";
    case "may-lack":
      return takesText(form.of);
    case "list":
      return `Give ${form.least} to ${form.most} of them.`;
    default:
      return "Choose one of those.";
  }
}
