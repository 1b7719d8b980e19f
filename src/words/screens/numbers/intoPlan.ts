// The words of screens/numbers/IntoPlan.
import { count } from "../../speak";

export const intoThePlan = "Into the plan";
export const take = (n: number) => `Set ${count(n, "line")} in the plan`;
export const takeAfresh = (n: number) => `Set ${count(n, "line")}, keys anew`;
export const standsAlready = "The plan holds this already.";
export const toThePlan = "To the plan";
export const change = (code: string, name: string, from: string | null, to: string | null) =>
  `${code} ${name}: ${from ?? "unread"} → ${to ?? "as found"}`;
export const locked = (codes: string) =>
  `Maker only, left as found: ${codes}. Unlock it in the plan with a reason first.`;
export const keysAnew =
  "The keys were planned for other values: they are set aside, and planned anew from what was read.";
export const taken = "In the plan, set by hand. Each line can go back to its proposal.";
export const undone = "set from a bench";
export const fromBench = (bench: string) => `From the ${bench} bench`;
export const levelsNotHeld = (levels: number) => `This display cannot be set to ${count(levels, "level")}.`;
