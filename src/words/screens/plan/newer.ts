// The words of screens/plan/Newer.
import { count } from "../../speak";

export const sinceThisPlanWas = (newerCount: number) =>
  `Since this plan was sealed, facts have changed: ${count(newerCount, "line")} would now be planned otherwise.`;
export const sealed = ": sealed ";
export const unread = "unread";
export const now = ", now ";
export const theSealedPlanStands = "The sealed plan stands until it is";
export const programmedAgain = "programmed again";
