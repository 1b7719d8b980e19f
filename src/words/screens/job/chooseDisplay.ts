// The words of screens/job/ChooseDisplay.
export const whichDisplayIsOn = "Which display is on the bike?";
export const itsLinesKeysAnd =
  "Its lines, keys and ranges come from the display. Choose it at intake; everything here follows.";
export const chooseTheDisplay = "Choose the display";
