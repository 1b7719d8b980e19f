// A few kills of a tab and of the whole browser; `npm run kills` makes a thousand of them and prints its figures.
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { bookFile } from "./bookFile";
import { killOnce } from "./kill";
import { expect, fresh as test } from "./workshop";

/** Each work meets each kind of kill. */
const SEEDS = [0, 1, 2, 3, 4, 5, 6, 7];

for (const half of [0, 1])
  test(`killed in the middle of work, nothing written is lost and nothing is half, ${half + 1} of 2`, async ({
    baseURL,
  }) => {
    const folder = mkdtempSync(join(tmpdir(), "odd-spoke-book-"));
    const file = join(folder, "book.zip");
    writeFileSync(file, bookFile());
    const reports = [];
    for (const seed of SEEDS.filter((_, i) => i % 2 === half)) reports.push(await killOnce(baseURL ?? "", seed, file));
    expect(reports.some(({ known }) => known > 0)).toBe(true);
    rmSync(folder, { recursive: true });
  });
