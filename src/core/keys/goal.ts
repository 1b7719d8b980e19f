/** What the key planner is asked, what it answers, and the states its search goes through. */
import type { MenuState } from "../display";
import type { Pace } from "./pace";
import type { Stroke } from "./strokes";

export interface KeyGoal {
  /** Wanted raw value per line, in menu order; a line to be left alone wants the value it has. */
  readonly targets: readonly number[];
  /** Lines that must come up on the display on the way, to be read. */
  readonly look?: readonly number[];
  /** Entry of a page that must come up, such as an action; the plan stops there and does nothing. */
  readonly entry?: { readonly page: number; readonly at: number };
  /** Where to end: back on the home screen with everything saved and in force, or on the last line looked at. */
  readonly end?: "home" | "anywhere";
  /** Whose hands press the keys: the least time with this person is looked for. Missing: the least time of the keys. */
  readonly pace?: Pace | undefined;
}

export interface PlannedStroke {
  readonly stroke: Stroke;
  readonly before: MenuState;
  readonly after: MenuState;
}

export type KeyPlan =
  | {
      readonly ok: true;
      readonly strokes: readonly PlannedStroke[];
      /** Time of the strokes alone, ms. */
      readonly totalMs: number;
      readonly end: MenuState;
      /** States of the search that were gone on from: what the plan cost to find. */
      readonly expansions: number;
    }
  | { readonly ok: false; readonly problem: PlanProblem };

export type PlanProblem =
  /** A target the line cannot be stepped to. */
  | { readonly key: "plan.target-unreachable"; readonly code: string; readonly raw: number }
  /** The display asks for a PIN nobody here knows. */
  | { readonly key: "plan.locked" }
  /** The display's keys do not lead there. */
  | { readonly key: "plan.no-way" };

/** A state of the search. `discarding`: a wrong line was passed by, so this visit to the menu will not be saved. */
export interface Node {
  readonly state: MenuState;
  readonly toLook: ReadonlySet<number>;
  readonly discarding: boolean;
  /** Time of the strokes so far, and of reading and answering where a person is counted in, ms. */
  readonly costMs: number;
  /** What tells it apart from other states, for the plan. */
  readonly key: string | number;
  readonly via: { readonly from: Node; readonly strokes: () => readonly Stroke[] } | null;
}

/** A goal with what follows from it for this display. */
export interface Aim extends KeyGoal {
  /** Lines that must hold their target: those the menu has once the targets are set. */
  readonly required: readonly number[];
  readonly isRequired: (line: number) => boolean;
  readonly isController: (line: number) => boolean;
  /** Leaving the menu, or leaving it alone, confirms the value that still blinks. */
  readonly confirmsByLeaving: boolean;
}
