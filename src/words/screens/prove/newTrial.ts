// The words of screens/prove/NewTrial.
import { OUTCOME_WORDS } from "./trialRuns";

export const tryALine = "Try a line";
export const whichLine = "Line";
export const lineOption = (code: string, name: string) => `${code} ${name}`;
export const choose = "choose";
export const valueA = "Value A";
export const valueB = "Value B";
export const whatIsMeasured = "What is measured";
export const outcomeOption = (id: string, unit: string) => `${OUTCOME_WORDS[id] ?? id}, ${unit}`;
export const whatBGives = "B is thought to give";
export const more = "more of it";
export const less = "less of it";
export const blind = "Whoever rides does not know which is set";
export const begin = "Begin the trial";
