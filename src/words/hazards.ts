/** Plain wording of what can be hurt, and of facts that do not fit: the cause first, then what comes of it. */
import type { ReadingMisfit, SpeedometerMistake } from "@/core/decide";
import type { SheetMessage } from "@/core/sheet";
import { CHEMISTRY_NAMES } from "./chemistries";
import { partInSentence } from "./parts";
import { motorInSentence } from "./motors";
import { count, plain, speed } from "./speak";
import { limitWords, type Voice } from "./voice";

export type HazardMessage = Extract<SheetMessage, { key: `hazard.${string}` }>;

/** One sentence for a hazard. */
export function hazardText(message: HazardMessage, voice: Voice): string {
  const { unit, className } = voice;
  const v = (kmh: number, decimals = 1) => speed(kmh, unit, decimals);
  switch (message.key) {
    case "hazard.pack-not-taken":
      return (
        `A ${message.packV} V pack on a ${message.by} that takes ` +
        `${message.acceptsV.join(", ")} V. Do not connect it.`
      );
    case "hazard.nominal-too-low":
      return (
        `Set for ${message.nominalV} V on a ${message.packV} V pack: the gauge ` +
        "stays full and the pack can be run flat."
      );
    case "hazard.nominal-too-high":
      return `Set for ${message.nominalV} V on a ${message.packV} V pack: the gauge reads empty and it cuts out early.`;
    case "hazard.cut-off-too-low":
      return (
        `Cut-off ${plain(message.cutOffV)} V is under ${plain(message.leastV)} V, ` +
        `the floor of ${message.series} cells ` +
        "in series. Cells can be destroyed."
      );
    case "hazard.current-over":
      return (
        `${plain(message.currentA)} A is more than the ${plain(message.allowedA)} ` +
        `A the ${partInSentence(message.by)} ` +
        `${message.by === "controller" ? "gives" : message.by === "motor" ? "bears for the time of a hill" : "bears"}.`
      );
    case "hazard.moves-at-power-on":
      return (
        "It switches on in " +
        `${message.level === "last-used" ? "the level last used" : `level ${message.level}`} with a ` +
        "live throttle. A touch moves the bike."
      );
    case "hazard.throttle-live":
      return "It switches on with a live throttle, and no line says in which level. A touch moves the bike.";
    case "hazard.speedometer-mistake":
      return mistakeText(message);
    case "hazard.reading-misfit":
      return readingText(message);
    case "hazard.crank-pulses-misfit":
      return (
        `Line ${message.code} counts ${message.set} pulses a crank turn; the sensor on this bike gives ` +
        `${message.given}. Assist then starts ${message.set > message.given ? "later" : "sooner"} than it says.`
      );
    case "hazard.motor-preset-misfit":
      return (
        `Line ${message.code} is the preset for a ${motorInSentence(message.set)}; this bike has a ` +
        `${motorInSentence(message.fitted)}. Its ramp is another’s.${message.locked ? " Unlock it." : ""}`
      );
    case "hazard.pack-preset-misfit":
      return (
        `Line ${message.code} is the preset for ${CHEMISTRY_NAMES[message.set]} cells; this pack has ` +
        `${CHEMISTRY_NAMES[message.fitted]}. Its gauge and its end are another’s.`
      );
    case "hazard.label-not-class":
      return (
        `The label on the bike says ${v(message.labelKmh)}; ${className} says ` +
        `${limitWords(message.limitKmh, voice)}. ` +
        "Change the label before it leaves."
      );
    case "hazard.label-not-cap":
      return message.trueKmh === null
        ? `The label on the bike says ${v(message.labelKmh)}; nothing ends assist.`
        : `The label on the bike says ${v(message.labelKmh)}; assist really stops at ${v(message.trueKmh)}.`;
    case "hazard.cap-lowers-power":
      return `Line ${message.code} caps speed by taking power away: the bike is weaker on every hill.`;
    case "hazard.cruise-on":
      return "Cruise is on: the motor goes on pushing with nobody pedalling.";
    case "hazard.pin-on":
      return "A start PIN is set. Forgotten, it can mean a new controller. Its digits stay with the owner.";
    case "hazard.regeneration":
      return (
        "Regeneration is on without a direct-drive hub. It charges nothing, and a " +
        "BMS that takes no charge can cut out."
      );
    case "hazard.no-brake-cut-off":
      return "No brake cut-off levers. The motor can push against the brakes.";
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
  return (
    `The speedometer ${much}: ` +
    `${r > 1 ? "it robs the rider of speed and range" : "the bike is faster than it says"}.`
  );
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
      return `${farOff(r)} No one line explains it. Read its lines again.`;
  }
}

const magnets = (n: number): string => count(n, "magnet");

/** What a reading on the road and the lines do not agree on, and what to look at. */
function readingText({ cause, trueKmh, shown, expected, unit, code, pulses }: ReadingMisfit): string {
  const showed =
    `At a true ${speed(trueKmh, unit)} it showed ` +
    `${plain(shown)}${expected === null ? "" : `; by its lines it should show ${plain(expected)}`}.`;
  switch (cause) {
    case "unit":
      return (
        `${showed} That is the same speed in ${unit === "mph" ? "km/h" : "mph"}: look at the unit on the ` +
        `screen${code === "" ? "" : ` and read line ${code} again`}.`
      );
    case "twice":
      return `${showed} Twice as much: look for a second magnet.`;
    case "half":
      return `${showed} Half as much: look for a magnet that is missing or too far from its sensor.`;
    case "gear-ratio":
      return `${showed} The motor’s gear lies between. Turn the wheel once and count.`;
    case "other-pulse-line":
      return `${showed} Line ${code} holds another count, and rules.`;
    case "nothing-shown":
      return `At a true ${speed(trueKmh, unit)} it showed nothing. Look at magnet, sensor and plug before any line.`;
    case "counted-by-it":
      return (
        `${showed} Nobody has counted the pick-up; this reading speaks for ${count(pulses ?? 0, "pulse")} a wheel ` +
        "turn. Turn the wheel once and count."
      );
    case "unexplained":
      return `${showed} Nothing known explains it. Roll out and read its lines again.`;
  }
}
