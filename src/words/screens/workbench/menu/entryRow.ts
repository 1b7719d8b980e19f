// The words of screens/workbench/menu/EntryRow.
export const entryOf = (code: string) => `Entry ${code}`;
export const moveIt = (code: string) => `Move ${code}`;
export const noSuchLine = "no such line";
export const opens = (page: string, atEnds: string | undefined) =>
  `opens ${page}${atEnds ? ` · ${atEnds.toLowerCase()}` : ""}`;
export const exitKind = (saves: boolean) => (saves ? "that saves" : "that throws changes away");
export const atTimes = "at times";
