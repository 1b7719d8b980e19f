/**
 * The places of a job where somebody types: what stands there as typed, and the job with something else typed there.
 */
import { own } from "../units/limits";
import { factsUnder, restingOn } from "./checking";
import type { CheckResult, Job } from "./job";
import { workOut } from "./workings";

export type TypedPlace =
  /** A fact of the intake or a figure of a bench, by its key. */
  | { readonly in: "intake"; readonly name: string }
  /** A line's value as found, as read back, and the reason a locked line was opened, by its code. */
  | { readonly in: "as-found"; readonly name: string }
  | { readonly in: "read-back"; readonly name: string }
  | { readonly in: "check"; readonly name: string }
  | { readonly in: "override-reason"; readonly name: string }
  | { readonly in: "waived-reason" | "accepted-reading" | "acknowledged" | "hand-over-note" };

/** The place in one word, unique within a job. */
export const placeKey = (place: TypedPlace): string => ("name" in place ? `${place.in} ${place.name}` : place.in);

const NO_RESULT: Omit<CheckResult, "askedIn" | "rests"> = { answer: "", measured: "", note: "" };

/** Places that are a record of their own in the job, by what they are called there. */
const RECORDS = { intake: "intake", "read-back": "readBack", "override-reason": "overrideReasons" } as const;
const isRecord = (place: TypedPlace): place is TypedPlace & { readonly in: keyof typeof RECORDS } =>
  Object.hasOwn(RECORDS, place.in);

/** What stands there, as typed; empty where nobody has typed. */
export function typedAt(job: Job, place: TypedPlace): string {
  if (isRecord(place)) return own(job[RECORDS[place.in]] ?? {}, place.name) ?? "";
  switch (place.in) {
    case "as-found":
      return own(job.asFound.shown, place.name) ?? "";
    case "check":
      return own(job.checks, place.name)?.measured ?? "";
    case "waived-reason":
      return job.asFound.waivedReason;
    case "accepted-reading":
      return job.classChoice.acceptedKmh;
    case "acknowledged":
      return job.classChoice.acknowledged;
    case "hand-over-note":
      return job.handOverNote;
  }
}

/** The job with this typed there; the same job where it stands there already. */
export function withTyped(job: Job, place: TypedPlace, typed: string): Job {
  if (typedAt(job, place) === typed) return job;
  if (isRecord(place)) {
    const record = RECORDS[place.in];
    return { ...job, [record]: { ...job[record], [place.name]: typed } };
  }
  switch (place.in) {
    case "as-found":
      return { ...job, asFound: { ...job.asFound, shown: { ...job.asFound.shown, [place.name]: typed } } };
    case "check":
      return withCheck(job, place.name, { measured: typed });
    case "waived-reason":
      return { ...job, asFound: { ...job.asFound, waivedReason: typed } };
    case "accepted-reading":
      return { ...job, classChoice: { ...job.classChoice, acceptedKmh: typed } };
    case "acknowledged":
      return { ...job, classChoice: { ...job.classChoice, acknowledged: typed } };
    case "hand-over-note":
      return { ...job, handOverNote: typed };
  }
}

/** The job with the time noted for every fact that is typed otherwise than before. `at` is an ISO timestamp. */
export function withTypedAt(before: Job, now: Job, at: string): Job {
  const after =
    now.classChoice.acknowledged === before.classChoice.acknowledged
      ? now
      : { ...now, classChoice: { ...now.classChoice, acknowledgedAt: at } };
  if (after.intake === before.intake) return after;
  const keys = [...new Set([...Object.keys(before.intake), ...Object.keys(after.intake)])];
  // What brings its own time along, as undoing does, keeps it.
  const changed = keys.filter(
    (key) => own(before.intake, key) !== own(after.intake, key) && own(before.typedAt, key) === own(after.typedAt, key),
  );
  return changed.length === 0
    ? after
    : { ...after, typedAt: { ...after.typedAt, ...Object.fromEntries(changed.map((key) => [key, at])) } };
}

/** The job with a check answered; the unit it was asked in and the values it rests on are written beside the answer. */
export const withCheck = (
  job: Job,
  id: string,
  edit: Partial<Pick<CheckResult, "answer" | "measured" | "note">>,
): Job => ({
  ...job,
  checks: {
    ...job.checks,
    [id]: {
      ...(own(job.checks, id) ?? NO_RESULT),
      ...edit,
      askedIn: workOut(job).unit,
      rests: restingOn(job, id),
      facts: factsUnder(job, id),
    },
  },
});
