// The words of screens/send/Send.
import { count } from "../../speak";

export const title = (name: string) => `Send ${name} by light`;
export const what = (n: number) =>
  `The whole record of this visit, its seals with it, as ${count(n, "code")}. Hold the other device’s camera to ` +
  "them, on the page “Bring something in”. Photos stay here: they travel in a back-up.";
export const code = (at: number, of: number) => `Code ${at} of ${of}`;
export const goingRound = "Going round";
export const hold = "Hold this one";
export const goRound = "Go round again";
export const next = "Next";
export const before = "Before";
export const print = "Print all of them";
export const drawing = "Drawing the codes …";
export const notHere = "This visit is not in this book.";
export const toTheBook = "To the book";
export const history = "History";
export const newBike = "New bike";
export const printed = (name: string, number: string) => `${name}, visit ${number}: its record, to be scanned`;
