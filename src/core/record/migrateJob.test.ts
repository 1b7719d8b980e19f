import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { readFacts } from "../facts/everyFact";
import { factOf } from "../facts/origins";
import { JOB_VERSION, OLDEST_JOB_VERSION } from "./format";
import { readJobFile } from "./jobFile";
import { JOB_MIGRATIONS, migrateJob } from "./migrateJob";
import { sealFault } from "./seal";

const FIXTURES = new URL("../../../tests/fixtures/", import.meta.url);
/** Files written by the version of the product that had the format. */
const filesOf = (version: number): readonly string[] =>
  readdirSync(FIXTURES)
    .filter((name) => name.startsWith(`job-${version}`))
    .map((name) => readFileSync(new URL(name, FIXTURES), "utf8"));

describe("steps between job formats", () => {
  it("lead from the oldest to the present one without a gap", () =>
    expect(JOB_MIGRATIONS.map(({ from }) => from)).toEqual(
      Array.from({ length: JOB_VERSION - OLDEST_JOB_VERSION }, (_, i) => OLDEST_JOB_VERSION + i),
    ));
  it.each(JOB_MIGRATIONS)("format $from is brought up by a file of its own: $name", ({ from }) => {
    const files = filesOf(from);
    expect(files.length).toBeGreaterThan(0);
    for (const text of files) {
      expect((JSON.parse(text) as { version: number }).version).toBe(from);
      const reading = readJobFile(text);
      if (!reading.ok) throw new Error(JSON.stringify(reading.problem));
      expect(reading.job.version).toBe(JOB_VERSION);
      expect(sealFault(reading.job)).toBeNull();
      // Nobody kept the time until format 4: it stays unknown, and is not made up.
      expect(factOf("packV", readFacts(reading.job.intake), reading.job.typedAt)).toMatchObject({
        source: "said",
        at: null,
      });
    }
  });
  it("leave alone what is of no format they know", () => {
    for (const data of ["x", null, [], { version: JOB_VERSION }, { version: 99 }, {}])
      expect(migrateJob(data)).toBe(data);
  });
});
