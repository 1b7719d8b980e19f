/** What an exercise with keys on the practice bench is. */
import type { MenuState } from "../display";
import type { ClassRule } from "../law";
import type { LiveBike } from "../rig";
import type { Tell } from "./tells";

export const KINDS = ["odd-line", "fewest-presses", "rescue", "which-line-lies"] as const;
export type ExerciseKind = (typeof KINDS)[number];

/** How a line lies. */
export type Lie = "does-nothing" | "runs-backwards";

export interface KeyExercise {
  readonly kind: ExerciseKind;
  readonly seed: number;
  readonly bike: LiveBike;
  /** The class the bike is to leave in; null where none is known. */
  readonly rule: ClassRule | null;
  /** Where display and lines stand at the start. */
  readonly start: MenuState;
  /** What every line is to hold in the end. */
  readonly right: readonly number[];
  /** The lines it is about: those that are odd, or the one that lies. */
  readonly lines: readonly number[];
  /** Lines to choose from where one of a few lies; empty otherwise. */
  readonly among: readonly number[];
  readonly lie: Lie | null;
  /** By what the odd line, or the lie, gives itself away. */
  readonly tells: readonly Tell[];
  /** PIN the owner tells, where the display asks for one at the start. */
  readonly pin: string | null;
}
