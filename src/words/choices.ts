/** What one chooses between when a display is described: each choice with its word, in the order it is offered. */
import type { DisplayProfile } from "@/core/display";
import { WAYS_OF_SAVING } from "./manners";

type Menu = DisplayProfile["menu"];

export interface Option<Value extends string> {
  readonly value: Value;
  readonly label: string;
}

const choices = <Value extends string>(words: Readonly<Record<Value, string>>): readonly Option<Value>[] =>
  (Object.entries(words) as [Value, string][]).map(([value, label]) => ({ value, label }));

export const YES_OR_NO = choices({ yes: "Yes", no: "No" });

// A line.
export const AT_ENDS = choices({ stop: "Stops", wrap: "Comes round" });
export const WHO_MAY_SET = choices({ technician: "Technician", maker: "Maker only" });
export const EFFECTS = choices({ "not-tried": "Not tried", works: "It does", none: "Nothing" });
export const HELD_IN = choices({ kmh: "km/h", mph: "mph", shown: "As shown" });
export const CAP_BASES = choices({
  shown: "The speed shown",
  own: "The controller’s own measure",
  unknown: "Nobody knows yet",
});
export const LARGER_IS = choices({ unknown: "Not known", more: "More", less: "Less" });

// A menu.
export const CHANGES_KEPT = (Object.keys(WAYS_OF_SAVING) as Menu["saves"][]).map((value) => ({
  value,
  label: WAYS_OF_SAVING[value].choice,
}));
export const LEFT_ALONE = choices<Menu["idle"]["pending"]>({ discard: "Throws changes away", save: "Saves them" });
export const VALUES_ACT = choices<DisplayProfile["inForce"]>({
  "at-once": "At once",
  "after-power-cycle": "After off and on",
});
