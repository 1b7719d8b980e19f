// The words of screens/plan/Mend.
export const mendsIt = (code: string, shows: string) => `Line ${code} at ${shows} mends it.`;
export const unlocked = (code: string, shows: string) => `Unlocked, line ${code} goes to ${shows} and mends it.`;
export const setIt = "Set it";
export const setLine = (code: string, shows: string) => `Set line ${code} to ${shows}`;
export const wasMended = (code: string, shows: string) => `Line ${code} is planned at ${shows}.`;
export const lineMended = (code: string) => `line ${code} set`;
