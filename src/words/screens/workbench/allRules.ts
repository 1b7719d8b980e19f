// The words of screens/workbench/AllRules.
export const allRulesOfIts = "All rules of its keys";
export const takeOut = "Take out";
export const allRulesRule = (i: number) => ` rule ${i + 1}`;
