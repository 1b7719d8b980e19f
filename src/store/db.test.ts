import "fake-indexeddb/auto";
import { readFileSync } from "node:fs";
import Dexie from "dexie";
import { describe, expect, it } from "vitest";
import { JOB_VERSION } from "@/core/record/format";
import { DATABASE_STEPS, DATABASE_VERSION, OddSpokeDatabase } from "./db";

/** The job format the database of a version held, and so the file that stands for its jobs. */
const JOB_OF = ["job-1", "job-2-handed-over", "job-3", "job-4", "job-4", "job-5", "job-5", "job-6"];

const fixture = (version: number): { readonly id: string; readonly bikeId?: string } =>
  JSON.parse(readFileSync(new URL(`../../tests/fixtures/${JOB_OF[version - 1]}.json`, import.meta.url), "utf8")) as {
    readonly id: string;
    readonly bikeId?: string;
  };

describe("a browser's database of an older version", () => {
  it.each(DATABASE_STEPS.slice(0, -1).map((_, i) => i + 1))("%i opens with its jobs brought up", async (version) => {
    const name = `old-${version}`;
    const old = new Dexie(name);
    DATABASE_STEPS.slice(0, version).forEach(({ stores }, i) => old.version(i + 1).stores(stores));
    const job = fixture(version);
    await old.table("jobs").add(job);
    old.close();
    const now = new OddSpokeDatabase(name);
    await expect(now.jobs.get(job.id)).resolves.toMatchObject({ version: JOB_VERSION, typedAt: {} });
    await expect(now.entries.get(job.id)).resolves.toMatchObject({
      id: job.id,
      bikeId: job.bikeId ?? job.id,
      batchId: null,
    });
    expect(now.verno).toBe(DATABASE_VERSION);
    await now.delete();
  });
});
