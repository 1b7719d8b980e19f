// The words of screens/intake/DisplayOnTheBike.
export const displayOnTheBike = "Display on the bike";
export const notAmongThem = "Not among them?";
export const describeItUnderDisplays = "Describe it under Displays";
export const andComeBackWith = "and come back with it: a leaflet’s text is enough to begin with.";
export const itsDescriptionHasChanged = "Its description has changed since (revision ";
export const here = " here, ";
export const now = " now).";
export const useTheNewOne = "Use the new one";
export const isOnTheBike = (name: string) => `${name} is on the bike. Write down what it shows.`;
export const cannotBePutOn = " cannot be put on a bike yet: ";
export const inItsDescriptionTo = " in its description to mend.";
export const mendItInThe = "Mend it in the workbench";
