/** Plain wording of findings, in one place. The core carries the numbers; these carry the words. */
import type { SheetFinding, SheetMessage } from "@/core/sheet";
import type { ReadingMisfit, SpeedometerMistake } from "@/core/decide";
import type { SpeedUnit } from "@/core/units";
import type { ReadOutNeed } from "@/core/wheel";
import { CHEMISTRY_NAMES } from "./chemistries";
import { partInSentence } from "./fields";
import { motorInSentence } from "./motors";
import { count, fixed, plain, speed, unitName } from "./speak";

export interface Voice {
  readonly unit: SpeedUnit;
  /** Name of the class checked against, and the unit its text is written in. */
  readonly className: string;
  readonly classUnit: SpeedUnit;
}

/** A limit of a class in the unit the display shows, and as the class writes it where that is another. */
export const limitWords = (kmh: number, { unit, classUnit }: Voice): string =>
  unit === classUnit ? speed(kmh, unit) : `${speed(kmh, unit)} (${speed(kmh, classUnit)})`;

/** What has to be known before a shown speed says anything of a true one, and where it is said. */
export const READ_OUT_NEEDS: Readonly<Record<ReadOutNeed, string>> = {
  rollout: "measure the rollout, or give the tyre",
  "pick-up-pulses": "count the pulses of the pick-up in the motor (Numbers, wheel, works them back from one ride)",
  "pick-up": "say where the speed is picked up (this display counts the motor)",
  "other-sensor": "switch the sensor line, or correct the pick-up: the display counts one and the bike has the other",
  "wheel-line": "read the wheel line",
  "pulse-line": "read the pulse line",
  "calibration-line": "read the calibration line",
  "wheel-zero": "the wheel line holds 0, which is no wheel: set it",
  "pulses-zero": "the pulse line holds 0, which counts nothing: set it",
  "calibration-zero": "the calibration line holds 0 %, which shows nothing: set it",
};

const needWords = (needs: readonly ReadOutNeed[]): string => needs.map((need) => READ_OUT_NEEDS[need]).join("; ");

/** Said where a cap's number is held in a unit nobody has read. */
const ifMiles = (unitOpen: boolean): string =>
  unitOpen ? " That is if its number is miles per hour: the unit line has not been read." : "";

/** Why a cap cannot be put in true speed. */
export const BASES = {
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
      return `Assist really stops at ${v(message.trueKmh)}; ${className} says ${limitWords(message.limitKmh, voice)}.${ifMiles(message.unitOpen)}`;
    case "cap.may-be-over":
      return `Assist stops at ${v(message.trueKmh)}, but may reach ${v(message.highKmh)} within what was measured; ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "cap.uncapped":
      return `No cap is set; ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "cap.needs-read-out":
      return `The cap shows ${v(message.shownKmh)}. Where assist really stops is not known: ${needWords(message.needs)}.${ifMiles(message.unitOpen)}`;
    case "cap.measure-it":
      return `${BASES[message.basis]} Measure the top assisted speed; ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "cap.not-read":
      return `The cap line has not been read; ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "cap.no-line":
      return `This display has no cap line. Measure the top assisted speed; ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "cap.accepted-reading":
      return `Read as ${plain(message.readAsKmh, 2)} km/h, accepted as equivalent to ${message.textValue} ${unitName(message.textUnit)}: ${message.aboveTextKmh >= 0 ? "+" : "−"}${fixed(Math.abs(message.aboveTextKmh), 2)} km/h against the text.`;
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
      return `The motor is rated ${message.ratedW} W, exactly the limit. Some texts say below ${message.limitW} W: check yours.`;
    case "motor.not-known":
      return `The motor’s rating is not known; ${className} says ${message.limitW} W.`;
    case "motor.battery-watts":
      return `${plain(message.batteryW, 0)} W drawn from the battery is not the motor’s rating of ${message.ratedW} W. ${message.basis === "continuous-rated" ? `${className} counts the continuous rating.` : `${className} does not say which watts it counts.`}`;
    case "class.private-land":
      return "Not for public roads. Keep the way back to a road sheet ready.";
    case "hazard.pack-not-taken":
      return `A ${message.packV} V pack on a ${message.by} that takes ${message.acceptsV.join(", ")} V. Do not connect it.`;
    case "hazard.nominal-too-low":
      return `Set for ${message.nominalV} V on a ${message.packV} V pack: the gauge stays full and the pack can be run flat.`;
    case "hazard.nominal-too-high":
      return `Set for ${message.nominalV} V on a ${message.packV} V pack: the gauge reads empty and it cuts out early.`;
    case "hazard.cut-off-too-low":
      return `Cut-off ${plain(message.cutOffV)} V is under ${plain(message.leastV)} V, the floor of ${message.series} cells in series. Cells can be destroyed.`;
    case "hazard.current-over":
      return `${plain(message.currentA)} A is more than the ${plain(message.allowedA)} A the ${partInSentence(message.by)} ${message.by === "controller" ? "gives" : message.by === "motor" ? "bears for the time of a hill" : "bears"}.`;
    case "hazard.moves-at-power-on":
      return `It switches on in ${message.level === "last-used" ? "the level last used" : `level ${message.level}`} with a live throttle. A touch moves the bike.`;
    case "hazard.throttle-live":
      return "It switches on with a live throttle, and no line says in which level. A touch moves the bike.";
    case "hazard.speedometer-mistake":
      return mistakeText(message);
    case "hazard.reading-misfit":
      return readingText(message);
    case "hazard.crank-pulses-misfit":
      return `Line ${message.code} counts ${message.set} pulses a crank turn; the sensor on this bike gives ${message.given}. Assist then starts ${message.set > message.given ? "later" : "sooner"} than it says.`;
    case "hazard.motor-preset-misfit":
      return `Line ${message.code} is the preset for a ${motorInSentence(message.set)}; this bike has a ${motorInSentence(message.fitted)}. Pulses and ramp are then another motor’s.${message.locked ? " Unlock it." : ""}`;
    case "hazard.pack-preset-misfit":
      return `Line ${message.code} is the preset for ${CHEMISTRY_NAMES[message.set]} cells; this pack has ${CHEMISTRY_NAMES[message.fitted]}. Its gauge and its end are then another pack’s.`;
    case "hazard.cruise-on":
      return "Cruise is on: the motor goes on pushing with nobody pedalling.";
    case "hazard.pin-on":
      return "A start PIN is set. Forgotten, it can mean a new controller. Its digits stay with the owner.";
    case "hazard.regeneration":
      return "Regeneration is on without a direct-drive hub. It charges nothing, and a BMS that takes no charge can cut out.";
    case "hazard.no-brake-cut-off":
      return "No brake cut-off levers. The motor can push against the brakes.";
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
      return `Throttle drive really reaches ${v(message.trueKmh)}; ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "throttle.may-be-over":
      return `Throttle drive ends at ${v(message.trueKmh)}, but may reach ${v(message.highKmh)} within what was measured; ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "throttle.uncapped":
      return `Nothing ends throttle drive; ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "throttle.cap-unknown":
      return `Where throttle drive ends is not known; ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "throttle.not-read":
      return "The throttle line has not been read.";
    case "throttle.no-line":
      return `A throttle is fitted and no line of this display says what it does. Try it with the wheel up; where ${className} asks for pedals, unplug it.`;
    case "throttle.measure-pace":
      return `The throttle only walks until the rider pedals. Measure it: ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "throttle.try-pedals":
      return `The throttle asks for pedals first. Try whether it ends with them: ${className} allows motor drive only while pedalling.`;
    case "throttle.off-by-line-only":
      return "A throttle is fitted and switched off by its line only. Unplug it, or expect it to be switched on again.";
    case "walk.measure":
      return `Walk assist is on. Measure it: ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "walk.over":
      return `Walk assist is set to ${v(message.setKmh)}${message.trueKmh === message.setKmh ? "" : `, really ${v(message.trueKmh)}`}; ${className} says ${limitWords(message.limitKmh, voice)}.`;
    case "walk.may-be-over":
      return `Walk assist is set to ${v(message.setKmh)} and may reach ${v(message.highKmh)}; ${className} says ${limitWords(message.limitKmh, voice)}. Measure it.`;
  }
}

/** How far off, in figures that read at once: per cent up to twice, then how many times. */
function farOff(r: number): string {
  const much =
    r >= 2
      ? `shows ${plain(r)} times the true speed`
      : r > 1
        ? `reads ${plain(100 * (r - 1), 0)} % high`
        : r > 0.5
          ? `reads ${plain(100 * (1 - r), 0)} % low`
          : `shows only ${plain(100 * r, 0)} % of the true speed`;
  return `The speedometer ${much}: ${r > 1 ? "it robs the rider of speed and range" : "the bike is faster than it says"}.`;
}

/** The line that makes a display be far off, what comes of it, and what mends it: the cause first. */
function mistakeText({ r, cause, code, holds, wants, mends, locked }: SpeedometerMistake): string {
  const set = mends === null ? "mend it there" : `set it to ${mends}`;
  const must =
    wants !== null && mends === null
      ? `It cannot hold ${plain(wants)}: this display cannot count this pick-up.`
      : `${locked ? `Unlock it, ${set}` : `${set.charAt(0).toUpperCase()}${set.slice(1)}`}, and leave the others.`;
  const told = (because: string): string => `Line ${code} ${because}. ${farOff(r)} ${must}`;
  switch (cause) {
    case "magnets":
      return told(`counts ${magnets(Number(holds))}; this wheel has ${magnets(wants ?? 0)}`);
    case "ratio-left-out":
      return told(
        `is ${holds}, the motor’s own count with its gear left out; a turn of the wheel gives ${plain(wants ?? 0)}`,
      );
    case "pulses":
      return told(`is ${holds}; this pick-up gives ${plain(wants ?? 0)}`);
    case "poles-for-pairs":
      return told(`is ${holds}, twice what this pick-up gives: poles taken for pole pairs`);
    case "pairs-for-poles":
      return told(`is ${holds}, half of what this pick-up gives: pole pairs taken for poles`);
    case "calibration":
      return told(`corrects to ${holds} %, and the wheel is right without it`);
    case "wheel":
      return told(`is ${holds}, a wheel of another size`);
    case "diameter-for-circumference":
      return told(`holds ${holds}, the wheel’s diameter where its circumference belongs`);
    case "inches-for-millimetres":
      return told(`holds ${holds}, inches where millimetres belong`);
    case "several":
      return `${farOff(r)} No one line explains it. Read wheel, pulses and calibration again before anything is set.`;
  }
}

const magnets = (n: number): string => count(n, "magnet");

/** What a reading on the road and the lines do not agree on, and what to look at. */
function readingText({ cause, trueKmh, shown, expected, unit, code, pulses }: ReadingMisfit): string {
  const showed = `At a true ${speed(trueKmh, unit)} it showed ${plain(shown)}${expected === null ? "" : `; by its lines it should show ${plain(expected)}`}.`;
  switch (cause) {
    case "unit":
      return `${showed} That is the same speed in ${unit === "mph" ? "km/h" : "mph"}: look at the unit on the screen${code === "" ? "" : ` and read line ${code} again`}.`;
    case "twice":
      return `${showed} Twice as much: look for a second magnet, or one that passes its sensor twice.`;
    case "half":
      return `${showed} Half as much: look for a magnet that is missing or too far from its sensor.`;
    case "gear-ratio":
      return `${showed} The gear of the motor lies between: the pulses were counted on the other side of it. Count them again, turning the wheel once.`;
    case "other-pulse-line":
      return `${showed} Line ${code} holds another count, and it is the one that rules here.`;
    case "nothing-shown":
      return `At a true ${speed(trueKmh, unit)} it showed nothing. Look at magnet, sensor and plug before any line.`;
    case "counted-by-it":
      return `${showed} Nobody has counted the pick-up; this reading speaks for ${count(pulses ?? 0, "pulse")} a wheel turn. Turn the wheel once and count.`;
    case "unexplained":
      return `${showed} Nothing known explains it. Roll the wheel out again, and read wheel and pulse lines again, before anything is set.`;
  }
}

/** The margin of a finding, where it has one. */
export function marginText({ message }: SheetFinding, { unit }: Voice): string | null {
  if (message.key === "cap.over" || message.key === "throttle.over") return `${speed(message.overKmh, unit)} over`;
  return null;
}
