import "fake-indexeddb/auto";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { CLASSES } from "@/catalog/classes/classes";
import { addClass, ownClasses, removeClass, restoreClass, takeClassesUp, typeClass, wholeClasses } from "./classes";
import { OddSpokeDatabase } from "./db";

let database: OddSpokeDatabase;
let nth = 0;
const shelf = new Map<string, string>();
beforeEach(() => {
  database = new OddSpokeDatabase(`classes-${(nth += 1)}`);
  shelf.clear();
  // Only what is asked of it here; names laid by are its own keys.
  vi.stubGlobal(
    "localStorage",
    new Proxy(
      {
        getItem: (name: string) => shelf.get(name) ?? null,
        setItem: (name: string, text: string) => void shelf.set(name, text),
        removeItem: (name: string) => void shelf.delete(name),
      },
      {
        ownKeys: () => [...shelf.keys()],
        getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
      },
    ),
  );
});
afterEach(async () => {
  vi.unstubAllGlobals();
  await database.delete();
});

const known = CLASSES[0];
if (!known) throw new Error("no class ships");

describe("classes of the shop's own", () => {
  it("are offered once nothing is missing, and no sooner", async () => {
    const { id } = await addClass(known, database);
    expect(wholeClasses(await ownClasses(database))).toEqual([]);
    await typeClass(id, "knownOn", "2026-11-20", database);
    await typeClass(id, "assistSpeed", "18", database);
    expect(wholeClasses(await ownClasses(database))).toMatchObject([
      { id, name: "US class 1, amended", assist: { value: 18, unit: "mph" }, knownOn: "2026-11-20" },
    ]);
  });

  it("keep every key, however fast, and leave nothing laid by", async () => {
    const { id } = await addClass(null, database);
    await Promise.all(["L", "La", "Lak", "Lake"].map((typed) => typeClass(id, "name", typed, database)));
    expect((await ownClasses(database))[0]?.typed).toEqual({ name: "Lake" });
    expect([...shelf.keys()].filter((name) => name.startsWith("odd-spoke.class."))).toEqual([]);
  });

  it("take up what was typed when the tab went", async () => {
    const { id } = await addClass(null, database);
    shelf.set(`odd-spoke.class.${id} name`, "Mill lane");
    shelf.set("odd-spoke.class.own-gone name", "of a class that was taken out");
    await takeClassesUp(database);
    expect((await ownClasses(database)).map(({ typed }) => typed)).toEqual([{ name: "Mill lane" }]);
    expect([...shelf.keys()].filter((name) => name.startsWith("odd-spoke.class."))).toEqual([]);
  });

  it("come back as they were", async () => {
    const own = await addClass(known, database);
    const gone = await removeClass(own.id, database);
    expect(await ownClasses(database)).toEqual([]);
    if (gone) await restoreClass(gone, database);
    expect(await ownClasses(database)).toEqual([own]);
  });
});
