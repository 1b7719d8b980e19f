// The words of screens/numbers/ModesCompared.
import { count } from "../../speak";

export const modesSideBySide = "Numbers of levels, measured";
export const levels = (n: number) => `${n} levels`;
export const real = (modes: readonly (readonly [real: number, of: number])[]) =>
  `${modes.map(([each, of]) => `${of} levels hold ${count(each, "real one")}`).join("; ")}.`;
export const richest = (of: number, each: number) =>
  `Most are told apart with ${of} levels: ${count(each, "real one")}.`;
