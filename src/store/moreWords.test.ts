import "fake-indexeddb/auto";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { changeJob } from "./changes";
import { OddSpokeDatabase } from "./db";
import { keptWords, makeWords } from "./moreWords";
import { removeJobs, seedOnce } from "./seeding";

let database: OddSpokeDatabase;
let nth = 0;
beforeEach(async () => {
  nth += 1;
  database = new OddSpokeDatabase(`words-${nth}`);
  await seedOnce(database);
});
afterEach(() => database.delete());

const IDS = ["demo-204", "demo-207"];
const kept = async () => keptWords(await database.entries.toArray(), database);

describe("more words of a job", () => {
  it("are kept until the job changes, in small letters", async () => {
    await makeWords([...IDS, "gone-bike"], ({ number }) => `Breach ${number}`, database);
    expect(await kept()).toEqual(new Map(IDS.map((id) => [id, `breach ${id.slice(5)}`])));
    await changeJob("demo-204", (job) => ({ ...job, handOverNote: "x" }), database);
    expect([...(await kept()).keys()]).toEqual(["demo-207"]);
  });
  it("go with the job", async () => {
    await makeWords(IDS, () => "x", database);
    await removeJobs(["demo-207"], database);
    expect(await database.moreWords.count()).toBe(1);
  });
});
