import "fake-indexeddb/auto";
import { describe, expect, it } from "vitest";
import { OddSpokeDatabase } from "./db";
import {
  answerCase,
  beginCase,
  countOddsFrom,
  faultCase,
  faultCases,
  keepShopHas,
  oddsSince,
  removeCase,
  restoreCase,
  shopHas,
  takeBackCaseAnswer,
} from "./faultCases";

const database = new OddSpokeDatabase("fault-cases");
const BEGUN = { jobId: null, signs: ["code-brake"], changed: [] };
const LEVERS = { kind: "check", check: "look-at-levers", shows: "nothing" } as const;

describe("faults looked for", () => {
  it("keep each answer once, whoever gives it twice, and take the last one back once", async () => {
    const { id } = await beginCase(BEGUN, database);
    await answerCase(id, 0, LEVERS, database);
    await answerCase(id, 0, { ...LEVERS, shows: "fault" }, database);
    expect((await faultCase(id, database))?.answers).toEqual([LEVERS]);
    await answerCase(id, 1, { kind: "mended", cause: "brake-wiring", gone: true }, database);
    await takeBackCaseAnswer(id, 2, database);
    await takeBackCaseAnswer(id, 2, database);
    expect((await faultCase(id, database))?.answers).toEqual([LEVERS]);
    await takeBackCaseAnswer(id, 1, database);
    await takeBackCaseAnswer(id, 0, database);
    expect((await faultCase(id, database))?.answers).toEqual([]);
  });
  it("can be taken out and put back as they were", async () => {
    const { id } = await beginCase({ ...BEGUN, signs: ["dead"] }, database);
    const before = (await faultCases(database)).length;
    const gone = await removeCase(id, database);
    expect(await faultCase(id, database)).toBeUndefined();
    if (!gone) throw new Error("nothing taken out");
    await restoreCase(gone, database);
    expect((await faultCases(database)).length).toBe(before);
  });
  it("go by what the shop has: unknown until somebody says, and nothing where he says so", async () => {
    expect(await shopHas(database)).toBeNull();
    await keepShopHas(["meter", "pack"], database);
    expect(await shopHas(database)).toEqual(["meter", "pack"]);
    await keepShopHas([], database);
    expect(await shopHas(database)).toEqual([]);
    expect(await oddsSince(database)).toBeNull();
    await countOddsFrom("2026-05-01T00:00:00Z", database);
    expect(await oddsSince(database)).toBe("2026-05-01T00:00:00Z");
    await countOddsFrom(null, database);
    expect(await oddsSince(database)).toBeNull();
  });
});
