// npm run walks: two hundred seeded walks of a random user over the whole product, with their figures. `WALKS=20` makes
// fewer.
import { appendFileSync, mkdtempSync, readFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { test } from "@playwright/test";
import { walk, type WalkFigures } from "../tests/e2e/walk";

const WALKS = Number(process.env.WALKS ?? 200);
const DEEDS = 40;
const figures = (process.env.WALK_FIGURES ??= join(mkdtempSync(join(tmpdir(), "odd-spoke-walks-")), "figures.jsonl"));

for (let seed = 1; seed <= WALKS; seed++)
  test(`walk ${seed}`, async ({ context }) => {
    appendFileSync(figures, `${JSON.stringify(await walk(context, seed, DEEDS))}\n`);
  });

test.afterAll(() => {
  const done = readFileSync(figures, { encoding: "utf8", flag: "a+" })
    .split("\n")
    .filter(Boolean)
    .map((line) => JSON.parse(line) as WalkFigures);
  const sum = (of: keyof WalkFigures): number => done.reduce((total, walked) => total + walked[of], 0);
  console.log(
    `\n${done.length} of ${WALKS} walks whole so far: ${sum("deeds")} deeds, ${sum("typed")} fields typed in, ` +
      `${sum("keptFieldsChecked")} found again after a reload, ${sum("jobs")} jobs read back from their files alike`,
  );
});
