// The words of screens/intake/Intake.
import type { RolloutLeftBehind } from "@/core/record/rolloutLeftBehind";
import { plain } from "../../speak";
export const theBike = "The bike";
export const wheel = "Wheel";
export const motorAndSensors = "Motor and sensors";
export const batteryAndController = "Battery and controller";
export const writeDownWhatIt = "Write down what it shows ";
export const whatFollows = "What follows";
export const brandNewNotTo =
  "Brand new: not to be ridden until it is programmed. Judged on the maker’s values until you write down what it " +
  "shows.";
export const nothingFoundAgainstYet = (name: string) => `Nothing found against ${name} yet.`;
export const stillToSay = (missing: string) => `Still to say: ${missing}.`;
export const findTheCause = "Find what is behind it";
/** A rollout that is not this tyre's. */
export const leftBehindText = ({ rollout, tyre }: RolloutLeftBehind): string =>
  `The ${plain(rollout.mm, 0)} mm a turn of the visit before were measured on ${tyre}. Roll this tyre out anew; until ` +
  "then its rollout is worked out from the sidewall.";
