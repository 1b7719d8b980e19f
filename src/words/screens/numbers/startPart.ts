// The words of screens/numbers/StartPart.
import { fixed, plain } from "../../speak";

export const gentler = "Gentler";
export const keener = "Keener";
export const startAfterOfCrank = (wantedDeg: number) => `Start after ${plain(wantedDeg, 0)}° of crank`;
export const pulsesACrankTurn = (crankPulses: number) =>
  `${crankPulses} pulses a crank turn; a double sensor counts twice its magnets.`;
export const pulsesToCount = "Pulses to count";
export const rounded = "Rounded";
export const pulses = "Pulses";
export const startsBetween = "Starts between";
export const fromRestAtMost = "From rest at most";
export const ridingAtMost = "Riding at most";
export const n3601To360 = (pulses: number, crankPulses: number) =>
  `360 × (${pulses} − 1) ÷ ${crankPulses} to 360 × ${pulses} ÷ ${crankPulses}`;
export const n6030RpmS = (pulses: number, crankPulses: number, fromRestS: number) =>
  `60 × ${pulses} ÷ (${crankPulses} × 30 rpm) = ${fixed(fromRestS, 2)} s from rest`;
export const line = "Line ";
export const at = " at ";
export const onThisDisplayA = ": on this display a larger number starts";
export const itsNumbersAreNo = " Its numbers are no pulses; prove it on the stand.";
export const noLineOfThis = "No line of this display sets when assist starts.";
export const bench = "start";
