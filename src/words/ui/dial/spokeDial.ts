// The words of ui/dial/SpokeDial.
export const linesNoneStandsOut = (spokesCount: number) => `${spokesCount} lines, none stands out.`;
export const spokeDialLines = (spokesCount: number, odd: string) => `${spokesCount} lines. ${odd}.`;
export const spokeDial = (words: string) => `Spoke dial. ${words}`;
export const spokeDialNoDisplay = "Spoke dial. No display chosen yet.";
