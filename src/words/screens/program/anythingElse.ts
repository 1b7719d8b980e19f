// The words of screens/program/AnythingElse.
import { secondsOf } from "../../speak";

export const orLine = "Or line";
export const whichShows = "which shows";
export const itBlinks = "and blinks";
export const valueItShows = "Value it shows";
export const orItStandsOn = "Or it stands on";
export const homeScreenNothingSaved = "Home screen, nothing saved";
export const homeScreenSaved = "Home screen, saved";
export const dark = "Dark";
export const leftAloneUntilHome = (closesAfterMs: number) =>
  `A code, a question, anything else: left alone for ${secondsOf(closesAfterMs)} s until it closed`;
