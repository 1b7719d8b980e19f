// The words of screens/workbench/form/ListField.
export const oneMore = "One more";
export const pasteAColumn = "Paste a column";
export const ofList = (label: string) => `: ${label}`;
export const itemOf = (label: string, at: number) => `${label} ${at + 1}`;
export const up = (item: string) => `${item}, up`;
export const down = (item: string) => `${item}, down`;
export const out = (item: string) => `${item}, take out`;
export const upSign = "↑";
export const downSign = "↓";
export const outSign = "×";
export const columnOf = (label: string) => `${label}, as a column`;
export const oneRowEach = (columns: readonly string[]) =>
  columns.length > 0
    ? `One row each: ${columns.join("; ")}. Between the cells a tab, a semicolon or an equals sign. ` +
      "What stands there now gives way."
    : "One row each. What stands there now gives way.";
export const rowNotRead = (row: number, field: string, typed: string) =>
  `▲ Row ${row} was not read: ${field.toLowerCase()} cannot be “${typed}”. Nothing was changed.`;
export const notTaken = "▲ Too few, too many, or two alike. Nothing was changed.";
export const putInTheirPlace = "Put these in their place";
export const leaveIt = "Leave it";
export const hintOfColumn = (column: string, hint: string) =>
  `${column}: ${hint.charAt(0).toLowerCase()}${hint.slice(1)}`;
