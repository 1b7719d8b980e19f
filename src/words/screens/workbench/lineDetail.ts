// The words of screens/workbench/LineDetail.
export const lineInFull = (code: string) => `Line ${code} in full`;
export const lineDetailLine = (code: string) => `Line ${code}`;
export const wheelCodesAsShown = "Wheel codes, as shown = inches";
export const valuesAsShownMeaning = "Values, as shown = meaning";
export const cellNames = { from: "From", to: "Up to", step: "Step", factory: "Maker’s" } as const;
export const note = "Note";
export const everyFigureOfIt = "Its values one by one, and every figure of its scale";
