// The words of screens/workbench/Workbench.
import { count } from "../../speak";

export const leaflet = "Leaflet";
export const keys = "Keys";
export const menu = "Menu";
export const lines = "Lines";
export const display = "Display";
export const files = "Files";
export const thisDisplayIsNot = "This display is not described on this machine";
export const displaysThatShipCan =
  "Displays that ship can be cloned and varied. Others are kept in the browser they were described in; import " +
  "the file.";
export const toTheDisplays = "To the displays";
export const displays = "Displays";
export const workbenchWorkbench = (name: string) => `Workbench: ${name}`;
export const whatYouCallIt = "What you call it";
export const whichVariant = "Which variant";
export const lineCountMarksFirmware = "Line count, marks, firmware: whatever tells it apart.";
export const partOfTheDescription = "Part of the description";
export const howItStands = "How it stands";
export const problems = "Problems";
export const thingToMend = (problemsCount: number) => `${count(problemsCount, "thing")} to mend`;
export const itWorksPressIt = " It works. Press it and see.";
export const keysToReadEvery = "Keys to read every line: ";
export const classesItsCapCannot = "Classes its cap cannot hold";
export const itsCapLineAgainst = "Its cap line against the classes";
export const workbenchLine = (code: string, className: string, encodeProblem: string) =>
  `Line ${code}, ${className}: ${encodeProblem}`;
export const walkIt = "Walk it";
