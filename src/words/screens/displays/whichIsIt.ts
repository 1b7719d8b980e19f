// The words of screens/displays/WhichIsIt.
import { count } from "../../speak";

export const whatDoesLineShow = (code: string) => `What does line ${code} show, that cannot be changed?`;
export const isThereALine = (code: string) => `Is there a line ${code}?`;
export const howFarDoesLine = (code: string) => `How far does line ${code} go at most?`;
export const howManyLinesAre = "How many lines are there in all?";
export const whichOfTheseIs = "Which of these is it?";
export const lookAtTheReal = "Look at the real menu and answer. The fewest looks are asked that tell them apart.";
export const displayStillPossible = (leftCount: number) => `${count(leftCount, "display")} still possible`;
export const noSuchLine = "no such line";
export const somethingElse = "Something else";
export const noneOfTheseDescribe =
  "None of these. Describe it in the workbench: a leaflet’s text is enough to begin with.";
export const itAnswersLike = (name: undefined | string, variant: undefined | string) =>
  `It answers like ${name ?? ""}, ${variant ?? ""}.`;
export const nothingTellsTheseApart = (left: string) => `Nothing tells these apart: ${left}.`;
export const whichIsItShow = (name: string) => `Show ${name}`;
