// The words of screens/book/Book.
import { count } from "../../speak";

export const book = "Book";
export const howMany = (visits: number, bikes: number) => `${count(visits, "visit")} of ${count(bikes, "bike")}`;
export const ofThem = (found: number, all: number) => (found === all ? `All ${all}` : `${found} of ${all}`);
export const search = "Search everything written down";
export const searchHint =
  'Bike, number, display, a line and what it shows, a finding, a note. "speed cap 25" in quotes is one word.';
export const stillReading = (n: number) => `Findings of ${count(n, "visit")} are still being read.`;
export const saveTheList = "Save this list as CSV";
export const nothingFits = "Nothing in the book fits.";
export const takeTheFiltersOff = "Take the filters off";
export const theBookIsEmpty = "Nothing is in the book yet. Every bike you take in stands here, for good.";
export const toTheRack = "To the rack";
export const fileName = "odd-spoke-book.csv";
