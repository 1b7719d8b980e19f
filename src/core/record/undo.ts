/**
 * Undo as the inverse of what a deed changed: only the places it changed go back, and only where they still are as the
 * deed left them. What was typed since stays; sealed sheets and the log of events are never taken away, the undoing is
 * noted.
 */
import { withEvent, type Job } from "./job";

type Fields = Readonly<Record<string, unknown>>;
const isFields = (value: unknown): value is Fields =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** Whether two values of a record are the same all the way down. */
export function sameValue(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((each, i) => sameValue(each, b[i]));
  if (!isFields(a) || !isFields(b)) return false;
  const keys = Object.keys(a);
  return (
    keys.length === Object.keys(b).length && keys.every((key) => Object.hasOwn(b, key) && sameValue(a[key], b[key]))
  );
}

/** `now` with what changed from `before` to `after` put back. */
function revert(before: Fields, after: Fields, now: Fields): Fields {
  const result: Record<string, unknown> = { ...now };
  for (const key of new Set([...Object.keys(before), ...Object.keys(after)])) {
    const [was, became, is] = [before[key], after[key], now[key]];
    if (sameValue(was, became)) continue;
    if (isFields(was) && isFields(became) && isFields(is)) result[key] = revert(was, became, is);
    else if (!sameValue(is, became)) continue;
    else if (Object.hasOwn(before, key)) result[key] = was;
    else delete result[key];
  }
  return result;
}

/** Places of a job that only ever grow. */
const NEVER_UNDONE = ["events", "sheets", "updatedAt", "createdAt", "id", "writes"] as const;

/** The job with one deed undone. `what` says which, for the record. */
export function undone(before: Job, after: Job, now: Job, at: string, what: string): Job {
  const back = revert(before, after, now) as Job;
  const grown = Object.fromEntries(NEVER_UNDONE.map((key) => [key, now[key]]));
  return withEvent({ ...back, ...grown }, at, "undone", what);
}
