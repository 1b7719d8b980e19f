/** Words of parts not yet bought. */
import { CHEMISTRY_NAMES } from "../chemistries";
import { MOTOR_NAMES } from "../motors";
import { YES_NO, type FigureWords } from "./words";

export const NEW_PART_WORDS = {
  newDisplay: { label: "Another display" },
  newTyre: { label: "New tyre, as on its sidewall", hint: "ISO designation: 50-559" },
  newPackV: { label: "New pack, nominal" },
  newPackAh: { label: "New pack, charge" },
  newBmsA: { label: "Its BMS, continuous" },
  newChemistry: { label: "Its cells", options: CHEMISTRY_NAMES },
  newControllerA: { label: "New controller" },
  newControllerV: { label: "It takes", hint: "Volts on its label: 36/48" },
  newMotorKind: { label: "New motor", options: MOTOR_NAMES },
  newMotorRatedW: { label: "Its rating", hint: "Continuous watts, from its plate." },
  plugFits: { label: "Plugs fit", hint: "Pins, keying, and the lead’s length.", options: YES_NO },
  protocolFits: {
    label: "Display and controller speak the same",
    hint: "A plug may fit and the two still not understand each other.",
    options: YES_NO,
  },
  partCost: { label: "Cost", hint: "As the shop reckons it, labour too." },
  partDelivery: { label: "Delivery" },
  partGain: { label: "What it is to gain" },
} as const satisfies Readonly<Record<string, FigureWords>>;
