// The words of screens/book/BookNav.
export const partsOfTheBook = "Parts of the book";
export const everyVisit = "Every visit";
export const batches = "Batches";
export const backUp = "Back-up and moving";
