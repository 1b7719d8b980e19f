import "fake-indexeddb/auto";
import { readFileSync } from "node:fs";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { Job } from "@/core/record";
import { JOB_VERSION } from "@/core/record/format";
import { restoreBook } from "./backup";
import { OddSpokeDatabase } from "./db";
import { addPhoto } from "./displays";
import { addDisplay } from "./newDisplays";
import { rescue } from "./rescue";
import { seedOnce } from "./seeding";
import { openerHere, packerHere } from "./testingBooks";

afterEach(() => vi.restoreAllMocks());

const OLDEST = JSON.parse(readFileSync(new URL("../../tests/fixtures/job-1.json", import.meta.url), "utf8")) as Job;

/** Brings what was rescued into an empty book, and gives its jobs and photos. */
async function broughtIn(
  file: Blob,
  name: string,
): Promise<{ jobs: readonly Job[]; photos: number; displays: number }> {
  const empty = new OddSpokeDatabase(name);
  const opener = openerHere();
  const book = await opener.open(file, () => undefined);
  if (!book.ok) throw new Error(JSON.stringify(book.problem));
  await restoreBook(book, opener, undefined, empty);
  const all = {
    jobs: await empty.jobs.toArray(),
    photos: await empty.photos.count(),
    displays: await empty.displays.count(),
  };
  await empty.delete();
  return all;
}

async function filled(name: string): Promise<readonly Job[]> {
  const database = new OddSpokeDatabase(name);
  await seedOnce(database);
  const jobs = await database.jobs.toArray();
  await addPhoto(jobs[0]?.id ?? "", "51", new Blob([Uint8Array.from([1, 2])], { type: "image/jpeg" }), database);
  await addDisplay("Own", database);
  database.close();
  return jobs;
}

describe("what can still be read", () => {
  it("of data of a newer version is a back-up that opens, and the data is left as it is", async () => {
    const jobs = await filled("newer");
    await new Promise<void>((resolve) => {
      const open = indexedDB.open("newer", 9999);
      open.onsuccess = () => {
        open.result.close();
        resolve();
      };
    });
    const saved = await rescue(packerHere(), "newer");
    expect(saved).toMatchObject({ jobs: jobs.length, unread: 0 });
    expect(await broughtIn(saved?.file ?? new Blob(), "newer-in")).toEqual({ jobs, photos: 1, displays: 1 });
    const versions = await indexedDB.databases();
    expect(versions.find(({ name }) => name === "newer")?.version).toBe(9999);
  });
  it("is read though one row is spoilt, and the row is counted", async () => {
    const jobs = await filled("spoilt");
    const get = IDBObjectStore.prototype.get;
    vi.spyOn(IDBObjectStore.prototype, "get").mockImplementation(function (this: IDBObjectStore, key) {
      if (key === jobs[0]?.id) throw new DOMException("damaged", "DataError");
      return get.call(this, key);
    });
    const saved = await rescue(packerHere(), "spoilt");
    expect(saved).toMatchObject({ jobs: jobs.length - 1, unread: 1 });
  });
  it("of the first shape there was is brought up when it is brought in", async () => {
    await new Promise<void>((resolve) => {
      const open = indexedDB.open("first", 10);
      open.onupgradeneeded = () => {
        open.result.createObjectStore("jobs", { keyPath: "id" }).add(OLDEST);
        open.result.createObjectStore("facts", { keyPath: "key" });
      };
      open.onsuccess = () => {
        open.result.close();
        resolve();
      };
    });
    const saved = await rescue(packerHere(), "first");
    expect(saved).toMatchObject({ jobs: 1, unread: 0 });
    const { jobs: read } = await broughtIn(saved?.file ?? new Blob(), "first-in");
    expect(read).toMatchObject([{ id: OLDEST.id, version: JOB_VERSION }]);
  });
  it("is nothing where there is no data, and none is made", async () => {
    expect(await rescue(packerHere(), "never")).toBeNull();
    expect((await indexedDB.databases()).some(({ name }) => name === "never")).toBe(false);
  });
});
