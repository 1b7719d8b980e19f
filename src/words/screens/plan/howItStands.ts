// The words of screens/plan/HowItStands.
import { count } from "../../speak";

export const howItStands = "How it stands";
export const oddLine = "odd line";
export const breachAsItIs = (breaches: number, findings: boolean) =>
  `${count(breaches, "breach", "breaches")} as it is${findings ? "" : ", mended by this plan"}`;
export const lineUnread = (unknown: number) => `${count(unknown, "line")} unread`;
export const leftAlone = (leftAlone: number) => `${leftAlone} left alone`;
export const linesUnsure = (unsure: number) => `${count(unsure, "line")} nobody is sure of`;
