import "fake-indexeddb/auto";
import { readFileSync } from "node:fs";
import Dexie from "dexie";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { SKERRY } from "@/catalog/displays/skerry";
import { TARN } from "@/catalog/displays/tarn";
import { checkProfile } from "@/core/display";
import { workOut } from "@/core/record";
import { JOB_VERSION } from "@/core/record/format";
import { OddSpokeDatabase } from "./db";
import {
  addPhoto,
  changeDisplay,
  ownDisplay,
  ownDisplays,
  photosOf,
  removeDisplay,
  removePhoto,
  restoreDisplay,
  restorePhoto,
} from "./displays";
import { getJob } from "./jobs";
import { addDisplay, cloneDisplay, importDisplay } from "./newDisplays";

let database: OddSpokeDatabase;
let nth = 0;
beforeEach(() => {
  nth += 1;
  database = new OddSpokeDatabase(`displays-${nth}`);
});
afterEach(() => database.delete());

describe("displays described here", () => {
  it("begin as something that works, and each change raises the revision", async () => {
    const fresh = await addDisplay("Barn find", database);
    expect(checkProfile(fresh)).toEqual([]);
    await changeDisplay(fresh.id, (now) => ({ ...now, variant: "four lines" }), database);
    await changeDisplay(fresh.id, (now) => now, database);
    expect(await ownDisplay(fresh.id, database)).toMatchObject({ variant: "four lines", revision: 2 });
    await expect(changeDisplay("gone", (now) => now, database)).rejects.toThrow("not on this machine");
  });
  it("are cloned beside what they were taken from, and taken out with a way back", async () => {
    const copy = await cloneDisplay(SKERRY, database);
    expect(copy.id).not.toBe(SKERRY.id);
    expect({ ...copy, id: SKERRY.id, name: SKERRY.name, source: SKERRY.source }).toEqual(SKERRY);
    const gone = await removeDisplay(copy.id, database);
    expect(await ownDisplays(database)).toEqual([]);
    if (gone) await restoreDisplay(gone, database);
    expect(await ownDisplays(database)).toEqual([copy]);
  });
  it("come in from a file under an id of their own, or not at all", async () => {
    const read = await importDisplay(JSON.stringify(TARN), database);
    expect(read.ok && read.profile.id).not.toBe(TARN.id);
    expect(await importDisplay(JSON.stringify({ ...TARN, lines: [] }), database)).toMatchObject({ ok: false });
    expect(await importDisplay("{", database)).toMatchObject({ ok: false });
    expect(await ownDisplays(database)).toHaveLength(1);
  });
});

describe("photos of lines", () => {
  it("are kept by job, and come back after they were taken away", async () => {
    const photo = await addPhoto("job-1", "51", new Blob(["x"], { type: "image/jpeg" }), database);
    await addPhoto("job-2", "51", new Blob(["y"]), database);
    expect((await photosOf("job-1", database)).map(({ code }) => code)).toEqual(["51"]);
    await removePhoto(photo.id, database);
    expect(await photosOf("job-1", database)).toEqual([]);
    await restorePhoto(photo, database);
    expect(await photosOf("job-1", database)).toHaveLength(1);
  });
});

describe("a database of the version before", () => {
  it("is brought up when it is opened: its jobs are whole and go on where they were", async () => {
    const name = `old-${nth}`;
    const old = new Dexie(name);
    old.version(1).stores({ jobs: "id, number", facts: "key" });
    await old
      .table("jobs")
      .add(JSON.parse(readFileSync(new URL("../../tests/fixtures/job-1.json", import.meta.url), "utf8")));
    old.close();
    const opened = new OddSpokeDatabase(name);
    const job = await getJob("demo-206", opened);
    expect(job?.version).toBe(JOB_VERSION);
    expect(job && workOut(job).stages.find(({ stage }) => stage === "program")?.done).toBe(false);
    await opened.delete();
  });
});
