// The words of screens/shell/Places.
export const rack = "Rack";
export const displays = "Displays";
export const faults = "Faults";
export const practice = "Practice";
export const book = "Book";
export const tables = "Tables";
export const places = "Places";
