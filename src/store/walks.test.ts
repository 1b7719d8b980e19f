import "fake-indexeddb/auto";
import { describe, expect, it } from "vitest";
import { OddSpokeDatabase } from "./db";
import { beginWalk, keepAnswer, keptWalk, restoreWalk, takeBackAnswer } from "./walks";

const SETUP = { keys: [{ id: "a", name: "A", isKey: true }], power: "a" } as const;
const OFF = { is: "seen", seen: { kind: "off" }, afterMs: 2000 } as const;
const HOME = { is: "seen", seen: { kind: "home" }, afterMs: 1000 } as const;

describe("a walk that is kept", () => {
  it("keeps an answer once, however often it is given, and takes it back once", async () => {
    const db = new OddSpokeDatabase("walks-1");
    await beginWalk("x", SETUP, db);
    await Promise.all([keepAnswer("x", 0, OFF, db), keepAnswer("x", 0, OFF, db), keepAnswer("x", 0, HOME, db)]);
    await keepAnswer("x", 1, HOME, db);
    await expect(keptWalk("x", db)).resolves.toMatchObject({ answers: [OFF, HOME] });
    await Promise.all([takeBackAnswer("x", 2, db), takeBackAnswer("x", 2, db)]);
    await expect(keptWalk("x", db)).resolves.toMatchObject({ answers: [OFF] });
    await db.delete();
  });
  it("begun anew hands back the one before, which can be had again", async () => {
    const db = new OddSpokeDatabase("walks-2");
    expect(await beginWalk("x", SETUP, db)).toBeUndefined();
    await keepAnswer("x", 0, OFF, db);
    const before = await beginWalk("x", SETUP, db);
    await restoreWalk("x", before, db);
    await expect(keptWalk("x", db)).resolves.toMatchObject({ answers: [OFF] });
    await restoreWalk("x", undefined, db);
    await expect(keptWalk("x", db)).resolves.toBeUndefined();
    await db.delete();
  });
});
