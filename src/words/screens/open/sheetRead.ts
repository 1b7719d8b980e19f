// The words of screens/open/SheetRead.
import { dayAndTime } from "../../speak";

export const title = (number: string, nickname: string) => `${nickname || "A bike"}, visit ${number}: as it was left`;
export const what =
  "From the code on its workshop sheet: what its display was read back to hold. Its digest holds. It is no whole " +
  "record, and nothing of it is stored.";
export const display = "Display";
export const classWord = "Class";
export const handedOver = "Handed over";
export const notHandedOver = "not yet, when the sheet was printed";
export const on = (iso: string) => dayAndTime(iso);
export const seal = "Last seal";
export const sealed = (hash: string) => hash.slice(0, 12);
export const none = "none";
export const lines = "What each line was read back to show";
export const line = "Line";
export const showed = "Showed";
