import "fake-indexeddb/auto";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import type { OpenedBook, Opener } from "@/core/book/packing";
import type { Job } from "@/core/record";
import { withoutFields } from "@/core/units/withoutFields";
import { restoreBook, restoreOutlook, writeBackup } from "./backup";
import { cutShort, lastBackup, noteBackup } from "./lastBackup";
import { changeJob } from "./changes";
import { OddSpokeDatabase } from "./db";
import { addPhoto } from "./displays";
import { beginCase, keepShopHas } from "./faultCases";
import { addJob } from "./addJob";
import { removeJobs, seedOnce } from "./seeding";
import { addDisplay } from "./newDisplays";
import { addClass } from "./classes";
import { openerHere, packerHere } from "./testingBooks";

let here: OddSpokeDatabase;
let there: OddSpokeDatabase;
let nth = 0;
beforeEach(() => {
  nth += 1;
  here = new OddSpokeDatabase(`here-${nth}`);
  there = new OddSpokeDatabase(`there-${nth}`);
});
afterEach(async () => {
  await here.delete();
  await there.delete();
});

const TABLES = ["jobs", "entries", "displays", "classes", "walks", "faultCases", "trials"] as const;
/** All a database holds, pictures as bytes, without what is of one browser only. */
async function all(database: OddSpokeDatabase): Promise<unknown> {
  const rows = await Promise.all(TABLES.map((name) => database.table(name).toArray()));
  const photos = await database.photos.toArray();
  const pictures = await Promise.all(photos.map(async ({ image }) => [...new Uint8Array(await image.arrayBuffer())]));
  const settings = (await database.facts.toArray()).filter(({ key }) => key === "shop-has" || key === "odds-since");
  return { rows, photos: photos.map((photo) => withoutFields(photo, "image")), pictures, settings };
}

/** A book with some of everything. */
async function fill(database: OddSpokeDatabase): Promise<string> {
  await seedOnce(database);
  const { id } = await addJob(database);
  await changeJob(id, (job) => ({ ...job, intake: { nickname: "Ferry Goat" } }), database);
  await addPhoto(id, "51", new Blob([Uint8Array.from([9, 8, 7])], { type: "image/jpeg" }), database);
  await addDisplay("Own one", database);
  await addClass(null, database);
  await beginCase({ jobId: id, signs: ["dead"], changed: [] }, database);
  await keepShopHas(["meter"], database);
  return id;
}

async function opened(file: Blob, opener: Opener): Promise<Extract<OpenedBook, { ok: true }>> {
  const book = await opener.open(file, () => undefined);
  if (!book.ok) throw new Error(JSON.stringify(book.problem));
  return book;
}

/** Brings all of one database into another. */
async function bring(from: OddSpokeDatabase, into: OddSpokeDatabase) {
  const opener = openerHere();
  const { file } = await writeBackup(packerHere(), undefined, null, from);
  const book = await opened(file, opener);
  const outlook = await restoreOutlook(book, opener, undefined, into);
  return { outlook, ...(await restoreBook(book, opener, undefined, into)) };
}

describe("a back-up of everything", () => {
  it("brought into an empty book is that book, photos and all", async () => {
    await fill(here);
    const { outlook } = await bring(here, there);
    expect(await all(there)).toEqual(await all(here));
    expect(new Set(outlook.jobs.map(({ fate }) => fate))).toEqual(new Set(["added"]));
    expect(outlook.unreadable).toEqual([]);
    expect(await cutShort(there)).toBeNull();
  });
  it("brought in a second time says that all is the same, and changes nothing", async () => {
    await fill(here);
    await bring(here, there);
    const before = await all(there);
    const { outlook } = await bring(here, there);
    expect(new Set(outlook.jobs.map(({ fate }) => fate))).toEqual(new Set(["same"]));
    expect(outlook.tables.photos).toMatchObject({ same: 1, added: 0 });
    expect(await all(there)).toEqual(before);
  });
  it("taken back leaves the book as it was, but for a bike worked on since", async () => {
    const id = await fill(here);
    await seedOnce(there);
    const before = await all(there);
    const { undo } = await bring(here, there);
    await undo();
    expect(await all(there)).toEqual(before);
    const again = await bring(here, there);
    await changeJob(id, (job) => ({ ...job, handOverNote: "worked on" }), there);
    await again.undo();
    expect((await there.jobs.get(id))?.handOverNote).toBe("worked on");
  });
  it("holds a bike both sides worked on beside the one that is here", async () => {
    const id = await fill(here);
    await bring(here, there);
    const as =
      (note: string, copy: string) =>
      (job: Job): Job => ({
        ...job,
        handOverNote: note,
        writes: { ...job.writes, [copy]: 1 },
      });
    // Two browsers, of which a test has but one: each counts its writes under a name of its own.
    for (const [database, note] of [
      [here, "one"],
      [there, "other"],
    ] as const) {
      const job = await database.jobs.get(id);
      if (job) await database.jobs.put(as(note, `copy-${note}`)(job));
    }
    const { outlook } = await bring(here, there);
    expect(outlook.jobs.find((each) => each.id === id)?.fate).toBe("apart");
    const notes = (await there.jobs.toArray()).flatMap(({ handOverNote }) => (handOverNote ? [handOverNote] : []));
    expect(notes.sort()).toEqual(["one", "other"]);
    expect((await there.entries.toArray()).filter(({ twinOf }) => twinOf === id)).toHaveLength(1);
  });
  it("of one bike holds that bike and what belongs to it", async () => {
    const id = await fill(here);
    const opener = openerHere();
    const book = await opened((await writeBackup(packerHere(), undefined, [id], here)).file, opener);
    expect(book.list.jobs).toBe(1);
    expect(book.tables.photos).toHaveLength(1);
    expect(book.tables.faultCases).toHaveLength(1);
    expect([book.tables.displays, book.tables.settings]).toEqual([[], []]);
  });
});

describe("what the header says of the last back-up", () => {
  it("counts every visit until there is one, and from then on those worked on since", async () => {
    const id = await fill(here);
    expect(await lastBackup(here)).toEqual({ at: null, lacks: await here.jobs.count() });
    await new Promise((resolve) => setTimeout(resolve, 5));
    await noteBackup(new Date().toISOString(), here);
    expect((await lastBackup(here)).lacks).toBe(0);
    await new Promise((resolve) => setTimeout(resolve, 5));
    await changeJob(id, (job) => ({ ...job, handOverNote: "since" }), here);
    expect((await lastBackup(here)).lacks).toBe(1);
    await removeJobs([id], here);
    expect((await lastBackup(here)).lacks).toBe(0);
  });
});

describe("a bringing-in that is cut short", () => {
  it("is remembered, has nothing half, and goes on when it is brought in again", async () => {
    await fill(here);
    const opener = openerHere();
    const { file, madeAt } = await writeBackup(packerHere(), undefined, null, here);
    const book = await opened(file, opener);
    const failing: Opener = {
      ...opener,
      photo: () => Promise.reject(new Error("the power went")),
    };
    await expect(restoreBook(book, failing, undefined, there)).rejects.toThrow("the power went");
    expect(await cutShort(there)).toBe(madeAt);
    for (const job of await there.jobs.toArray()) expect(await here.jobs.get(job.id)).toEqual(job);
    expect(await there.entries.count()).toBe(await there.jobs.count());
    await restoreBook(book, opener, undefined, there);
    expect(await cutShort(there)).toBeNull();
    expect(await all(there)).toEqual(await all(here));
  });
});
