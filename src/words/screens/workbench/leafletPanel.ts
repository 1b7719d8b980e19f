// The words of screens/workbench/LeafletPanel.
import { count } from "../../speak";

export const theLeafletsTextIn = "The leaflet’s text, in whatever shape it comes";
export const numberedLinesTablesBroken =
  "Numbered lines, tables, prose, broken English, mixed units, in English, German, French, Spanish, Italian or " +
  "Dutch: " +
  "paste it as it is. Every line comes out with how sure the reading is and the words it rests on. Without a " +
  "leaflet, " +
  "begin with the keys.";
export const noPictures =
  "A photo or a PDF cannot be read here. Text copied from either can: most phones and readers let you mark and " +
  "copy it.";
export const lineFoundSureRow = (linesCount: number, sure: number, leftOverCount: number) =>
  `${count(linesCount, "line")} found, ${sure} ` +
  `sure${leftOverCount > 0 ? `, ${count(leftOverCount, "row")} left over` : ""}.`;
export const takeTheseLines = "Take these lines";
export const taken = ({ added, known, actions }: { added: number; known: number; actions: number }) =>
  [
    `${count(added, "line")} added`,
    ...(known > 0 ? [`${known} known before kept and filled in`] : []),
    ...(actions > 0 ? [`${count(actions, "action")} put in the menu`] : []),
  ].join(", ") + ".";
export const rowsNothingWasMade = "Rows nothing was made of";
