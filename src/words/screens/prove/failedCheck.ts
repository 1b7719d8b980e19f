// The words of screens/prove/FailedCheck.
export const setLine = (code: string, holds: string, toHold: string, meaning: string | null) =>
  `Line ${code}: ${holds} → ${toHold}${meaning ? ` (${meaning})` : ""} mends it.`;
export const dueAgain = (titles: readonly string[]) =>
  `Then line by line what the keys change is read back, and due again: ${titles.join(", ")}.`;
export const toTheKeys = "Plan it, and to the keys";
export const setBecause = (title: string) => `Set otherwise after a failed check: ${title}.`;
export const findTheCause = "Find what is behind it";
