// Two books made one: either order, twice over, and nothing that anybody wrote is gone.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { newJob, withTyped, type Job } from "../record";
import { meetTable, mergedBook } from "./merge";
import { EMPTY_BOOK, type Book } from "./rows";
import { AT, deeds, forks, worked } from "./testingBooks";
import { withoutFields } from "../units/withoutFields";
import { joinedWrites, orderOf, writtenBy } from "./writes";

const JOB = newJob("job-1", 1, AT);
const typed = (job: Job, copy: string, text: string): Job => ({
  ...withTyped(job, { in: "intake", name: "frame" }, text),
  writes: writtenBy(copy, job.writes),
});
const bookOf = (...jobs: readonly Job[]): Book => ({ ...EMPTY_BOOK, jobs });
const fatesOf = (here: Book, there: Book) => meetTable("jobs", here.jobs, there.jobs).map(({ fate }) => fate);

describe("which of two records is the later", () => {
  it.each([
    [{}, {}, "same"],
    [{ a: 1 }, {}, "later"],
    [{}, { a: 1 }, "earlier"],
    [{ a: 2, b: 1 }, { a: 1, b: 1 }, "later"],
    [{ a: 2 }, { b: 1 }, "apart"],
    [{ a: 2, b: 1 }, { a: 1, b: 2 }, "apart"],
  ] as const)("%j is to %j: %s", (a, b, order) => expect(orderOf(a, b)).toBe(order));
  it("is never apart from both together", () =>
    fc.assert(
      fc.property(
        fc.dictionary(fc.constantFrom("a", "b", "c"), fc.nat(4)),
        fc.dictionary(fc.constantFrom("a", "b", "c"), fc.nat(4)),
        (a, b) => {
          expect(["same", "earlier"]).toContain(orderOf(a, joinedWrites(a, b)));
          expect(joinedWrites(a, b)).toEqual(joinedWrites(b, a));
        },
      ),
    ));
});

describe("a bike in both books", () => {
  const base = typed(JOB, "first", "26 × 4");
  it("worked on in one only: the later is taken, from whichever side", () => {
    const later = typed(base, "there", "26 × 4.8");
    expect(fatesOf(bookOf(base), bookOf(later))).toEqual(["newer-there"]);
    expect(fatesOf(bookOf(later), bookOf(base))).toEqual(["newer-here"]);
    expect(mergedBook(bookOf(base), bookOf(later)).jobs).toEqual([later]);
  });
  it("worked on at two benches: both are kept, one under a name of its own that tells what it is a twin of", () => {
    const [one, two] = [typed(base, "here", "26 × 4.8"), typed(base, "there", "26 × 5.0")];
    const { jobs } = mergedBook(bookOf(one), bookOf(two));
    expect(fatesOf(bookOf(one), bookOf(two))).toEqual(["apart"]);
    expect(jobs.map(({ intake }) => intake.frame).sort()).toEqual(["26 × 4.8", "26 × 5.0"]);
    expect(jobs.map(({ id }) => id)).toContain("job-1");
    expect(jobs.find(({ id }) => id !== "job-1")?.twinOf).toBe("job-1");
  });
  it("looked at and not worked on is the same bike", () => {
    const looked: Job = { ...base, stage: "plan", updatedAt: "2026-05-05T08:00:00.000Z" };
    expect(fatesOf(bookOf(base), bookOf(looked))).toEqual(["same"]);
    expect(mergedBook(bookOf(base), bookOf(looked)).jobs).toEqual([looked]);
  });
  it("written without anybody counting, and otherwise: neither is taken for the later", () =>
    expect(fatesOf(bookOf(JOB), bookOf(withTyped(JOB, { in: "intake", name: "frame" }, "x")))).toEqual(["apart"]));
  it("worked on further beside the other, there, stays as it was left, in whatever order the rows come", () => {
    const [one, two] = [typed(base, "here", "26 × 4.8"), typed(base, "there", "26 × 5.0")];
    const both = mergedBook(bookOf(one), bookOf(two)).jobs;
    const further = both.map((job) => (job.twinOf === null ? job : typed(job, "there", "26 × 4.8, trued")));
    for (const rows of [further, [...further].reverse()]) {
      const frames = mergedBook(bookOf(one), bookOf(...rows)).jobs.map(({ intake }) => intake.frame);
      expect(frames).toContain("26 × 4.8, trued");
    }
  });
  it("settled after both were worked on is later than either", () => {
    const [one, two] = [typed(base, "here", "a"), typed(base, "there", "b")];
    const settled = {
      ...typed(one, "here", "a or b"),
      writes: writtenBy("here", joinedWrites(one.writes, two.writes)),
    };
    expect(fatesOf(bookOf(settled), bookOf(two))).toEqual(["newer-here"]);
    expect(fatesOf(bookOf(settled), bookOf(one))).toEqual(["newer-here"]);
  });
});

/** Everything anybody wrote of jobs, displays, classes and cases: the text that may never go. */
const textsOf = ({ jobs, displays, classes, faultCases }: Book): ReadonlySet<string> =>
  new Set([
    ...jobs.map((job) => `job ${JSON.stringify([job.number, job.intake, job.events])}`),
    ...displays.map(({ profile }) => `display ${JSON.stringify(withoutFields(profile, "id"))}`),
    ...classes.map(({ typed: text }) => `class ${JSON.stringify(text)}`),
    ...faultCases.flatMap(({ answers }) => answers.map((answer) => `case ${JSON.stringify(answer)}`)),
  ]);

describe("two books", () => {
  it("give the same one in either order", () =>
    fc.assert(
      fc.property(forks, ({ here, there }) => {
        expect(mergedBook(here, there)).toEqual(mergedBook(there, here));
      }),
      { numRuns: 150 },
    ));
  it("brought in again change nothing", () =>
    fc.assert(
      fc.property(forks, ({ here, there }) => {
        const one = mergedBook(here, there);
        for (const again of [here, there, one]) expect(mergedBook(one, again)).toEqual(one);
      }),
      { numRuns: 80 },
    ));
  it("lose nothing that was last written at either bench", () =>
    fc.assert(
      fc.property(forks, ({ base, here, there }) => {
        const both = textsOf(mergedBook(here, there));
        const old = textsOf(base);
        // What one bench wrote over is the other's past, not its loss.
        const due = (side: Book, other: Book) =>
          [...textsOf(side)].filter((text) => !old.has(text) || textsOf(other).has(text));
        for (const text of [...due(here, there), ...due(there, here)]) expect(both).toContain(text);
      }),
      { numRuns: 80 },
    ));
  it("of which one was brought in earlier, and both worked on since, are still one in either order", () =>
    fc.assert(
      fc.property(forks, deeds(5), deeds(5), ({ here, there }, more, other) => {
        const one = worked(mergedBook(here, there), "here", more, 100);
        const two = worked(there, "there", other, 100);
        expect(mergedBook(one, two)).toEqual(mergedBook(two, one));
      }),
      { numRuns: 60 },
    ));
});
