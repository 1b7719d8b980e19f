// The words of screens/program/AnythingElse.
export const orLine = "Or line";
export const whichShows = "which shows";
export const valueItShows = "Value it shows";
export const orItStandsOn = "Or it stands on";
export const homeScreenNothingSaved = "Home screen, nothing saved";
export const homeScreenSaved = "Home screen, saved";
export const dark = "Dark";
