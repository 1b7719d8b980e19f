/**
 * How much is taken at most, said once: what a field or an import lets in, a job file takes, and the other way round.
 * Far above anything a person writes; what passes a limit is refused whole, so that nothing is cut short in silence.
 */

/** Longest text of one field, characters. */
export const LONGEST_TYPED = 20_000;

/** Longest text that is pasted to be read: leaflet, list of values, spreadsheet. Characters. */
export const LONGEST_PASTE = 200_000;

/** Longest code of a menu line, and longest mark of a value, characters. */
export const LONGEST_CODE = 24;

/** Names no line, page or key may have: an object of its own could not be told from what every object has. */
export const RESERVED_NAMES: readonly string[] = ["__proto__", "constructor", "prototype"];

/** Largest number on a ticket. */
export const LARGEST_JOB_NUMBER = 999_999_999;

/** A value of a record by its own name, and nothing every object has: a line may be called "toString". */
export const own = <Value>(record: Readonly<Record<string, Value>>, name: string): Value | undefined =>
  Object.hasOwn(record, name) ? record[name] : undefined;
