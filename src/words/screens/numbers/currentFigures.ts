// The words of screens/numbers/CurrentFigures.
import type { SpeedUnit } from "@/core/units";
import { partInSentence } from "../../parts";
import { plain, speed } from "../../speak";

export const labelWatts = "Label watts";
export const nominalVoltsAmps = "nominal volts × amps";
export const fromAFullPack = "From a full pack";
export const wNearlyEmpty = (saggedW: number) => `${plain(saggedW, 0)} W nearly empty`;
export const needsPackAndAmps = "needs pack and amps";
export const atTheWheelAt = "At the wheel, at most";
export const currentFiguresAt = (kmh: number, unit: SpeedUnit) => `at ${speed(kmh, unit)}`;
export const needsMotorPackAnd = "needs motor, pack and controller";
export const largestOfForceSpeed = "largest of force × speed over all speeds, full level, no cap";
export const machineFactsFromMemory = "Machine facts from memory.";
export const ratingAgainstTheClass = "Rating against the class";
export const setsNone = (name: string) => `${name} sets none`;
export const saysW = (name: string, classW: number) => `${name} says ${plain(classW, 0)} W`;
export const noClassChosen = "no class chosen";
export const theRatingIsWhat = "The rating is what the motor bears for long, from its plate.";
export const batteryWattsAndPeak = "Battery watts and peak watts are something else and may be several times as much.";
export const batteryAmpsAllowed = "Battery amps allowed";
export const theSetsIt = (by: "motor" | "controller" | "bms" | "connector" | "wire") =>
  `the ${partInSentence(by)} sets it`;
export const needsOnePartsRating = "needs one part’s rating";
export const minA = (bounds: string, allowedA: number) => `min(${bounds}) = ${plain(allowedA)} A`;
export const theDisplayLetsThrough = "The display lets through";
export const noCurrentLineOr = "no current line, or not read";
export const noDisplayYet = "no display yet";
export const moreThanTheParts = "more than the parts bear";
export const withinTheParts = "within the parts";
export const currentFiguresLine = (code: string) => `line ${code}`;
