// The words of screens/plan/Unsure.
export const claimed = (says: string, settingName: string | null, percent: number) =>
  `“${says}”: ${settingName?.toLowerCase() ?? "not known"}, ${percent} % sure.`;
export const howToFindOut =
  "Change the line by one step with the wheel up, see what the bike does, and set it back. Or read the leaflet again.";
export const itIs = (settingName: string) => `It sets the ${settingName.toLowerCase()}`;
export const confirmed = (code: string) => `Line ${code} is taken at its word from here on.`;
export const lineConfirmed = (code: string) => `line ${code} confirmed`;
