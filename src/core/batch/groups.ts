/** Exceptions of a whole batch: the same one on several bikes is told once, with what can be done about it for all. */
import { clearByHand, setByHand, withTyped, type Job } from "../record";
import { standsOut, type Exception } from "./against";

/** One exception, and the bikes it is on, by the id of their job. */
export interface Shared {
  readonly exception: Exception;
  readonly bikes: readonly string[];
}

/** What makes two exceptions the same one. */
function keyOf(exception: Exception): string {
  if (exception.kind === "finding") {
    const { severity, subject, message, lines } = exception.finding;
    return `finding ${severity} ${subject} ${message.key} ${lines.join(" ")}`;
  }
  // The figures behind a reason may differ by a hair from bike to bike.
  return JSON.stringify(exception.kind === "line" ? { ...exception, reason: exception.reason.key } : exception);
}

/** The exceptions of several bikes, each told once, in the order they are first met, those that stand out first. */
export function shared(bikes: readonly { readonly id: string; readonly exceptions: readonly Exception[] }[]): {
  readonly standOut: readonly Shared[];
  readonly told: readonly Shared[];
} {
  const groups = new Map<string, { readonly exception: Exception; readonly bikes: string[] }>();
  for (const { id, exceptions } of bikes)
    for (const exception of exceptions) {
      const key = keyOf(exception);
      const group = groups.get(key);
      if (group) group.bikes.push(id);
      else groups.set(key, { exception, bikes: [id] });
    }
  const all = [...groups.values()];
  return {
    standOut: all.filter(({ exception }) => standsOut(exception)),
    told: all.filter(({ exception }) => !standsOut(exception)),
  };
}

/** A line set as the sheet says, by hand. The same job where keys are begun, or there is no sheet. */
export const asTheSheet = (job: Job, code: string, raw: number, at: string, why: string): Job =>
  job.batch ? setByHand(job, { [code]: raw }, at, why) : job;

/** A line given back to what the bike's own facts say. */
export const asItsOwn = (job: Job, code: string, at: string): Job => clearByHand(job, code, at);

/** A fact nobody had said of this bike, said as on the one the sheet was made on. What is typed stays. */
export const asOnThePattern = (job: Job, key: string, typed: string): Job =>
  (job.intake as Readonly<Record<string, string | undefined>>)[key]?.trim()
    ? job
    : withTyped(job, { in: "intake", name: key }, typed);
