// The words of screens/workbench/ReadRow.
export const youSaidSo = "you said so";
export const whatLineSets = (code: string) => `What line ${code} sets`;
export const notKnown = "not known";
export const restsOn = (words: readonly string[]) => `rests on ${words.map((word) => `“${word}”`).join(", ")}`;
export const makersValue = (shown: string) => `maker’s value ${shown}`;
export const none = (shown: string) => `${shown} stands for none`;
export const range = (from: string, to: string) => `${from} to ${to}`;
export const step = (by: number) => `in steps of ${by}`;
export const option = (shown: string, text: string) => (shown === text ? shown : `${shown} ${text}`);
export const values = "Values";
export const noValues = "no values read";
export const noSettingHere = (what: string) => `${what}: no setting here`;
