/** Plain wording of findings, in one place. The core carries the numbers; these carry the words. */
import type { SheetFinding, SheetMessage } from "@/core/sheet";
import type { ReadOutNeed } from "@/core/wheel";
import { hazardText } from "./hazards";
import { fixed, plain, speed, unitName } from "./speak";
import { READ_OUT_NEEDS } from "./readOutNeeds";
import { limitWords, type Voice } from "./voice";

export { limitWords, type Voice } from "./voice";

const needWords = (needs: readonly ReadOutNeed[]): string => needs.map((need) => READ_OUT_NEEDS[need]).join("; ");

/** Said where a cap's number is held in a unit nobody has read. */
const ifMiles = (unitOpen: boolean): string =>
  unitOpen ? " That is if its number is miles per hour: the unit line has not been read." : "";

/** Why a cap cannot be put in true speed. */
const BASES = {
  own: "This cap goes by the controller’s own measure, not by the speed shown.",
  share: "This cap is a share of power, not a speed.",
  unknown: "What this cap stands for is not known.",
} as const;

/** One sentence for a finding. */
export function findingText(message: SheetMessage, voice: Voice): string {
  const { unit, className } = voice;
  const v = (kmh: number, decimals = 1) => speed(kmh, unit, decimals);
  switch (message.key) {
    case "cap.over":
      return (
        `Assist really stops at ${v(message.trueKmh)}; ${className} says ` +
        `${limitWords(message.limitKmh, voice)}.${ifMiles(message.unitOpen)}`
      );
    case "cap.may-be-over":
      return (
        `Assist stops at ${v(message.trueKmh)}, but may reach ${v(message.highKmh)} within what was measured; ` +
        `${className} says ${limitWords(message.limitKmh, voice)}.`
      );
    case "cap.uncapped":
      return `No cap is set; ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "cap.needs-read-out":
      return (
        `The cap shows ${v(message.shownKmh)}. Where assist really stops is not known: ` +
        `${needWords(message.needs)}.${ifMiles(message.unitOpen)}`
      );
    case "cap.measure-it":
      return (
        `${BASES[message.basis]} Measure the top assisted speed; ${className} says ` +
        `${limitWords(message.limitKmh, voice)}.`
      );
    case "cap.not-read":
      return `The cap line has not been read; ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "cap.no-line":
      return (
        `This display has no cap line. Measure the top assisted speed; ${className} says ` +
        `${limitWords(message.limitKmh, voice)}.`
      );
    case "cap.accepted-reading":
      return (
        `Read as ${plain(message.readAsKmh, 2)} km/h, accepted as equivalent to ${message.textValue} ` +
        `${unitName(message.textUnit)}: ` +
        `${message.aboveTextKmh >= 0 ? "+" : "−"}${fixed(Math.abs(message.aboveTextKmh), 2)} km/h against the text.`
      );
    case "throttle.not-in-class":
    case "throttle.walking-pace-only":
    case "throttle.over":
    case "throttle.may-be-over":
    case "throttle.uncapped":
    case "throttle.cap-unknown":
    case "throttle.not-read":
    case "throttle.no-line":
    case "throttle.measure-pace":
    case "throttle.try-pedals":
    case "throttle.off-by-line-only":
    case "walk.measure":
    case "walk.over":
    case "walk.may-be-over":
      return motionText(message, voice);
    case "motor.over":
      return `The motor is rated ${message.ratedW} W; ${className} says ${message.limitW} W. No line mends that.`;
    case "motor.at-limit":
      return (
        `The motor is rated ${message.ratedW} W, exactly the limit. Some texts say below ${message.limitW} W: check ` +
        "yours."
      );
    case "motor.not-known":
      return `The motor’s rating is not known; ${className} says ${message.limitW} W.`;
    case "motor.battery-watts":
      return (
        `${plain(message.batteryW, 0)} W drawn from the battery is not the motor’s rating of ${message.ratedW} W. ` +
        `${message.basis === "continuous-rated" ? `${className} counts the continuous rating.` : `${className} does not say which watts it counts.`}`
      );
    case "class.private-land":
      return "Not for public roads. Keep the way back to a road sheet ready.";
    default:
      return hazardText(message, voice);
  }
}

type MotionMessage = Extract<SheetMessage, { key: `throttle.${string}` | `walk.${string}` }>;

/** What is said of drive without pedals: the throttle and walk assist. */
function motionText(message: MotionMessage, voice: Voice): string {
  const { unit, className } = voice;
  const v = (kmh: number, decimals = 1) => speed(kmh, unit, decimals);
  switch (message.key) {
    case "throttle.not-in-class":
      return message.rule === "none"
        ? `The throttle is live; ${className} has none.`
        : `The throttle is live; ${className} allows motor drive only while pedalling.`;
    case "throttle.walking-pace-only":
      return `The throttle is live; ${className} allows it to ${limitWords(message.limitKmh, voice)} only.`;
    case "throttle.over":
      return (
        `Throttle drive really reaches ${v(message.trueKmh)}; ${className} says ` +
        `${limitWords(message.limitKmh, voice)}.`
      );
    case "throttle.may-be-over":
      return (
        `Throttle drive ends at ${v(message.trueKmh)}, but may reach ${v(message.highKmh)} within what was measured; ` +
        `${className} says ${limitWords(message.limitKmh, voice)}.`
      );
    case "throttle.uncapped":
      return `Nothing ends throttle drive; ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "throttle.cap-unknown":
      return `Where throttle drive ends is not known; ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "throttle.not-read":
      return "The throttle line has not been read.";
    case "throttle.no-line":
      return (
        "A throttle is fitted and no line of this display says what it does. Try it with the wheel up; where " +
        `${className} asks for pedals, unplug it.`
      );
    case "throttle.measure-pace":
      return (
        `The throttle only walks until the rider pedals. Measure it: ${className} says ` +
        `${limitWords(message.limitKmh, voice)}.`
      );
    case "throttle.try-pedals":
      return (
        "The throttle asks for pedals first. Try whether it ends with them: " +
        `${className} allows motor drive only while ` +
        "pedalling."
      );
    case "throttle.off-by-line-only":
      return "A throttle is fitted and switched off by its line only. Unplug it, or expect it to be switched on again.";
    case "walk.measure":
      return `Walk assist is on. Measure it: ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "walk.over":
      return (
        "Walk assist is set to " +
        `${v(message.setKmh)}${message.trueKmh === message.setKmh ? "" : `, really ${v(message.trueKmh)}`}; ` +
        `${className} says ${limitWords(message.limitKmh, voice)}.`
      );
    case "walk.may-be-over":
      return (
        `Walk assist is set to ${v(message.setKmh)} and may reach ${v(message.highKmh)}; ${className} says ` +
        `${limitWords(message.limitKmh, voice)}. Measure it.`
      );
  }
}

/** The margin of a finding, where it has one. */
export function marginText({ message }: SheetFinding, { unit }: Voice): string | null {
  if (message.key === "cap.over" || message.key === "throttle.over") return `${speed(message.overKmh, unit)} over`;
  return null;
}
