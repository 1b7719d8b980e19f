// The words of screens/bike/TakeAlong.
export const byLight = "by light, as codes";
export const asFile = "as a file";
export const withPhotos = "with its photos";
export const asCsv = "its lines as CSV";
export const csvHead = ["Line", "Sets", "As found", "As left"] as const;
export const couldNot = (detail: string) => `The file could not be written: ${detail}`;
