/** One word for one thing: the fields of the intake, and parts. docs/glossary.md explains them. */
import type { IntakeKey } from "@/core/facts";
import { CHEMISTRY_NAMES } from "./chemistries";
import { LEAVES_THOUGH } from "./leavesThough";
import { MOTOR_NAMES } from "./motors";

interface FieldWords {
  readonly label: string;
  readonly hint?: string;
  readonly options?: Readonly<Record<string, string>>;
}

const YES_NO = { yes: "Yes", no: "No" } as const;

export const INTAKE_WORDS: Readonly<Record<IntakeKey, FieldWords>> = {
  nickname: { label: "Nickname", hint: "What you call the bike. No names of people." },
  frame: { label: "Bike", hint: "20-inch folder, 700C tourer, 27.5 cargo" },
  visit: {
    label: "Why it is here",
    options: {
      "brand-new": "Brand-new kit",
      conversion: "Conversion",
      service: "Service",
      complaint: "Complaint",
      swap: "Display swap",
      upgrade: "Upgrade",
    },
  },
  complaint: { label: "What the rider says", hint: "In the rider’s words." },
  labelKmh: { label: "Speed on its class label", hint: "As it stands on the sticker. Empty where there is none." },
  rider: { label: "Rider", options: { novice: "New to it", "used-to-it": "Used to it", confident: "Confident" } },
  wishes: { label: "What the rider wants" },
  wishWinners: { label: "Chosen between wishes" },
  tyre: { label: "Tyre, as on the sidewall", hint: "ISO designation: 50-559" },
  rolloutMm: { label: "Rollout, all turns", hint: "Valve down, rider on, roll straight." },
  rolloutTurns: { label: "Turns rolled" },
  tapeErrorMm: { label: "Tape may be off by" },
  motorKind: {
    label: "Motor",
    options: MOTOR_NAMES,
  },
  motorRatedW: { label: "Motor rating", hint: "Continuous watts, from its plate." },
  pickUp: {
    label: "Speed picked up",
    options: { "spoke-magnet": "Magnet on a spoke", "inside-motor": "Inside the motor" },
  },
  pulsesPerTurn: { label: "Pulses per wheel turn", hint: "Count the spoke magnets." },
  crankPulses: { label: "Crank sensor pulses", hint: "Per crank turn; a double sensor counts twice." },
  throttleFitted: { label: "Throttle fitted", options: YES_NO },
  brakeCutOff: { label: "Brake cut-off levers", options: YES_NO },
  packV: { label: "Pack, nominal" },
  chemistry: { label: "Cells", options: CHEMISTRY_NAMES },
  series: { label: "Cells in series", hint: "Only where they are not the usual for these volts." },
  packAh: { label: "Pack charge" },
  bmsA: { label: "BMS, continuous" },
  controllerA: { label: "Controller" },
  controllerV: { label: "Controller takes", hint: "Volts on its label: 36/48" },
  connectorA: { label: "Connector bears", hint: "From its data sheet, for long." },
  wireMm2: { label: "Thinnest battery wire" },
  leavesThough: LEAVES_THOUGH,
  odometerKm: { label: "Odometer", hint: "As the display shows it. It tells what was ridden between two visits." },
  checkedBy: { label: "Checked by", hint: "Initials at most." },
  wireGauge: { label: "Or by its gauge", hint: "American wire gauge, as printed on it." },
  overload: { label: "Motor bears its rating times", hint: "1.5 to 2 for the time of a hill. From memory." },
};
