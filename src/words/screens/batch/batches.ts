// The words of screens/batch/Batches.
import { count } from "../../speak";

export const batches = "Batches";
export const none =
  "No batch yet. Program one bike, then choose “More bikes like this one” where it is handed over, or on its history.";
export const toTheBook = "To the book";
export const headings = ["Batch", "Display", "Bikes", "Handed over", "Last worked on"] as const;
export const nameless = "Without a name";
export const bikes = (n: number) => count(n, "bike");
