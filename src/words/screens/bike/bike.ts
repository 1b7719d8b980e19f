// The words of screens/bike/Bike.
import { count } from "../../speak";

export const noSuchBike = "No bike of that name is in this book.";
export const toTheBook = "To the book";
export const backToTheBook = "Book";
export const newBike = "New bike";
export const onTheStandNow = "The last visit is still open";
export const goOnWithIt = "Go on with it";
export const visits = (n: number) => count(n, "visit");
export const history = "What each visit found and left";
export const driftSince = (n: number) =>
  `${count(n, "line")} ${n === 1 ? "shows" : "show"} another value than we left.`;
export const bywhom =
  "Somebody set them, a reset took them back, or the display was changed. Ask before you set them anew.";
