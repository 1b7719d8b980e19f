/** Plain wording of every message the core hands out, in one place. The core carries the numbers; these carry the words. */
import type { EncodeProblem, ShownProblem } from "@/core/display";
import type { PlanProblem } from "@/core/keys";
import type { JobFileProblem } from "@/core/record/jobFile";
import { kmhToMph, type SpeedUnit } from "@/core/units";
import type { FieldProblem, Reason, SheetFinding, SheetMessage } from "@/core/setup";
import type { RolloutDisagreement } from "@/core/wheel";
import { SETTING_NAMES } from "./names";
import { count, fixed, offBy, plain, speed, unitName } from "./speak";

export interface Voice {
  readonly unit: SpeedUnit;
  /** Name of the class checked against. */
  readonly className: string;
}

const BASES = { own: "by its own measure", share: "as a share of power", unknown: "in a way nobody knows" } as const;

/** One sentence for a finding. */
export function findingText(message: SheetMessage, { unit, className }: Voice): string {
  const v = (kmh: number, decimals = 1) => speed(kmh, unit, decimals);
  switch (message.key) {
    case "cap.over":
      return `Assist really stops at ${v(message.trueKmh)}; ${className} says ${v(message.limitKmh)}.`;
    case "cap.may-be-over":
      return `Assist stops at ${v(message.trueKmh)}, but may reach ${v(message.highKmh)} within what was measured; ${className} says ${v(message.limitKmh)}.`;
    case "cap.uncapped":
      return `No cap is set; ${className} says ${v(message.limitKmh)}.`;
    case "cap.needs-rollout":
      return `The cap shows ${v(message.shownKmh)}. Measure the rollout to know where assist really stops.`;
    case "cap.measure-it":
      return `This cap is kept ${BASES[message.basis]}. Measure the top assisted speed; ${className} says ${v(message.limitKmh)}.`;
    case "cap.not-read":
      return `The cap line has not been read; ${className} says ${v(message.limitKmh)}.`;
    case "cap.no-line":
      return `This display has no cap line. Measure the top assisted speed; ${className} says ${v(message.limitKmh)}.`;
    case "cap.accepted-reading":
      return `Read as ${plain(message.readAsKmh, 2)} km/h, accepted as equivalent to ${message.textValue} ${unitName(message.textUnit)}: ${message.aboveTextKmh >= 0 ? "+" : "−"}${fixed(Math.abs(message.aboveTextKmh), 2)} km/h against the text.`;
    case "throttle.not-in-class":
      return message.rule === "none" ? `The throttle is live; ${className} has none.` : `The throttle is live; ${className} allows motor drive only while pedalling.`;
    case "throttle.walking-pace-only":
      return `The throttle is live; ${className} allows it to ${v(message.limitKmh)} only.`;
    case "throttle.over":
      return `Throttle drive really reaches ${v(message.trueKmh)}; ${className} says ${v(message.limitKmh)}.`;
    case "throttle.cap-unknown":
      return `Where throttle drive ends is not known; ${className} says ${v(message.limitKmh)}.`;
    case "throttle.not-read":
      return "The throttle line has not been read.";
    case "throttle.off-by-line-only":
      return "A throttle is fitted and switched off by its line only. Unplug it, or expect it to be switched on again.";
    case "walk.measure":
      return `Walk assist is on. Measure it: ${className} says ${v(message.limitKmh)}.`;
    case "walk.over":
      return `Walk assist is set to ${v(message.setKmh)}; ${className} says ${v(message.limitKmh)}.`;
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
      return `${plain(message.currentA)} A is more than the ${plain(message.allowedA)} A the ${message.by === "bms" ? "BMS bears" : "controller gives"}.`;
    case "hazard.moves-at-power-on":
      return `It switches on in ${message.level === "last-used" ? "the level last used" : `level ${message.level}`} with a live throttle. A touch moves the bike.`;
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

/** The margin of a finding, where it has one. */
export function marginText({ message }: SheetFinding, { unit }: Voice): string | null {
  if (message.key === "cap.over" || message.key === "throttle.over") return `${speed(message.overKmh, unit)} over`;
  return null;
}

export interface ReasonWords {
  readonly why: readonly string[];
  /** The formula with this bike’s numbers in it, line by line. */
  readonly working: readonly string[];
}

const words = (why: string | readonly string[], working: readonly string[] = []): ReasonWords => ({ why: typeof why === "string" ? [why] : why, working });

/** Why a line has its target, and the working behind it. */
export function reasonWords(reason: Reason, displayName: string, { unit, className }: Voice): ReasonWords {
  switch (reason.key) {
    case "reason.as-found":
      return words("Stays as found.");
    case "reason.maker-only":
      return words("Set by the maker only. It stays as found unless you unlock it with a written reason.");
    case "reason.reserved":
      return words("Nobody knows what this line does. It stays as found.");
    case "reason.read-only":
      return words("Can be read, not set.");
    case "reason.no-fact":
      return words({ rollout: "Measure the rollout, or give the tyre: without it no honest value can be worked out.", pack: "Give the pack’s nominal volts.", current: "Give the controller’s or the BMS’s amps.", class: "Choose the class it must leave in." }[reason.needs]);
    case "reason.by-hand":
      return words("You set this value by hand. Clear it to go back to the proposal.");
    case "reason.cannot-hold":
      return words(encodeProblemText(reason.problem));
    case "reason.wheel": {
      const { rollout, turns, asFound, chosen, options } = reason;
      const pick = options.find((option) => option.shows === chosen);
      const source =
        rollout.from === "measured" ? `You rolled out ${plain(rollout.mm, 0)} mm (${count(turns, "turn")}, ±${plain(rollout.uncertaintyMm, 0)}).` : `From the sidewall the rollout is about ${plain(rollout.mm, 0)} mm (±${plain(rollout.uncertaintyMm, 0)}). Measure it to be sure.`;
      const found = asFound ? ` ${displayName} takes ${asFound.shows} as ${plain(asFound.circumferenceMm, 0)} mm, so it reads ${describeOff(asFound.r)}.` : "";
      const choice = pick && pick.shows !== asFound?.shows ? `${pick.shows} stands for ${plain(pick.circumferenceMm, 0)} mm, the nearest it can hold.` : "No other code comes nearer.";
      const working = [...(asFound ? [`r = ${plain(asFound.circumferenceMm, 0)} ÷ ${plain(rollout.mm, 0)} = ${fixed(asFound.r, 3)}`] : []), ...(pick && pick.shows !== asFound?.shows ? [`r = ${plain(pick.circumferenceMm, 0)} ÷ ${plain(rollout.mm, 0)} = ${fixed(pick.r, 4)}`] : [])];
      return words([source + found, choice], working);
    }
    case "reason.cap": {
      const { limit, r, settingKmh, trueKmh } = reason;
      const text = `${limit.textValue} ${unitName(limit.textUnit)}`;
      const held = `${plain(reason.heldIn === "mph" ? kmhToMph(settingKmh) : settingKmh)} ${unitName(reason.heldIn)}`;
      const accepted = limit.aboveTextKmh !== 0 ? [`You accept ${plain(limit.kmh, 2)} km/h as equivalent: ${limit.aboveTextKmh > 0 ? "+" : "−"}${fixed(Math.abs(limit.aboveTextKmh), 2)} km/h against the text.`] : [];
      const beyond = reason.beyond ? [encodeProblemText(reason.beyond)] : [];
      return words(
        [`${className} ends ${reason.of === "assist" ? "assist" : "throttle drive"} ${limit.strict ? "before" : "at"} ${text}. The line holds whole ${unitName(reason.heldIn)}, so ${held}, rounded down.`, ...accepted, `With this wheel line ${reason.of === "assist" ? "assist" : "it"} really stops at ${speed(trueKmh.nominal, unit, 2)}.`, ...beyond],
        [
          ...(limit.textUnit === "mph" ? [`${text} = ${fixed(limit.textKmh, 3)} km/h`] : []),
          `${fixed(limit.kmh, limit.kmh % 1 === 0 ? 0 : 3)} × ${fixed(r.low, 4)} (least r) = ${fixed(limit.kmh * r.low, 2)}`,
          `held as ${held}`,
          `true cap = ${plain(settingKmh, 2)} ÷ ${fixed(r.nominal, 4)} = ${fixed(trueKmh.nominal, 2)} km/h`,
        ],
      );
    }
    case "reason.cap-not-shown":
      return words(`This cap is kept ${BASES[reason.basis]}, not against the speed shown. Measure it before trusting a number.`);
    case "reason.no-limit":
      return words("This class sets no cap. It stays as found.");
    case "reason.throttle-off":
      return words(`${reason.className} leaves no room for a throttle, so it is switched off.`);
    case "reason.throttle-follows-level":
      return words("New to it: the throttle follows the level, so level 1 stays gentle.");
    case "reason.throttle-not-fitted":
      return words("No throttle is fitted. The line stays as found.");
    case "reason.throttle-as-class":
      return words(`${reason.className} allows the throttle. How it pulls is the rider’s choice.`);
    case "reason.rolling-start":
      return words("New to it: the throttle pulls only once the bike is rolling.");
    case "reason.start-pulses":
      return words(
        `Assist starts after ${plain(reason.angle.leastDeg, 0)}–${plain(reason.angle.mostDeg, 0)}° of crank turn. ${reason.rider === "novice" ? "Calm for a rider new to it." : "Soon enough to pull away, late enough not to jump."}`,
        [`360 × ${reason.pulses - 1} ÷ ${reason.crankPulses} = ${plain(reason.angle.leastDeg, 0)}°`, `360 × ${reason.pulses} ÷ ${reason.crankPulses} = ${plain(reason.angle.mostDeg, 0)}°`],
      );
    case "reason.start-strength":
      return words(reason.heavy ? "A loaded bike bogs down on a soft start, so this one starts firmly." : "A soft start spares the rider and the gears. Too soft bogs down on hills and in mud.");
    case "reason.walk-assist":
      return words(reason.limitKmh === null ? "The owner’s choice. It stays as found." : `The owner’s choice. Prove that it stays within ${speed(reason.limitKmh, unit)}.`);
    case "reason.current": {
      const { controllerA, bmsA, allowedA, foundA } = reason;
      const parts = [controllerA === null ? null : `controller ${plain(controllerA)} A`, bmsA === null ? null : `BMS ${plain(bmsA)} A`].filter((part) => part !== null);
      return words(
        foundA !== null && foundA <= allowedA ? `Within what the parts bear (${parts.join(", ")}). It stays: more current heats controller, wires and connectors.` : `The least of ${parts.join(" and ")}. More would do nothing, or trip the BMS.`,
        [`min(${parts.join(", ")}) = ${plain(allowedA)} A`],
      );
    }
    case "reason.cut-off":
      return words(`${reason.series} cells in series, none taken under ${plain(reason.perCellV, 2)} V under load. A pack run flat can be destroyed and catch fire.`, [`${reason.series} × ${plain(reason.perCellV, 3)} V = ${plain(reason.advisedV)} V`]);
    case "reason.nominal":
      return words(`The pack is ${reason.packV} V${reason.series === null ? "" : `, ${reason.series} cells in series`}. A wrong value makes the gauge lie.`);
    case "reason.pulses":
      return words(`Counted on the bike: ${count(reason.pulses, "pulse")} per wheel turn.`);
    case "reason.power-on-zero":
      return words("Level 0 at power-on: nothing moves until the rider asks.");
    case "reason.class-unit":
      return words(`${reason.className} speaks in ${unitName(reason.unit)}, so the rider should see it. The cap line does not follow.`);
    case "reason.volts-advised":
      return words("Volts are measured; per cent follows somebody’s curve.");
    case "reason.owners-choice":
      return words("The owner’s choice. It stays as found.");
    case "reason.technicians-choice":
      return words("Nothing about this bike asks for a change. It stays as found.");
    case "reason.not-shown":
      return words(`Not in the menu while line ${reason.by} stands as it does.`);
    case "reason.no-effect":
      return words("This firmware takes the value and does nothing with it. It stays as found.");
    case "reason.unknown-scale":
      return words("What the numbers stand for is not known until somebody measures it. It stays as found.");
    case "reason.bundle": {
      const names = reason.settings.map((setting) => SETTING_NAMES[setting].toLowerCase()).join(", ");
      return words([`One line sets ${names}.`, reason.missed.length === 0 ? "All of them come out as wanted." : `Not as wanted on any better choice: ${reason.missed.map((setting) => SETTING_NAMES[setting].toLowerCase()).join(", ")}.`]);
    }
    case "reason.assist-only":
      return words(`${reason.className} has no free throttle, so the motor drives with pedalling only.`);
    case "reason.walk-speed":
      return words(`${className} says ${speed(reason.limitKmh, unit)} for a walking aid, rounded down.`);
    case "reason.level-zero":
      return words("Level 0 is kept: a bike that can be ridden and wheeled with the motor asleep.");
    case "reason.cruise-off":
      return words("Off: cruise pushes on with nobody pedalling.");
    case "reason.regeneration-off":
      return words("Off: only a direct-drive hub can charge, and only where the BMS is known to take it.");
    case "reason.softness":
      return words(reason.heavy ? "A loaded bike: too soft a ramp bogs down." : "A soft ramp spares spokes and riders.");
    case "reason.readiness":
      return words(reason.rider === "novice" ? "A rider new to it: a calm start." : "A ready start that still waits for the pedals.");
    case "reason.chemistry":
      return words(`The cells are ${reason.chemistry === "nmc" ? "NMC" : "LFP"}.`);
  }
}

export const describeOff = (r: number): string => (Math.abs(r - 1) < 0.0005 ? "true" : `${plain(Math.abs(r - 1) * 100)} % ${r < 1 ? "low" : "high"}`);
export { offBy };

export function encodeProblemText(problem: EncodeProblem): string {
  switch (problem.key) {
    case "encode.below-range":
      return `The line holds ${plain(problem.least, 2)} or more; ${plain(problem.asked, 2)} is asked.`;
    case "encode.above-range":
      return `The line holds ${plain(problem.most, 2)} at most; ${plain(problem.asked, 2)} is asked.`;
    case "encode.unknown-scale":
      return "Nobody knows what the numbers of this line stand for. Measure it first.";
    case "encode.no-such-choice":
      return problem.accepted.length > 0 ? `The line has no value for ${problem.asked}. It holds ${problem.accepted.join(", ")}.` : `The line has no value for ${problem.asked}.`;
  }
}

export function shownProblemText(problem: ShownProblem): string {
  if (problem.key === "shown.not-a-value") return `This line shows ${problem.accepted.join(", ")}. Is it the right line, or another variant of the display?`;
  return `This line shows ${problem.min} to ${problem.max} in steps of ${plain(problem.step, 2)}. Is it the right line, or another variant of the display?`;
}

export function fieldProblemText(problem: FieldProblem): string {
  switch (problem.key) {
    case "field.not-a-number":
      return `Give a number from ${problem.min} to ${problem.max}${problem.unit ? ` ${problem.unit}` : ""}.`;
    case "field.out-of-range":
      return `Give ${problem.min} to ${problem.max}${problem.unit ? ` ${problem.unit}` : ""}.`;
    case "field.not-whole":
      return `Give a whole number from ${problem.min} to ${problem.max}.`;
    case "field.not-an-option":
      return `Choose one of ${problem.accepted.join(", ")}.`;
    case "field.too-long":
      return `Keep it to ${problem.longest} characters.`;
    case "field.not-volts":
      return "Give one or more voltages from 12 to 120, such as 36/48.";
    case "tyre.not-a-designation":
      return "Give width and rim as on the sidewall, such as 50-559.";
    case "tyre.width-out-of-range":
      return `The width is ${problem.minMm} to ${problem.maxMm} mm.`;
    case "tyre.unknown-bead-seat":
      return `No common rim is ${problem.beadSeatMm} mm. Nearest: ${problem.nearestMm}.`;
  }
}

export const disagreementText = ({ measuredMm, expectedMm }: RolloutDisagreement): string =>
  `Rolled ${plain(measuredMm, 0)} mm a turn; this tyre should roll about ${plain(expectedMm, 0)}. Miscounted turns, or another tyre?`;

export function planProblemText(problem: PlanProblem): string {
  if (problem.key === "plan.locked") return "The display asks for a start PIN. Its owner knows it.";
  return problem.key === "plan.no-way" ? "The keys of this display do not lead there. Check its description." : `Line ${problem.code} cannot be stepped to ${problem.raw}. Choose a value it holds.`;
}

export function fileProblemText(problem: JobFileProblem): string {
  switch (problem.key) {
    case "file.too-large":
      return `The file is ${plain(problem.bytes / 1e6)} MB; a job file is ${plain(problem.most / 1e6)} MB at most.`;
    case "file.not-json":
      return problem.looksCutShort ? `The file ends in the middle: it was cut short. ${problem.detail}` : `This is not a JSON file. ${problem.detail}`;
    case "file.not-a-job":
      return problem.found ? `This is a file of another kind (${problem.found}). A job file says odd-spoke/job.` : "This JSON is not a job file. A job file says odd-spoke/job.";
    case "file.older":
      return `The file is of format ${problem.version}, older than ${problem.accepted}, which is the oldest this version reads.`;
    case "file.newer":
      return `The file is of format ${problem.version}; this version reads format ${problem.accepted}. Update this copy first.`;
    case "file.field":
      return `At ${problem.path || "the top"}: ${problem.detail}`;
    case "file.broken-seal":
      return `Sheet ${problem.sheet} does not match its seal: it was changed after it was sealed, or the chain is broken there.`;
  }
}

