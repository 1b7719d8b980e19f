// The words of screens/workbench/LineDetail.
export const lineInFull = (code: string) => `Line ${code} in full`;
export const lineDetailLine = (code: string) => `Line ${code}`;
export const wheelCodesAsShown = "Wheel codes, as shown = inches";
export const valuesAsShownMeaning = "Values, as shown = meaning";
export const step = "Step";
export const atTheEnds = "At the ends";
export const whoMaySetIt = "Who may set it";
export const doesItDoAnything = "Does it do anything?";
export const note = "Note";
export const heldIn = "Held in";
export const topValueMeansNo = "Top value means no cap";
export const comparedWith = "Compared with";
export const onlyACapOn =
  "Only a cap on the speed shown is ever turned into a true speed. Leave it unknown until you have tried it.";
export const aLargerNumberIs = "A larger number is";
export const measuredAsShownValue = "Measured, as shown = value";
export const trueKmHWhere = "True km/h where help ended: 12=24.4, 10=26.1. Nothing else is aimed for.";
export const forExample1224 = "For example 12=24.4, 10=26.1. Nothing else is aimed for.";
export const givePairsOfWhat = "Give pairs of what it shows and what was measured, such as 12=24.4.";
