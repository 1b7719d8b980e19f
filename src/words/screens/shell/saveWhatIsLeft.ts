// The words of screens/shell/SaveWhatIsLeft.
import { count } from "../../speak";

export const saveWhatCanBeRead = "Save what can be read";
export const what =
  "Reads the data as it lies, changes nothing, and writes it as a back-up to be brought in elsewhere.";
export const reading = "Reading what is there …";
export const nothingThere = "There is nothing to read: this browser holds no data of this address.";
export const saved = (visits: number, unread: number) =>
  `${count(visits, "visit")} saved.` +
  (unread > 0
    ? ` ${count(unread, "row")} could not be read. Keep this browser’s data until they are accounted for.`
    : "");
export const couldNot = (detail: string) => `Nothing could be read: ${detail}`;
export const fileName = (iso: string) => `odd-spoke-rescued-${iso.slice(0, 16).replace(/[:T]/g, "-")}.zip`;
