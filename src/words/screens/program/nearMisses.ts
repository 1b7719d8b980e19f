// The words of screens/program/NearMisses.
import { secondsOf } from "../../speak";

export const withinSOfPower = (kind: "within" | "after", ms: number, miss: string) =>
  `${kind === "within" ? `Not within ${secondsOf(ms)} s of power-on` : `Within ${secondsOf(ms)} s of power-on, no later`}: at the wrong time the same chord ${miss}.`;
export const bothDownTogetherAlone = (keyNamesSaid: string, holdMs: number, miss: string) =>
  `Both down together. ${keyNamesSaid} alone for ${secondsOf(holdMs)} s ${miss}.`;
export const ifTheMenuHasClosed = (keyNamesSaid: string, holdMs: number, miss: string) =>
  `Look that the menu is still open. At home ${keyNamesSaid} for ${secondsOf(holdMs)} s ${miss}.`;
