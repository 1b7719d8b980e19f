/** Which copy of the book this is: the one of this browser. Records carry how often each copy has written them. */

const NAME = "odd-spoke.copy";
let known: string | null = null;

const fresh = (): string => `copy-${Math.random().toString(36).slice(2, 12).padEnd(4, "0")}`;

/** The name of this copy, made up the first time it is asked for. */
export function copyId(): string {
  if (typeof localStorage === "undefined") return (known ??= fresh());
  const kept = localStorage.getItem(NAME);
  if (kept) return kept;
  known ??= fresh();
  localStorage.setItem(NAME, known);
  return known;
}
