// The words of screens/open/Open.
export const open = "Bring something in";
export const what =
  "A job, a display, a whole book, or a recorded ride, as a file. It is looked at first; nothing is stored before " +
  "you say so.";
export const chooseAFile = "Choose the file";
export const fileToOpen = "File to open";
export const looking = "Looking at it …";
export const unknown = (name: string) =>
  `“${name}” is no job, display or book of Odd Spoke. A job file and a display end in .json, a book in .zip.`;
export const displayTaken = (name: string) => `${name} is in the library.`;
export const displayRefused = (name: string, why: string) => `“${name}” could not be taken: ${why}`;
export const broughtIn = "Brought in.";
export const couldNot = (detail: string) => `It could not be kept: ${detail}`;
