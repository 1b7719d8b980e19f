/**
 * npm run mutants: changes one formula at a time in a copy of the sources and runs the tests that should notice. Prints
 * the mutants nobody noticed, and fails where those are a tenth or more. `npm run mutants -- wheel ride` tries those
 * folders only.
 */
import { spawn } from "node:child_process";
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join, resolve } from "node:path";
import { MUTANTS, TESTS, type Mutant } from "./lib/mutants";

const ROOT = resolve(import.meta.dirname, "..");
const MOST_SURVIVING = 0.1;
const SIDE_BY_SIDE = 2;

/** A copy of what the tests need; `node_modules` is shared. */
function workplace(): string {
  const place = mkdtempSync(join(tmpdir(), "odd-spoke-mutants-"));
  for (const name of ["src", "tests", "docs", "package.json", "tsconfig.json", "vitest.config.ts"])
    cpSync(join(ROOT, name), join(place, name), { recursive: true });
  symlinkSync(join(ROOT, "node_modules"), join(place, "node_modules"), "dir");
  return place;
}

const folderOf = ({ file }: Mutant): string => file.split("/")[2] ?? "";

function test(place: string, paths: readonly string[]): Promise<boolean> {
  return new Promise((done, fail) => {
    const child = spawn(
      process.execPath,
      [join(place, "node_modules/vitest/vitest.mjs"), "run", "--bail", "1", "--maxWorkers", "1", ...paths],
      { cwd: place, stdio: "ignore", env: { ...process.env, MENUS: "150" } },
    );
    child.on("error", fail);
    child.on("close", (code) => done(code === 0));
  });
}

/** Whether the tests pass although the formula is wrong. */
async function survives(place: string, mutant: Mutant): Promise<boolean> {
  const path = join(place, mutant.file);
  const sound = readFileSync(path, "utf8");
  if (sound.split(mutant.find).length !== 2)
    throw new Error(`${mutant.file}: "${mutant.find}" must stand in it once; bring scripts/lib/mutants.ts up`);
  writeFileSync(
    path,
    sound.replace(mutant.find, () => mutant.replace),
  );
  try {
    return await test(place, TESTS[folderOf(mutant)] ?? []);
  } finally {
    writeFileSync(path, sound);
  }
}

const asked = process.argv.slice(2);
const chosen = MUTANTS.filter((mutant) => asked.length === 0 || asked.includes(folderOf(mutant)));
const left = [...chosen];
const survivors: Mutant[] = [];

async function work(): Promise<void> {
  const place = workplace();
  try {
    for (let mutant = left.shift(); mutant; mutant = left.shift()) {
      const survived = await survives(place, mutant);
      if (survived) survivors.push(mutant);
      console.log(`${survived ? "SURVIVES" : "noticed "}  ${mutant.file}: ${mutant.find}  →  ${mutant.replace}`);
    }
  } finally {
    rmSync(place, { recursive: true, force: true });
  }
}

await Promise.all(Array.from({ length: SIDE_BY_SIDE }, work));
const share = survivors.length / chosen.length;
console.log(`\n${chosen.length} mutants, ${survivors.length} survive (${Math.round(share * 100)} %)`);
for (const { file, find, replace } of survivors) console.log(`  ${file}: ${find}  →  ${replace}`);
if (share >= MOST_SURVIVING) process.exit(1);
