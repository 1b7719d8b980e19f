// The words of screens/tables/StartTable.
import { plain } from "../../speak";

export const pulsesPerCrankTurn = "Pulses per crank turn";
export const cadenceRpm = "Cadence, rpm";
export const pulsesCountedOutOf = (crank: number) => `Pulses counted out of ${crank}`;
export const counted = "Counted";
export const crankTurnsBetween = "Crank turns between";
export const fromRestAtMost = "From rest at most";
export const atRpmAtMost = (cadence: string) => `At ${cadence} rpm at most`;
export const startTableAnd = (leastDeg: number, mostDeg: number) => `${plain(leastDeg, 0)} and ${plain(mostDeg, 0)}°`;
export const n3601To360 = (pulses: number, crank: number) =>
  `360 × (${pulses} − 1) ÷ ${crank} to 360 × ${pulses} ÷ ${crank} degrees`;
export const geometryFromRestA =
  "Geometry. From rest a rider is taken to turn the crank at 30 rpm: from memory. A double sensor counts twice " +
  "the magnets on its ring.";
