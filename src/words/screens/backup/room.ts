// The words of screens/backup/Room.
import { plain } from "../../speak";

export const room = "Room in this browser";
const megabytes = (bytes: number): string =>
  bytes >= 1e9 ? `${plain(bytes / 1e9, 1)} GB` : `${plain(bytes / 1e6, 1)} MB`;
export const used = (usedBytes: number, quotaBytes: number) =>
  `${megabytes(usedBytes)} of about ${megabytes(quotaBytes)} used.`;
export const notTold = "This browser does not tell how much room there is.";
export const keptForGood = "The browser has promised not to clear it when it runs short of room.";
export const notKeptForGood =
  "The browser may clear it when it runs short of room: it has not promised to keep it. A back-up is the only sure " +
  "copy.";
export const askForIt = "Ask the browser to keep it";
export const refused = "The browser did not promise it. It does once the page is used often, or installed.";
export const nearlyFull =
  "The room is nearly used up. Write a back-up now, then take photos away or make room on the disk.";
