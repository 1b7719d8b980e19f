// The words of screens/workbench/LeafletPanel.
import { count } from "../../speak";

export const theLeafletsTextIn = "The leaflet’s text, in whatever shape it comes";
export const numberedLinesTablesBroken =
  "Numbered lines, tables, broken English, mixed units: paste it as it is. Every line comes out with how sure the reading is. Without a leaflet, begin with the keys.";
export const lineFoundSureRow = (linesCount: number, sure: number, leftOverCount: number) =>
  `${count(linesCount, "line")} found, ${sure} sure${leftOverCount > 0 ? `, ${count(leftOverCount, "row")} left over` : ""}.`;
export const takeTheseLines = "Take these lines";
export const rowsNothingWasMade = "Rows nothing was made of";
