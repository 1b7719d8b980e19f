import "fake-indexeddb/auto";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { writeJobFile } from "@/core/record";
import { OddSpokeDatabase } from "./db";
import { importJob, previewImport } from "./importing";
import { addJob } from "./addJob";
import { getJob } from "./jobs";
import { removeJobs, restoreJobs, seedOnce } from "./seeding";
import { changeJob } from "./changes";

let database: OddSpokeDatabase;
let nth = 0;
const allJobs = (kept: OddSpokeDatabase) => kept.jobs.toArray();
beforeEach(() => {
  nth += 1;
  database = new OddSpokeDatabase(`test-${nth}`);
});
afterEach(() => database.delete());

describe("the rack's store", () => {
  it("seeds the demo bikes once, and not again after they are taken off", async () => {
    await seedOnce(database);
    const jobs = await allJobs(database);
    expect(jobs.length).toBeGreaterThanOrEqual(8);
    const removed = await removeJobs(
      jobs.map((job) => job.id),
      database,
    );
    await seedOnce(database);
    expect(await allJobs(database)).toEqual([]);
    await restoreJobs(removed, database);
    expect(await allJobs(database)).toEqual(jobs);
  });
  it("two first starts at once seed once", async () => {
    await Promise.all([seedOnce(database), seedOnce(database)]);
    const numbers = (await allJobs(database)).map((job) => job.number);
    expect(new Set(numbers).size).toBe(numbers.length);
  });
  it("numbers new bikes on from the last", async () => {
    await seedOnce(database);
    const last = Math.max(...(await allJobs(database)).map((job) => job.number));
    expect((await addJob(database)).number).toBe(last + 1);
    expect((await addJob(database)).number).toBe(last + 2);
  });
  it("keeps both of two edits made at once", async () => {
    const { id } = await addJob(database);
    await Promise.all([
      changeJob(id, (job) => ({ ...job, intake: { ...job.intake, nickname: "Both" } }), database),
      changeJob(id, (job) => ({ ...job, intake: { ...job.intake, frame: "kept" } }), database),
    ]);
    expect((await getJob(id, database))?.intake).toEqual({ nickname: "Both", frame: "kept" });
  });
  it("says so when the job is gone", async () => {
    await expect(changeJob("gone", (job) => job, database)).rejects.toThrow("not on this machine");
  });
});

describe("import", () => {
  it("looks without storing, then adds beside or replaces, and hands back what it replaced", async () => {
    await seedOnce(database);
    const before = await allJobs(database);
    const job = before[0];
    if (!job) throw new Error("no demo job");
    const preview = await previewImport(writeJobFile({ ...job, handOverNote: "from elsewhere" }), database);
    expect(preview).toMatchObject({ ok: true, already: { id: job.id } });
    expect(await allJobs(database)).toEqual(before);
    if (!preview.ok) return;
    const beside = await importJob(preview.job, "add", database);
    expect(beside.stored.id).not.toBe(job.id);
    expect(beside.stored.number).not.toBe(job.number);
    expect(beside.replaced).toBeNull();
    const instead = await importJob(preview.job, "replace", database);
    expect(instead.stored).toMatchObject({ id: job.id, number: job.number, handOverNote: "from elsewhere" });
    expect(instead.replaced).toEqual(job);
  });
  it("a bad file stores nothing", async () => {
    await seedOnce(database);
    const before = await allJobs(database);
    expect(await previewImport("{", database)).toMatchObject({ ok: false });
    expect(await allJobs(database)).toEqual(before);
  });
});
