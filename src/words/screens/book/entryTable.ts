// The words of screens/book/EntryTable.
export const theBook = "The book";
export const orderBy = (heading: string) => `Order by ${heading}`;
export const widthOf = (heading: string) => `Width of ${heading}`;
export const open = "Open";
export const openIt = (name: string) => `Open ${name}`;
export const twin = "also worked on at another bench";
