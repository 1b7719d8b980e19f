/** Plain wording of why a line has its target; the working behind it is put into words in `reasonWorking.ts`. */
import { kmhToMph } from "@/core/units";
import type { CurrentPart } from "@/core/battery/current";
import type { Reason } from "@/core/decide";
import { READ_OUT_NEEDS } from "./readOutNeeds";
import type { Voice } from "./voice";
import { CHEMISTRY_NAMES } from "./chemistries";
import { partInSentence } from "./parts";
import { motorInSentence } from "./motors";
import { SETTING_NAMES } from "./settings";
import { settingValueWords } from "./values";
import { WISH_NAMES } from "./wishNames";
import { encodeProblemText } from "./encodeProblems";
import { count, fixed, plain, speed, unitName } from "./speak";

const words = (why: string | readonly string[]): readonly string[] => (typeof why === "string" ? [why] : why);

/** How many cells are reckoned with, and how to find out where that is not known. */
const seriesWords = (options: readonly number[]): string =>
  options.length > 1
    ? `Such a pack has ${options.join(" or ")} cells in series; the volts its charger ends at tell which. Spared are ` +
      `${options.at(-1)}`
    : `${options[0]} cells in series`;

/** What is not known of a cap that is held all the same. */
const UNSURE_CAPS = {
  own: "This cap goes by the controller’s own measure, so its number is not a true speed yet.",
  unknown: "What this cap is compared with is not known, so its number is not a true speed yet.",
  shown: "Where this cap really ends assist is not known.",
  scale: "What its numbers stand for is not known.",
} as const;

/** A setting inside a sentence. */
const inSentence = (setting: keyof typeof SETTING_NAMES): string => SETTING_NAMES[setting].toLowerCase();

/** What comes of drawing more than a part bears. */
const OVER_PART: Readonly<Record<CurrentPart, string>> = {
  controller: "More would do nothing.",
  bms: "More would trip it.",
  motor: "More heats it faster than a hill is long.",
  connector: "More melts it.",
  wire: "More heats it. Local wiring codes go first.",
};

/** What a reason is put into words with. */
interface Telling extends Voice {
  readonly displayName: string;
}

/** Every reason in words, with the working behind it: one that nobody words does not compile. */
const REASON_WORDS: {
  readonly [K in Reason["key"]]: (reason: Extract<Reason, { key: K }>, telling: Telling) => readonly string[];
} = {
  "reason.as-found": () => words("Stays as found."),
  "reason.maker-only": () =>
    words("Set by the maker only. It stays as found unless you unlock it with a written reason."),
  "reason.reserved": () => words("Nobody knows what this line does. It stays as found."),
  "reason.read-only": () => words("Can be read, not set."),
  "reason.no-fact": (reason) =>
    words(
      {
        rollout: "Measure the rollout, or give the tyre: without it no honest value can be worked out.",
        pack: "Give the pack’s nominal volts.",
        chemistry: "Say which cells the pack has: a guess moves nothing.",
        motor: "Say what kind of motor it is.",
        current: "Give the controller’s or the BMS’s amps.",
        class: "Choose the class it must leave in.",
      }[reason.needs],
    ),
  "reason.no-read-out": (reason) =>
    words(`No honest value can be worked out yet: ${reason.needs.map((need) => READ_OUT_NEEDS[need]).join("; ")}.`),
  "reason.sealed": () => words("Fixed when the plan was sealed. The facts at hand now would give another value."),
  "reason.carried": () => words("Brought along. Nothing speaks for another value."),
  "reason.by-hand": () => words("You set this value by hand. Clear it to go back to the proposal."),
  "reason.wish": ({ asked }) =>
    asked.map(
      ({ wish, setting, from, to }) =>
        `${WISH_NAMES[wish]}: ${SETTING_NAMES[setting].toLowerCase()} ${settingValueWords(setting, from)} → ` +
        `${settingValueWords(setting, to)}.`,
    ),
  "reason.cannot-hold": (reason) => words(encodeProblemText(reason.problem)),
  "reason.wheel": (reason, { displayName }) => {
    const { rollout, turns, asFound, chosen, options } = reason;
    const pick = options.find((option) => option.shows === chosen);
    const source =
      rollout.from === "measured"
        ? `You rolled out ${plain(rollout.mm, 0)} mm (${count(turns, "turn")}, ±${plain(rollout.uncertaintyMm, 0)}).`
        : `From the sidewall the rollout is about ${plain(rollout.mm, 0)} mm (±${plain(rollout.uncertaintyMm, 0)}). ` +
          "Measure it to be sure.";
    const found = asFound
      ? ` ${displayName} takes ${asFound.shows} as ${plain(asFound.circumferenceMm, 0)} mm, so it reads ` +
        `${describeOff(asFound.r)}.`
      : "";
    const choice =
      pick && pick.shows !== asFound?.shows
        ? `${pick.shows} stands for ${plain(pick.circumferenceMm, 0)} mm, the nearest it can hold.`
        : "No other code comes nearer.";
    return words([source + found, choice]);
  },
  "reason.cap": (reason, { unit, className }) => {
    const { limit, r, settingKmh, trueKmh } = reason;
    const text = `${limit.textValue} ${unitName(limit.textUnit)}`;
    const value = plain(reason.heldIn === "mph" ? kmhToMph(settingKmh) : settingKmh);
    const held = `${value} ${unitName(reason.heldIn)}`;
    const holds =
      reason.shows === value
        ? held === text
          ? `The line holds just that.`
          : `The line holds whole ${unitName(reason.heldIn)}; ${held} is the fastest that stays within ` +
            `it${r.low < r.nominal ? ", with what the rollout may be off" : ""}.`
        : `The nearest it can hold below is ${value} ${unitName(reason.heldIn)}, shown as ${reason.shows}.`;
    const accepted =
      limit.aboveTextKmh !== 0
        ? [
            `You accept ${plain(limit.kmh, 2)} km/h as equivalent: ` +
              `${limit.aboveTextKmh > 0 ? "+" : "−"}${fixed(Math.abs(limit.aboveTextKmh), 2)} km/h against the text.`,
          ]
        : [];
    const beyond = reason.beyond ? [encodeProblemText(reason.beyond)] : [];
    return words([
      `${className} ends ${reason.of === "assist" ? "assist" : "throttle drive"} ${limit.strict ? "before" : "at"} ` +
        `${text}. ${holds}`,
      ...accepted,
      `With this wheel line ${reason.of === "assist" ? "assist" : "it"} really stops at ` +
        `${speed(trueKmh.nominal, unit, 2)}.`,
      ...beyond,
    ]);
  },
  "reason.cap-safe": (reason, { unit }) =>
    words([
      UNSURE_CAPS[reason.basis],
      `${reason.shows} ${reason.found ? "stays" : "is set"}: ${
        reason.safe
          ? "it is safe however the number is read."
          : reason.basis === "scale"
            ? "the slowest it has."
            : "no faster than the limit as shown. How far the display is off is not known yet."
      }`,
      "One ride at full assist settles it: write the top speed down under Prove. The class says " +
        `${speed(reason.limitKmh, unit)}.`,
    ]),
  "reason.cap-any": ({ shows, limitKmh }, { unit }) =>
    words([
      "What its numbers stand for is not known.",
      `${shows} is set so that assist ends at all. One ride at full assist settles it: write the top speed down ` +
        `under Prove. The class says ${speed(limitKmh, unit)}.`,
    ]),
  "reason.cap-slowest": ({ shows, trueKmh, limitKmh, of }, { unit }) =>
    words([
      `${shows} is the slowest this line has. The class says ${speed(limitKmh, unit)}.`,
      trueKmh === null
        ? `Where ${of === "assist" ? "assist" : "throttle drive"} then ends is not known.`
        : `${of === "assist" ? "Assist" : "Throttle drive"} then really stops at ${speed(trueKmh.nominal, unit, 2)}: ` +
          "look for what makes the speedometer read so low.",
    ]),
  "reason.wheel-not-the-cause": ({ mistake }) =>
    words(
      mistake.code === ""
        ? "The display is far off, and no one line explains it. The wheel line is not trimmed to hide that."
        : `The display is far off because of line ${mistake.code}. The wheel line is not trimmed to hide that.`,
    ),
  "reason.calm-already": () => words("Calmer than would be proposed already. It stays."),
  "reason.no-limit": () => words("This class sets no cap. It stays as found."),
  "reason.throttle-off": (reason) => words(`${reason.className} leaves no room for a throttle, so it is switched off.`),
  "reason.throttle-runs-over": (reason) =>
    words(`No cap line can end throttle drive where ${reason.className} ends it, so the throttle is switched off.`),
  "reason.walk-off": (reason, { unit }) =>
    words(`Walk assist cannot be held to ${speed(reason.limitKmh, unit)} on this display, so it is switched off.`),
  "reason.throttle-held-back": (reason) =>
    words(`${reason.className} asks for pedals. A line of this display holds the throttle to that, so it can stay.`),
  "reason.throttle-follows-level": () => words("New to it: the throttle follows the level, so level 1 stays gentle."),
  "reason.throttle-not-fitted": () => words("No throttle is fitted. The line stays as found."),
  "reason.throttle-as-class": (reason) =>
    words(`${reason.className} allows the throttle. How it pulls is the rider’s choice.`),
  "reason.rolling-start": () => words("New to it: the throttle pulls only once the bike is rolling."),
  "reason.start-pulses": (reason) =>
    words(
      `Assist starts after ${plain(reason.angle.leastDeg, 0)}–${plain(reason.angle.mostDeg, 0)}° of crank turn. ` +
        `${reason.rider === "novice" ? "Calm for a rider new to it." : "Soon enough to pull away, late enough not to jump."}`,
    ),
  "reason.start-strength": (reason) =>
    words(
      reason.heavy
        ? "A loaded bike bogs down on a soft start, so this one starts firmly."
        : "A soft start spares the rider and the gears. Too soft bogs down on hills and in mud.",
    ),
  "reason.walk-assist": (reason, { unit }) =>
    words(
      reason.limitKmh === null
        ? "The owner’s choice. It stays as found."
        : `The owner’s choice. Prove that it stays within ${speed(reason.limitKmh, unit)}.`,
    ),
  "reason.current": (reason) => {
    const { bounds, by, allowedA, within } = reason;
    const parts = bounds.map(({ part, amps }) => `${partInSentence(part)} ${plain(amps)} A`).join(", ");
    return words(
      within
        ? `Within what the parts bear (${parts}). It stays: more current heats controller, wires and connectors.`
        : `The ${partInSentence(by)} sets it: ${plain(allowedA)} A. ${OVER_PART[by]}`,
    );
  },
  "reason.cut-off": (reason) =>
    words(
      `${seriesWords(reason.options)}, none taken under ${plain(reason.perCellV, 2)} V under load. A pack run flat ` +
        "can be destroyed and catch fire.",
    ),
  "reason.nominal": (reason) =>
    words(
      `The pack is ${reason.packV} V${reason.series === null ? "" : `, ${reason.series} cells in series`}. A wrong ` +
        "value makes the gauge lie.",
    ),
  "reason.pulses": (reason) => words(`Counted on the bike: ${count(reason.pulses, "pulse")} per wheel turn.`),
  "reason.hands-over": ({ to }) =>
    words(`Speed is picked up ${to === "motor" ? "in the motor" : "at the wheel"}: this line hands the counting over.`),
  "reason.cut-off-first": ({ packV }) => words(`Set to ${packV} V, the cut-off line could not spare this pack.`),
  "reason.clock": () => words("The time of day."),
  "reason.pulses-with-wheel": (reason) =>
    words(
      `${count(reason.pulses, "pulse")} per wheel turn, as counted. ` +
        "With this wheel line the display would read worse so.",
    ),
  "reason.crank-pulses": (reason) => words(`Counted on the bike: ${count(reason.pulses, "pulse")} per crank turn.`),
  "reason.power-on-zero": () => words("Level 0 at power-on: nothing moves until the rider asks."),
  "reason.class-unit": (reason) =>
    words(
      `${reason.className} speaks in ${unitName(reason.unit)}, so the rider should see it. The cap line does not ` +
        "follow.",
    ),
  "reason.volts-advised": () => words("Volts are measured; per cent follows somebody’s curve."),
  "reason.owners-choice": () => words("The owner’s choice. It stays as found."),
  "reason.technicians-choice": () => words("Nothing about this bike asks for a change. It stays as found."),
  "reason.not-shown": (reason) => words(`Not in the menu while line ${reason.by} stands as it does.`),
  "reason.no-effect": () => words("This firmware takes the value and does nothing with it. It stays as found."),
  "reason.unknown-scale": () =>
    words("What the numbers stand for is not known until somebody measures it. It stays as found."),
  "reason.unsure": () =>
    words(
      "What this line means is a guess nobody has confirmed. It stays, and its number counts for nothing until then.",
    ),
  "reason.bundle": ({ settings, missed }) => {
    const named = (some: typeof settings) => some.map(inSentence).join(", ");
    return words([
      `One line sets ${named(settings)}.`,
      missed.length === 0
        ? "All as wanted."
        : `None of its choices has ${named(missed)} as wanted; this one comes nearest.`,
    ]);
  },
  "reason.assist-only": (reason) =>
    words(`${reason.className} has no free throttle, so the motor drives with pedalling only.`),
  "reason.walk-speed": (reason, { unit, className }) =>
    words(`${className} says ${speed(reason.limitKmh, unit)} for a walking aid, rounded down.`),
  "reason.level-zero": () => words("Level 0 is kept: a bike that can be ridden and wheeled with the motor asleep."),
  "reason.cruise-off": () => words("Off: cruise pushes on with nobody pedalling."),
  "reason.regeneration-off": () =>
    words("Off: only a direct-drive hub can charge, and only where the BMS is known to take it."),
  "reason.softness": (reason) =>
    words(reason.heavy ? "A loaded bike: too soft a ramp bogs down." : "A soft ramp spares spokes and riders."),
  "reason.readiness": (reason) =>
    words(
      reason.rider === "novice" ? "A rider new to it: a calm start." : "A ready start that still waits for the pedals.",
    ),
  "reason.own-preset": (reason) => words(`Figures of its own for this ${reason.of}. They stay.`),
  "reason.motor-kind": (reason) => words(`The motor on this bike: ${motorInSentence(reason.kind)}.`),
  "reason.chemistry": (reason) => words(`Cells: ${CHEMISTRY_NAMES[reason.chemistry]}.`),
};

/** Why a line has its target. */
export const reasonWhy = <K extends Reason["key"]>(
  reason: Extract<Reason, { key: K }>,
  displayName: string,
  voice: Voice,
): readonly string[] => REASON_WORDS[reason.key as K](reason, { ...voice, displayName });

export const describeOff = (r: number): string =>
  Math.abs(r - 1) < 0.0005 ? "true" : `${plain(Math.abs(r - 1) * 100)} % ${r < 1 ? "low" : "high"}`;
