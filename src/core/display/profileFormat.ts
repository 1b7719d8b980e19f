/** What a display profile calls itself in a file, and how large one may be. */

export const FORMAT = "odd-spoke/display-profile";
export const FORMAT_VERSION = 3;
/** More lines than any menu has. */
export const MOST_LINES = 240;
