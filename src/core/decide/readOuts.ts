/** The product's position on what the display counts and shows. */
import { decoded } from "../applied";
import { keep, type Positions } from "./context";

export const READ_OUT_POSITIONS: Positions = {
  pulsesPerTurn: ({ bike: { pulsesPerTurn } }) =>
    pulsesPerTurn === null
      ? keep({ key: "reason.no-read-out", needs: ["pick-up-pulses"] })
      : { value: pulsesPerTurn, reason: { key: "reason.pulses", pulses: pulsesPerTurn } },
  // What nobody has counted moves nothing.
  crankPulses: ({ bike: { crankPulses, crankPulsesSaid } }) =>
    crankPulsesSaid
      ? { value: crankPulses, reason: { key: "reason.crank-pulses", pulses: crankPulses } }
      : keep({ key: "reason.technicians-choice" }),
  motorPresetKind: ({ profile, bike: { motorKind }, asFound }) => {
    if (decoded(profile, asFound, "motorPresetKind") === "own") return keep({ key: "reason.own-preset", of: "motor" });
    return motorKind === null
      ? keep({ key: "reason.no-fact", needs: "motor" })
      : { value: motorKind, reason: { key: "reason.motor-kind", kind: motorKind } };
  },
  speedUnit: ({ choice }) => {
    if (!choice) return keep({ key: "reason.no-fact", needs: "class" });
    const { speedUnit: unit, name: className, publicRoad } = choice.rule;
    // The unit is the rider's and the country's; land that is no road has none.
    if (!publicRoad) return keep({ key: "reason.owners-choice" });
    return { value: unit, reason: { key: "reason.class-unit", unit, className } };
  },
  batteryReadout: () => ({ value: "volts", reason: { key: "reason.volts-advised" } }),
};
