// The words of screens/workbench/Cell.
export const lineFactory = (code: string, field: "options" | "from" | "to" | "step" | "factory") =>
  `Line ${code}, ${field === "factory" ? "maker’s" : field}`;
