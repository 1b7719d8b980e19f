import "fake-indexeddb/auto";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { demoJobs } from "@/catalog/demo/workshop";
import { reopen, type Job } from "@/core/record";
import {
  addToBatch,
  batchEntries,
  beginBatch,
  bikesForBatch,
  bikesOf,
  handOverBikes,
  changeBikes,
  leaveBatch,
  renameBatch,
} from "./batches";
import { changeJob } from "./changes";
import { OddSpokeDatabase } from "./db";
import { removeJobs, seedOnce } from "./seeding";

const JOBS = demoJobs();
const demo = (number: number): Job => {
  const job = JOBS.find((each) => each.number === number);
  if (!job) throw new Error(`no demo bike ${number}`);
  return job;
};

let database: OddSpokeDatabase;
let nth = 0;
beforeEach(async () => {
  nth += 1;
  database = new OddSpokeDatabase(`batches-${nth}`);
  await seedOnce(database);
});
afterEach(() => database.delete());

/** The demo bike that was handed over, and one that waits with the same display. */
const PATTERN = demo(201).id;
const WAITING = demo(208).id;
const begun = async (names: readonly string[] = ["One", "Two"], picked: readonly string[] = [WAITING]) => {
  const deed = await beginBatch(PATTERN, "Ferry fleet", { names, picked }, database);
  if (!deed) throw new Error("no batch");
  return deed;
};
const named = (jobs: readonly Job[]) => jobs.map(({ intake }) => intake.nickname);

describe("a batch in the book", () => {
  it("holds picked bikes and new ones, in order, each with a number of its own", async () => {
    const { batchId } = await begun();
    const bikes = await bikesOf(batchId, database);
    expect(named(bikes)).toEqual([demo(208).intake.nickname, "One", "Two"]);
    expect(bikes.map(({ batch }) => batch?.place)).toEqual([1, 2, 3]);
    expect(new Set(bikes.map(({ number }) => number)).size).toBe(3);
    expect((await batchEntries(database)).map(({ batchId: of }) => of)).toEqual([batchId, batchId, batchId]);
  });
  it("leaves the bike its sheet was made on as it is", async () => {
    const before = await database.jobs.get(PATTERN);
    await begun();
    expect(await database.jobs.get(PATTERN)).toEqual(before);
  });
  it("grows: more bikes come after those there are, like the first even where that has gone", async () => {
    const { batchId } = await begun();
    await removeJobs([PATTERN], database);
    await addToBatch(batchId, { names: ["Three"], picked: [] }, database);
    const bikes = await bikesOf(batchId, database);
    expect(named(bikes)).toEqual([demo(208).intake.nickname, "One", "Two", "Three"]);
    expect(bikes.at(-1)?.intake.tyre).toBe(demo(201).intake.tyre);
    expect(bikes.at(-1)?.intake.rolloutMm).toBeUndefined();
  });
  it("offers no bike that is begun, gone or taken, and refuses one that became so", async () => {
    const { batchId } = await begun([], [WAITING]);
    const [first] = await bikesOf(batchId, database);
    if (!first?.batch) throw new Error("no bike");
    const offered = (await bikesForBatch(first.batch, database)).map(({ number }) => number);
    // 205 and 206 have keys pressed, 187, 201 and 203 are gone, 208 is taken.
    expect(offered.sort()).toEqual([202, 204, 207, 209, 210]);
    const again = await addToBatch(batchId, { names: [], picked: [WAITING, demo(206).id, "gone-bike"] }, database);
    expect(again?.refused).toEqual([
      { id: WAITING, why: "in-a-batch" },
      { id: demo(206).id, why: "keys-begun" },
      { id: "gone-bike", why: "not-here" },
    ]);
  });
  it("is taken back whole, but for a bike somebody has worked on since", async () => {
    const { batchId, bikes, undo } = await begun();
    await changeJob(bikes[1] ?? "", (job) => ({ ...job, handOverNote: "Mind the bell" }), database);
    await undo();
    expect(named(await bikesOf(batchId, database))).toEqual(["Two"]);
    const waiting = await database.jobs.get(WAITING);
    expect([waiting?.batch, waiting?.overrides]).toEqual([null, demo(208).overrides]);
  });
  it("is called otherwise on every bike, and back", async () => {
    const { batchId } = await begun();
    const names = async () => new Set((await bikesOf(batchId, database)).map(({ batch }) => batch?.name));
    const { undo, changed } = await renameBatch(batchId, "Harbour fleet", database);
    expect([await names(), changed]).toEqual([new Set(["Harbour fleet"]), 3]);
    await undo("renamed");
    expect(await names()).toEqual(new Set(["Ferry fleet"]));
    expect((await renameBatch(batchId, "Ferry fleet", database)).changed).toBe(0);
  });
  it("lets a bike go its own way, and does not count a bike kept twice twice", async () => {
    const { batchId, bikes } = await begun();
    await leaveBatch(bikes[0] ?? "", database);
    expect(named(await bikesOf(batchId, database))).toEqual([demo(208).intake.nickname, "Two"]);
    const two = await database.jobs.get(bikes[1] ?? "");
    if (!two) throw new Error("gone");
    await database.jobs.put({ ...two, id: "twin-of-two", twinOf: two.id });
    const entry = await database.entries.get(two.id);
    if (entry) await database.entries.put({ ...entry, id: "twin-of-two", twinOf: two.id });
    expect(named(await bikesOf(batchId, database))).toEqual([demo(208).intake.nickname, "Two"]);
  });
  it("changes several at once, skips one that is gone, counts what really changed, and takes it back", async () => {
    const { bikes } = await begun();
    const note = (job: Job): Job => (job.intake.nickname === "One" ? job : { ...job, handOverNote: "Seen" });
    const { changed, undo } = await changeBikes([...bikes, "gone-bike"], note, database);
    expect(changed).toBe(1);
    await undo("seen");
    expect((await database.jobs.get(bikes[1] ?? ""))?.handOverNote).toBe("");
  });
  it("hands over those that are ready, and none that became otherwise meanwhile", async () => {
    const { bikes } = await begun();
    // The bike that has left, before it did: proven, every check answered.
    const ready = reopen(demo(201), "2026-11-25T09:00:00.000Z");
    await database.jobs.put(ready);
    expect((await handOverBikes([...bikes, ready.id], database)).changed).toBe(1);
    expect((await database.jobs.get(ready.id))?.sheets.at(-1)?.kind).toBe("as-left");
    for (const id of bikes) expect((await database.jobs.get(id))?.handedOverAt).toBeNull();
  });
  it("is begun with no bike that has no sheet", async () => {
    expect(await beginBatch(demo(210).id, "", { names: ["One"], picked: [] }, database)).toBeNull();
    expect(await beginBatch("gone-bike", "", { names: ["One"], picked: [] }, database)).toBeNull();
  });
});
