// The words of screens/shell/NotKept.
export const theBrowserHasNo = "The browser has no room left for it.";
export const itIsNoLonger = "It is no longer on this machine: another window has taken it off.";
export const theBrowserRefusedTo = "The browser refused to write.";
export const theLastChangeIs = (why: string) => `The last change is not kept. ${why}`;
export const whatYouTypedStill =
  "What you typed still stands in its field. Save it as a file now, make room, then try again.";
