/** Books as shops fill them, and the same book worked on at two benches: for property tests. */
import fc from "fast-check";
import { newProfile } from "../display";
import { newJob, withEvent, withTyped, type Job } from "../record";
import type { FaultCase } from "../faults";
import { EMPTY_BOOK, type Book, type OwnDisplay } from "./rows";
import { writtenBy } from "./writes";

export const AT = "2026-05-04T08:00:00.000Z";
const later = (minutes: number): string => new Date(Date.parse(AT) + minutes * 60_000).toISOString();

/** Text as hands leave it: other scripts, quotes, line ends, half a smile. */
const typed = fc.oneof(
  fc.string({ maxLength: 30 }),
  fc.string({ unit: "binary", maxLength: 12 }),
  fc.constantFrom("", " ", "26 × 4", "=1+1", '"', "a\nb", "🚲", "Größe", "0", "1,5"),
);

/** One thing done to a book at one bench. */
export interface Deed {
  readonly on: "job" | "new-job" | "look" | "display" | "class" | "case" | "setting" | "off";
  /** Which of the rows, taken round. */
  readonly which: number;
  readonly text: string;
  readonly minute: number;
}

export const deeds = (most: number): fc.Arbitrary<readonly Deed[]> =>
  fc.array(
    fc.record({
      on: fc.constantFrom<Deed["on"]>("job", "job", "job", "new-job", "look", "display", "class", "case", "setting"),
      which: fc.nat(50),
      text: typed,
      minute: fc.integer({ min: 1, max: 500 }),
    }),
    { maxLength: most },
  );

const newCase = (id: string): FaultCase => ({
  id,
  jobId: null,
  signs: ["dead"],
  changed: [],
  answers: [],
  begunAt: AT,
});

const newDisplay = (id: string, text: string): OwnDisplay => ({
  id,
  profile: newProfile(id, text.slice(0, 40) || "Own"),
  updatedAt: AT,
  writes: {},
});

const swapped = <Row extends { readonly id: string }>(rows: readonly Row[], which: number, made: (row: Row) => Row) =>
  rows.map((row, i) => (i === which % rows.length ? made(row) : row));

const written = (copy: string, job: Job, minute: number): Job => ({
  ...job,
  updatedAt: later(minute),
  writes: writtenBy(copy, job.writes),
});

/** The book after one deed of a copy. */
export function after(book: Book, copy: string, { on, which, text, minute }: Deed, serial: number): Book {
  switch (on) {
    case "job":
      return {
        ...book,
        jobs: swapped(book.jobs, which, (job) =>
          written(
            copy,
            withEvent(withTyped(job, { in: "intake", name: "frame" }, text), later(minute), "check", text),
            minute,
          ),
        ),
      };
    case "look":
      return {
        ...book,
        jobs: swapped(book.jobs, which, (job) => ({
          ...job,
          stage: which % 2 ? "plan" : "prove",
          updatedAt: later(minute),
        })),
      };
    case "new-job":
      return {
        ...book,
        jobs: [...book.jobs, written(copy, newJob(`${copy}-job-${serial}`, 100 + which, AT), minute)],
      };
    case "display":
      return {
        ...book,
        displays: swapped(book.displays, which, (row) => ({
          ...row,
          profile: { ...row.profile, variant: text, revision: row.profile.revision + 1 },
          updatedAt: later(minute),
          writes: writtenBy(copy, row.writes),
        })),
      };
    case "class":
      return {
        ...book,
        classes: swapped(book.classes, which, (row) => ({
          ...row,
          typed: { ...row.typed, name: text },
          writes: writtenBy(copy, row.writes),
        })),
      };
    case "case":
      return {
        ...book,
        faultCases: swapped(book.faultCases, which, (row) => ({
          ...row,
          answers: [...row.answers, { kind: "check", check: `${copy} ${text}`, saw: "yes" } as never],
        })),
      };
    case "setting":
      return { ...book, settings: [{ key: "shop-has", value: text, at: later(minute) }] };
    case "off":
      return { ...book, jobs: book.jobs.filter((_, i) => i !== which % book.jobs.length) };
  }
}

/** The book after deeds of a copy; `from` counts what it has done before, so that no new bike takes an old one's id. */
export const worked = (book: Book, copy: string, done: readonly Deed[], from = 0): Book =>
  done.reduce((now, deed, i) => after(now, copy, deed, from + i), book);

/** A book with some of everything in it. */
export const books: fc.Arbitrary<Book> = fc
  .record({ names: fc.array(typed, { minLength: 1, maxLength: 6 }), photos: fc.nat(4), done: deeds(12) })
  .map(({ names, photos, done }) =>
    worked(
      {
        ...EMPTY_BOOK,
        jobs: names.map((name, i) =>
          withTyped(newJob(`job-${i}`, i + 1, AT), { in: "intake", name: "nickname" }, name),
        ),
        displays: names.slice(0, 2).map((name, i) => newDisplay(`own-${i}`, name)),
        classes: [{ id: "own-class", typed: { name: "Fleet" }, begunAt: AT, writes: {} }],
        faultCases: [newCase("case-0")],
        photos: Array.from({ length: photos }, (_, i) => ({
          id: `photo-${i}`,
          jobId: "job-0",
          code: "51",
          takenAt: AT,
        })),
      },
      "first",
      done,
    ),
  );

/** One book, and what two benches made of it. */
export const forks: fc.Arbitrary<{ readonly base: Book; readonly here: Book; readonly there: Book }> = fc
  .record({ base: books, here: deeds(8), there: deeds(8) })
  .map(({ base, here, there }) => ({
    base,
    here: worked(base, "here", here),
    there: worked(base, "there", there),
  }));
