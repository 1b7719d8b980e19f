// The words of screens/plan/ByHand.
export const thisTargetIsFixed =
  "This target is fixed: the plan was sealed when the keys began, so that the keys lead where it says.";
export const programAgain = "Program again";
export const toPlanAnew = "to plan anew.";
export const unlockWithAReason = "Unlock with a reason";
export const targetByHand = "Target by hand";
export const asItIs = "as it is";
export const backToTheProposal = "Back to the proposal";
export const whyByHand = "Why by hand";
export const printedOnTheSheet = "Printed on the workshop sheet.";
