// The words of screens/numbers/PartRatings.
import { plain } from "../../speak";

export const whatEachPartBears = "What each part bears";
export const part = "Part";
export const amps = "Amps";
export const verdict = "Verdict";
export const setsTheLimit = "sets the limit";
export const electricalInputARating = "Electrical input a rating permits; not rated watts over volts.";
export const mmAMmA = (wireMm2: null | number, ampsPerMm2: number, amps: number) =>
  `${plain(wireMm2 ?? 0, 2)} mm² × ${ampsPerMm2} A/mm² = ${plain(amps)} A`;
export const inFreeAirFrom = "In free air, from memory. Local wiring codes go first.";
export const aAsSaid = (amps: number) => `${plain(amps)} A, as said`;
export const giveTheControllersAmps = "Give the controller’s amps to begin with.";
export const fromMemoryMovesNo = "from memory: moves no line";
