/**
 * How jobs are changed: read whole, changed, written whole, in one transaction. What is typed waits here for the hand
 * to rest, goes with whatever else changes the job, and is laid by for the next start when the tab goes before it is
 * written.
 */
import {
  placeKey,
  typedAt,
  undone,
  withCarriedRollout,
  withTyped,
  withTypedAt,
  type Job,
  type TypedPlace,
} from "@/core/record";
import { db, type OddSpokeDatabase } from "./db";
import { JobGone, sayFailure, sayWritten } from "./failures";
import { keepForGood } from "./health";
import { counted, jobTables, putJob } from "./jobRows";
import { laidBy, TYPED_LAID_BY, whenTheTabGoes } from "./tab";

interface Typed {
  readonly job: string;
  readonly place: TypedPlace;
  readonly typed: string;
}

/** How long a hand rests before what it typed is written, and how long it may go on without resting, ms. */
const REST_MS = 120;
const LONGEST_MS = 180;

const waiting = new Map<string, Typed>();
/** On its way to the database, and not yet known to be there. */
const underWay = new Set<readonly Typed[]>();
let rest: ReturnType<typeof setTimeout> | undefined;
let firstTypedAt: number | null = null;
let watching: (() => void) | undefined;

const keyOf = ({ job, place }: Pick<Typed, "job" | "place">): string => `${job} ${placeKey(place)}`;

/** Takes what stands in a field now; it is written when the hand rests, or with the next deed. */
export function keepTyped(job: string, place: TypedPlace, typed: string): void {
  watching ??= whenTheTabGoes(goWithTheTab);
  waiting.set(keyOf({ job, place }), { job, place, typed });
  firstTypedAt ??= Date.now();
  clearTimeout(rest);
  rest = setTimeout(() => void writeTyped(), Math.max(0, Math.min(REST_MS, firstTypedAt + LONGEST_MS - Date.now())));
}

/** What waits to be written in a job, taken out of the waiting. */
function take(job: string): readonly Typed[] {
  const mine = [...waiting.entries()].filter(([, each]) => each.job === job);
  mine.forEach(([key]) => waiting.delete(key));
  if (waiting.size === 0) firstTypedAt = null;
  return mine.map(([, each]) => each);
}

/** Writes everything typed that still waits. */
export async function writeTyped(database: OddSpokeDatabase = db): Promise<void> {
  clearTimeout(rest);
  const jobs = new Set([...waiting.values()].map(({ job }) => job));
  await Promise.allSettled([...jobs].map((job) => changeJob(job, (now) => now, database)));
}

/** A moment after the last change, so that two changes within a millisecond are told apart. */
const laterThan = (last: string): string => new Date(Math.max(Date.now(), Date.parse(last) + 1)).toISOString();

export interface Change {
  /** Takes back what this one deed changed, and nothing typed since. `what` names the deed in the record. */
  readonly undo: (what: string) => Promise<void>;
}

/**
 * Changes a job in one transaction. `change` gets the stored job with what has been typed so far, so that no deed acts
 * on less than the person sees, and two quick edits cannot undo each other.
 * @throws Error when the job is gone or the write fails; what was typed goes on waiting
 */
export async function changeJob(
  id: string,
  change: (job: Job) => Job,
  database: OddSpokeDatabase = db,
): Promise<Change> {
  const typed = take(id);
  if (typed.length > 0) underWay.add(typed);
  let before: Job | null = null;
  let after: Job | null = null;
  try {
    await database.transaction("rw", jobTables(database), async () => {
      const stored = await database.jobs.get(id);
      if (!stored) throw new JobGone(`job ${id} is not on this machine`);
      const at = laterThan(stored.updatedAt);
      const full = withTypedAt(
        stored,
        typed.reduce((job, each) => withTyped(job, each.place, each.typed), stored),
        at,
      );
      const next = withCarriedRollout(stored, withTypedAt(full, change(full), at));
      [before, after] = [full, next];
      if (next !== stored) await putJob(database, { ...counted(stored, next), updatedAt: at });
    });
    keepForGood();
    sayWritten("job", id, null);
  } catch (error) {
    // What was typed is not lost: it waits on, unless the field has been typed in again meanwhile.
    for (const each of typed) if (!waiting.has(keyOf(each))) waiting.set(keyOf(each), each);
    sayWritten("job", id, error);
    throw error;
  } finally {
    underWay.delete(typed);
  }
  return {
    undo: async (what) => {
      const [was, became] = [before, after];
      if (was && became)
        await changeJob(id, (now) => undone(was, became, now, new Date().toISOString(), what), database);
    },
  };
}

/** What stands at a place as the person sees it: as typed last, written or not. */
export const typedNow = (job: Job, place: TypedPlace): string => typedAt(withWaiting(job), place);

/** The job as the person sees it: as stored, with what still waits to be written. For saving it as a file in need. */
export const withWaiting = (job: Job): Job =>
  [...[...underWay].flat(), ...waiting.values()]
    .filter((each) => each.job === job.id)
    .reduce((now, each) => withTyped(now, each.place, each.typed), job);

// ── the tab goes ────────────────────────────────────────────────────────────────────────────────────────────────────

const tab = (): string => {
  const known = sessionStorage.getItem("odd-spoke.tab");
  if (known) return known;
  const fresh = Math.random().toString(36).slice(2);
  sessionStorage.setItem("odd-spoke.tab", fresh);
  return fresh;
};

/** Lays by what is not written yet, where a page that ends at once can still reach it. */
export function layBy(): void {
  const left = [...[...underWay].flat(), ...waiting.values()];
  if (left.length === 0) localStorage.removeItem(TYPED_LAID_BY + tab());
  else localStorage.setItem(TYPED_LAID_BY + tab(), JSON.stringify(left));
}

function goWithTheTab(): void {
  layBy();
  void writeTyped().then(() => {
    if (waiting.size === 0) layBy();
  });
}

const isTyped = (value: unknown): value is Typed =>
  typeof value === "object" && value !== null && "job" in value && "place" in value && "typed" in value;

/** Writes what a tab laid by when it went. */
export async function takeUp(database: OddSpokeDatabase = db): Promise<void> {
  for (const name of laidBy(TYPED_LAID_BY)) {
    const text = localStorage.getItem(name);
    let left: unknown = [];
    try {
      left = JSON.parse(text ?? "[]");
    } catch {
      // Not of our making: nothing to take up.
    }
    for (const { job, place, typed } of Array.isArray(left) ? left.filter(isTyped) : [])
      await changeJob(job, (now) => withTyped(now, place, typed), database).catch(() => sayFailure(null));
    // Only now: this page may go as well before it is written.
    if (localStorage.getItem(name) === text) localStorage.removeItem(name);
  }
}
