// Kills a tab, or the whole browser, a thousand times at seeded moments, and prints what came of it. KILLS sets how
// many, FROM the first seed.
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, test } from "@playwright/test";
import { bookFile } from "../tests/e2e/bookFile";
import { killOnce, KILLS, WORKS, type KillReport } from "../tests/e2e/kill";

const COUNT = Number(process.env.KILLS ?? 1000);
const FROM = Number(process.env.FROM ?? 0);
/** Typed text is to be kept within this, ms. */
const KEPT_WITHIN_MS = 300;
const TELL_EVERY = 100;

/** What came of the kills so far, by work and by what was killed. */
function tell(reports: readonly KillReport[], failures: readonly string[]): void {
  console.log(`${reports.length + failures.length} kills`);
  for (const work of WORKS)
    for (const kill of KILLS) {
      const these = reports.filter((report) => report.work === work && report.kill === kill);
      const slowest = Math.max(0, ...these.map(({ slowestMs }) => slowestMs));
      const late = these.filter(({ slowestMs }) => slowestMs > KEPT_WITHIN_MS).length;
      const known = these.reduce((sum, report) => sum + report.known, 0);
      console.log(
        `${work.padEnd(8)} ${kill.padEnd(8)} ${String(these.length).padStart(5)} kills, ${known} writes known`,
        work === "typing" ? `, a letter waited ${slowest} ms at most, ${late} times over ${KEPT_WITHIN_MS} ms` : "",
      );
    }
  console.log(failures.length === 0 ? "nothing lost, nothing half" : failures.join("\n"));
}

test(`${COUNT} kills`, async ({ baseURL }) => {
  const folder = mkdtempSync(join(tmpdir(), "odd-spoke-book-"));
  const file = join(folder, "book.zip");
  writeFileSync(file, bookFile());
  const reports: KillReport[] = [];
  const failures: string[] = [];
  for (let seed = FROM; seed < FROM + COUNT; seed++) {
    try {
      reports.push(await killOnce(baseURL ?? "", seed, file));
    } catch (error) {
      failures.push(`seed ${seed}: ${String(error).slice(0, 400)}`);
    }
    // A long run that is cut short has told what it saw.
    if ((seed - FROM + 1) % TELL_EVERY === 0) tell(reports, failures);
  }
  rmSync(folder, { recursive: true });
  tell(reports, failures);
  expect(failures).toEqual([]);
});
