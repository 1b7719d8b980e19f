import type { PlanProblem as Problem } from "@/core/keys";
import { FindingLine } from "@/ui/primitives";
import { planProblemText } from "@/words";

/** Why no keys lead there. */
export const PlanProblem = ({ problem }: { readonly problem: Problem }) => (
  <FindingLine severity="breach">{planProblemText(problem)}</FindingLine>
);
