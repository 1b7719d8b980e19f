// The words of screens/bike/Twins.
import type { Difference } from "@/core/book/settling";
import type { TypedPlace } from "@/core/record";
import { CHECK_WORDS } from "../../checks";
import { INTAKE_WORDS } from "../../fields";
import { count, dayAndTime } from "../../speak";

export const title = (number: string) => `Visit ${number} was worked on at two benches`;
export const whatItIs =
  "Each was changed without the other knowing. Both are kept. Choose line by line, and one record is made of them; " +
  "keys and seals come whole from one side.";
export const thisOne = "This one";
export const theOther = "The other";
export const what = "What";
export const empty = "nothing";
export const makeOne = "Make one record of them";
export const keepBoth = "Keep both as they are";
export const madeOne = "One record now.";
export const bothKept = "Both kept, each on its own.";
export const takeAll = (side: string) => `All from: ${side}`;
export const workedOn = (iso: string) => `last worked on ${dayAndTime(iso)}`;
export const noDifference = "They differ only in who wrote them last.";

const fieldName = (key: string): string =>
  Object.hasOwn(INTAKE_WORDS, key) ? INTAKE_WORDS[key as keyof typeof INTAKE_WORDS].label : key;

const checkName = (id: string): string =>
  Object.hasOwn(CHECK_WORDS, id) ? CHECK_WORDS[id as keyof typeof CHECK_WORDS].title : id;

/** What was typed where, by the kind of place. */
const PLACES: Readonly<Record<TypedPlace["in"], (name: string) => string>> = {
  intake: fieldName,
  "as-found": (code) => `Line ${code}, as found`,
  "read-back": (code) => `Line ${code}, read back`,
  "override-reason": (code) => `Line ${code}, why it was set by hand`,
  check: checkName,
  "waived-reason": () => "Why there is no full as-found sheet",
  "accepted-reading": () => "Accepted reading",
  acknowledged: () => "Acknowledged",
  "hand-over-note": () => "Word to the owner",
};

/** What a difference is about. */
export function named(difference: Difference): string {
  switch (difference.kind) {
    case "typed":
      return PLACES[difference.place.in]("name" in difference.place ? difference.place.name : "");
    case "check":
      return checkName(difference.id);
    case "by-hand":
      return `Line ${difference.code}, set by hand`;
    case "class":
      return "Class";
    case "display":
      return "Display";
    case "keys":
      return "Keys pressed and sheets sealed";
  }
}

/** One side of a difference. */
export function saidOf(difference: Difference, side: "one" | "other"): string {
  if (difference.kind !== "keys") return difference[side] || empty;
  const { sheets, handedOverAt, lastAt } = difference[side];
  const gone = handedOverAt === null ? "not handed over" : `handed over ${dayAndTime(handedOverAt)}`;
  return `${count(sheets, "sealed sheet")}, ${gone}, last noted ${lastAt === "" ? "never" : dayAndTime(lastAt)}`;
}
