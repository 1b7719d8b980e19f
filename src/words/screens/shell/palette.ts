// The words of screens/shell/Palette.
export const find = "Find";
export const newBike = "New bike";
export const paletteNewBike = "new bike";
export const rack = "Rack";
export const rackBikesStand = "rack bikes stand";
export const displays = "Displays";
export const displaysLibrary = "displays library";
export const twoDisplaysSideBy = "Two displays side by side";
export const compareTwoDisplays = "compare two displays";
export const tables = "Tables";
export const tablesWheelVoltsClasses = "tables wheel volts classes start angle units";
export const helpAndKeys = "Help and keys";
export const keysShortcutsHelpGuide = "keys shortcuts help guide";
export const palettePlace = (title: string) => `place ${title}`;
export const findABikeA = "Find a bike, a line, a place";
export const typeANicknameA = "Type a nickname, a number, a stage, a line";
export const found = "Found";
export const nothingOfThatName = "Nothing of that name.";
