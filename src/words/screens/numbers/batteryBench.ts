// The words of screens/numbers/BatteryBench.
import * as caution from "../../cautions";
import { plain } from "../../speak";

export const thePack = "The pack";
export const theGauge = "The gauge";
export const guessesAreFromMemory =
  "Guesses are from memory and give way to what you type. Series counts: common practice, no source.";
export const aWrongVoltageOr = `${caution.volts} ${caution.packFault}`;
export const giveThePacksVolts = "Give the pack’s volts, and the rest follows.";
export const atRest = "at rest";
export const underA = (typicalA: number) => `under ${plain(typicalA)} A`;
export const voltsAreMeasuredPer =
  "Volts are measured; per cent follows somebody’s curve, and sags with the current. Volts on the read-out are " +
  "advised.";
export const bench = "battery";
