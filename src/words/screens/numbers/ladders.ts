// The words of screens/numbers/Ladders.
import type { SpeedUnit } from "@/core/units";
import { count, plain, speed } from "../../speak";

export const fromTheDisplaysLines = "from the display’s lines";
export const asSuchDisplaysUsually = "as such displays usually come";
export const asItIsFlat = "as it is, flat";
export const betterLadderFlat = "better ladder, flat";
export const asItIs5 = "as it is, 5 %";
export const betterLadder5 = "better ladder, 5 %";
export const level = "Level ";
export const isReallyLevel = " is really level ";
export const again = " again.";
export const someMeasuredSpeedsAre =
  "Some measured speeds are not what the model makes of this rider and road: usually the rider’s power on the " +
  "Ride bench is not theirs. The measured speeds stand; power and range of those levels are left out.";
export const level0WasNot = "Level 0 was not measured, so whether level 1 adds anything is not judged.";
export const asItIs = "As it is";
export const betterLadder = "Better ladder";
export const thisDisplayHasNo =
  "This display has no line for each level’s share. The better ladder is a yardstick: change how many levels " +
  "there are, or the kit.";
export const speedOfEachLevel = "Speed of each level";
export const laddersLevel = "level";
export const steadySpeedOfEach = (rowsCount: number) =>
  "Steady speed of each level on the flat and on 5 %, as it is and with the better ladder, " +
  `${count(rowsCount - 1, "level")}`;
export const whereAssistEndsIs = "Where assist ends is not known on this display, so speeds are shown without a cap.";
export const realLevelsNow = "Real levels now";
export const twoLevelsAreTwins = (speedKmh: number, unit: SpeedUnit, powerShare: number) =>
  `two levels are twins where speed differs under ${speed(speedKmh, unit)} and battery power under ` +
  `${plain(100 * powerShare, 0)} % of the largest,`;
export const onTheFlatAnd = "on the flat and on 5 % alike, after the cap";
export const theLimitsAreFrom = "The limits are from memory.";
export const realLevelsOfThe = "Real levels of the better ladder";
export const heldInStepsOf = (step: number) => `held in steps of ${plain(100 * step, 1)} %`;
export const ofAll = (real: number, all: number) => `${real} of ${all}`;
export const levelHas = (level: number, share: number) => `level ${level}: ${plain(100 * share, 1)} %`;
export const bench = "ladder";
