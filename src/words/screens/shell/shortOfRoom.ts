// The words of screens/shell/ShortOfRoom.
export const nearlyFull = "The browser’s room is nearly used up.";
export const whatToDo =
  "Everything is still kept. Write a back-up now; then take photos away that nobody needs, or make room on the disk.";
export const toTheBackup = "To the back-up";
export const later = "Later";
