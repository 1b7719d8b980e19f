// The words of screens/workbench/FilesPanel.
import { count } from "../../speak";

export const lineTakenFrom = (linesCount: number, name: string) => `${count(linesCount, "line")} taken from ${name}.`;
export const theDescriptionWasTaken = "The description was taken.";
export const saveTheDisplayAs = "Save the display as JSON";
export const saveItsLinesAs = "Save its lines as CSV";
export const linesToImportAs = "Lines to import, as CSV";
export const takeLinesFromCsv = "Take lines from CSV";
export const notTakenNothingWas = "Not taken. Nothing was changed.";
export const theWholeDescriptionAs = "The whole description as text";
export const takeThisText = "Take this text";
export const backToWhatIs = "Back to what is kept";
