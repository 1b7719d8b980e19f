import "fake-indexeddb/auto";
import { describe, expect, it } from "vitest";
import { OddSpokeDatabase } from "./db";
import { beginTrial, keepRun, removeTrial, restoreTrial, takeBackRun, trialsOf } from "./trials";

const database = new OddSpokeDatabase("trials");
const BEGUN = {
  jobId: "j1",
  code: "33",
  a: 1,
  b: 2,
  outcome: "top-speed",
  expected: "more",
  blind: false,
} as const;

describe("trials of lines", () => {
  it("keep each run once, whoever keeps it twice, and take the last one back once", async () => {
    const { id } = await beginTrial(BEGUN, database);
    await keepRun(id, 0, "21.5", database);
    await keepRun(id, 0, "99", database);
    await keepRun(id, 1, "22", database);
    const measured = async () => (await trialsOf("j1", database)).find((trial) => trial.id === id)?.measured;
    expect(await measured()).toEqual(["21.5", "22"]);
    await takeBackRun(id, 2, database);
    await takeBackRun(id, 2, database);
    expect(await measured()).toEqual(["21.5"]);
    await takeBackRun(id, 0, database);
    expect(await measured()).toEqual(["21.5"]);
  });
  it("are those of one bike, can be taken out and put back as they were", async () => {
    const made = await beginTrial({ ...BEGUN, jobId: "j2" }, database);
    expect(await trialsOf("j2", database)).toEqual([made]);
    const gone = await removeTrial(made.id, database);
    expect(await trialsOf("j2", database)).toEqual([]);
    if (!gone) throw new Error("nothing taken out");
    await restoreTrial(gone, database);
    expect(await trialsOf("j2", database)).toEqual([made]);
  });
});
