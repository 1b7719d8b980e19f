// A back-up written and read: the same book, pictures too; spoilt, it is refused with where, or read whole.
import fc from "fast-check";
import { readFileSync } from "node:fs";
import { unzipSync, zipSync, strToU8 } from "fflate";
import { describe, expect, it } from "vitest";
import { bundleWriter, joinedBytes, JOBS_A_FILE, writeBundle } from "./bundle";
import { mergedBook } from "./merge";
import { newJob, type Job } from "../record";
import { JOB_VERSION } from "../record/format";
import { openBundle } from "./openBundle";
import { EMPTY_BOOK, type Book } from "./rows";
import { AT, books } from "./testingBooks";
import { seeded } from "../units/seeded";

const pictures = (book: Book): ReadonlyMap<string, Uint8Array> =>
  new Map(book.photos.map(({ id }, i) => [id, Uint8Array.from({ length: 40 * i + 3 }, (_, at) => (at * 7 + i) % 256)]));

/** A back-up read to the end: the book, its pictures, and what could not be read. */
function readWhole(archive: Uint8Array) {
  const reading = openBundle(archive);
  if (!reading.ok) return reading;
  const { bundle } = reading;
  const read = bundle.jobFiles.map(bundle.readJobs);
  const book: Book = { ...bundle.tables, jobs: read.flatMap(({ jobs }) => jobs) };
  return {
    ok: true as const,
    book,
    unreadable: read.flatMap(({ unreadable }) => unreadable),
    images: new Map(book.photos.map(({ id }) => [id, bundle.photo(id)])),
  };
}

describe("a back-up", () => {
  it("of any book, brought into an empty one, is that book", () =>
    fc.assert(
      fc.property(books, (book) => {
        const read = readWhole(writeBundle(book, pictures(book), AT));
        if (!read.ok) throw new Error(JSON.stringify(read.problem));
        expect(read.unreadable).toEqual([]);
        expect(read.images).toEqual(pictures(book));
        expect(mergedBook(EMPTY_BOOK, read.book)).toEqual(mergedBook(EMPTY_BOOK, book));
      }),
      { numRuns: 60 },
    ));
  it("of the same book is the same, byte for byte", () =>
    expect(writeBundle(EMPTY_BOOK, new Map(), AT)).toEqual(writeBundle(EMPTY_BOOK, new Map(), AT)));
  it("holds jobs by the hundred, however they come", () => {
    const parts: Uint8Array[] = [];
    const writer = bundleWriter((bytes) => parts.push(bytes));
    const jobs = Array.from({ length: JOBS_A_FILE * 2 + 7 }, (_, i) => newJob(`job-${i}`, i + 1, AT));
    for (let i = 0; i < jobs.length; i += 30) writer.addJobs(jobs.slice(i, i + 30));
    writer.addTables(EMPTY_BOOK);
    writer.end(AT);
    const read = readWhole(joinedBytes(parts));
    expect(read.ok && read.book.jobs).toEqual(jobs);
  });
  it("of every older job format opens, each brought up", () => {
    const fixture = (name: string): Job =>
      JSON.parse(readFileSync(new URL(`../../../tests/fixtures/${name}.json`, import.meta.url), "utf8")) as Job;
    const old = ["job-1", "job-2-handed-over", "job-3", "job-4", "job-5", "job-6"].map(fixture);
    const read = readWhole(writeBundle({ ...EMPTY_BOOK, jobs: old }, new Map(), AT));
    expect(read.ok && read.unreadable).toEqual([]);
    expect(read.ok && read.book.jobs.map(({ version }) => version)).toEqual(old.map(() => JOB_VERSION));
  });
  it("of jobs with one that is none of ours names it and keeps the others", () => {
    const jobs = [newJob("job-1", 1, AT), { ...newJob("job-2", 2, AT), stage: "nowhere" } as never];
    const read = readWhole(writeBundle({ ...EMPTY_BOOK, jobs }, new Map(), AT));
    expect(read.ok && read.book.jobs.map(({ id }) => id)).toEqual(["job-1"]);
    expect(read.ok && read.unreadable).toMatchObject([
      { file: "jobs/00001.ndjson", line: 2, problem: { key: "file.field", path: "stage" } },
    ]);
  });
});

describe("what is no sound back-up is refused with where", () => {
  const BOOK: Book = { ...EMPTY_BOOK, jobs: [newJob("job-1", 1, AT)] };
  const SOUND = writeBundle(BOOK, new Map(), AT);
  const repacked = (change: (files: Record<string, Uint8Array>) => Record<string, Uint8Array>) =>
    zipSync(change(unzipSync(SOUND)));
  const list = (files: Record<string, Uint8Array>) =>
    JSON.parse(new TextDecoder().decode(files["book.json"])) as Record<string, unknown>;
  it.each([
    ["another file", strToU8("a leaflet, not a back-up"), { key: "bundle.not-one" }],
    ["nothing at all", new Uint8Array(), { key: "bundle.not-one" }],
    ["an archive of something else", zipSync({ "notes.txt": strToU8("x") }), { key: "bundle.not-one" }],
    ["one cut short", SOUND.slice(0, SOUND.length - 40), { key: "bundle.cut-short" }],
    [
      "one of a version to come",
      repacked((files) => ({ ...files, "book.json": strToU8(JSON.stringify({ ...list(files), version: 9 })) })),
      { key: "bundle.newer", version: 9, accepted: 1 },
    ],
    [
      "one with a job changed",
      repacked((files) => ({ ...files, "jobs/00001.ndjson": strToU8("{}\n") })),
      { key: "bundle.damaged", file: "jobs/00001.ndjson" },
    ],
    [
      "one with a table gone",
      repacked((files) => Object.fromEntries(Object.entries(files).filter(([name]) => name !== "tables/walks.json"))),
      { key: "bundle.damaged", file: "tables/walks.json" },
    ],
    [
      "one with a file slipped in",
      repacked((files) => ({ ...files, "jobs/9.ndjson": strToU8("") })),
      { key: "bundle.unlisted", file: "jobs/9.ndjson" },
    ],
    [
      "one whose list was written over",
      repacked((files) => ({ ...files, "book.json": strToU8(JSON.stringify({ ...list(files), jobs: 7 })) })),
      { key: "bundle.damaged", file: "book.json" },
    ],
  ])("%s", (_, archive, problem) => expect(openBundle(archive)).toEqual({ ok: false, problem }));

  /** As many as `npm test` has time for; more where somebody asks for them. */
  const RUNS = Number(process.env.SPOILT_RUNS ?? 10_000);
  it(`${RUNS} of them, spoilt in one to four places: refused, or read whole`, () => {
    const dice = seeded(20_260);
    const whole = readWhole(SOUND);
    const outcomes = new Map<string, number>();
    for (let run = 0; run < RUNS; run++) {
      const spoilt = SOUND.slice();
      for (let i = 0; i <= Math.floor(dice() * 4); i++)
        spoilt[Math.floor(dice() * spoilt.length)] = Math.floor(dice() * 256);
      const read = readWhole(spoilt.slice(0, dice() < 0.1 ? Math.floor(dice() * spoilt.length) : undefined));
      if (read.ok) expect(read).toEqual(whole);
      const outcome = read.ok ? "whole" : read.problem.key;
      outcomes.set(outcome, (outcomes.get(outcome) ?? 0) + 1);
    }
    // Each way of being spoilt is met, so that none is a word on paper only.
    for (const key of ["whole", "bundle.damaged", "bundle.not-one", "bundle.cut-short"])
      expect(outcomes.get(key), key).toBeGreaterThan(0);
  });
});
