// A job the book does not list is listed again, and nothing else is touched.
import "fake-indexeddb/auto";
import { expect, it } from "vitest";
import { OddSpokeDatabase } from "./db";
import { listMissing } from "./listMissing";
import { seedOnce } from "./seeding";

it("a job without its entry is listed as it was, and what is listed stays as it is", async () => {
  const database = new OddSpokeDatabase("missing");
  await seedOnce(database);
  const all = await database.entries.toArray();
  await listMissing(database);
  expect(await database.entries.toArray()).toEqual(all);
  await database.entries.bulkDelete(["demo-204", "demo-207"]);
  await listMissing(database);
  expect(await database.entries.toArray()).toEqual(all);
  await database.delete();
});
