/**
 * npm run bench -- leaflet: how much of its texts the leaflet reader reads, on the half it was tuned on and on the half
 * held out; how far what it says of its sureness is so; how it stands 20,000 mishaps, and how long a long text takes.
 */
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { readLeaflet } from "../src/core/display/leaflet";
import {
  corpusOf,
  graded,
  halves,
  reliabilityOf,
  type CorpusText,
  type Grade,
} from "../src/core/display/leaflet/testingCorpus";
import { longText, mutated, surelyWrongAfter } from "../src/core/display/leaflet/testingFuzz";
import { seeded } from "../src/core/units/seeded";

const FOLDER = join(import.meta.dirname, "../src/core/display/leaflet/corpus");
const MUTATIONS = 20_000;
const LONG_SIGNS = 500_000;
const PROMISED_MS = 1000;

const percent = (grades: readonly Grade[], is: (grade: Grade) => boolean): string =>
  `${((100 * grades.filter(is).length) / Math.max(1, grades.length)).toFixed(1)} %`.padStart(8);
const gradesOf = (texts: readonly CorpusText[]): readonly Grade[] =>
  texts.flatMap((text) => graded(text, readLeaflet(text.text)));

const COLUMNS: readonly (readonly [string, (grade: Grade) => boolean])[] = [
  ["found", ({ line }) => line !== null],
  ["setting", ({ setting }) => setting],
  ["values", ({ values }) => values],
  ["default", ({ stated }) => stated],
  ["all", ({ all }) => all],
  ["sure", ({ line }) => line?.sureness === "sure"],
];

function table(title: string, groups: ReadonlyMap<string, readonly Grade[]>): void {
  console.log(`\n${title.padEnd(40)} lines${COLUMNS.map(([name]) => name.padStart(9)).join("")}  sure and wrong`);
  for (const [name, grades] of groups) {
    const shares = COLUMNS.map(([, is]) => ` ${percent(grades, is)}`).join("");
    const wrong = grades.filter(({ surelyWrong }) => surelyWrong).length;
    console.log(`${name.slice(0, 40).padEnd(40)} ${String(grades.length).padStart(5)}${shares}  ${wrong}`);
  }
}

const groupedBy = (grades: readonly Grade[], key: (grade: Grade) => string): ReadonlyMap<string, readonly Grade[]> =>
  new Map(
    [...new Set(grades.map(key))].sort().map((name) => [name, grades.filter((grade) => key(grade) === name)] as const),
  );

/** Of lines said to be so likely right, how many are: their meaning and values. */
function reliability(grades: readonly Grade[]): void {
  console.log("\nSaid to be right   lines   right");
  for (const { from, lines, right } of reliabilityOf(grades)) {
    const share = right / Math.max(1, lines);
    const range = `${Math.round(from * 100)} to ${Math.round(from * 100 + 10)} %`.padEnd(16);
    const bar = lines > 0 ? `${(share * 100).toFixed(0).padStart(4)} %  ${"#".repeat(Math.round(share * 40))}` : "   -";
    console.log(`${range} ${String(lines).padStart(7)}  ${bar}`);
  }
}

const texts = corpusOf(new Map(readdirSync(FOLDER).map((file) => [file, readFileSync(join(FOLDER, file), "utf8")])));
const { tuned, heldOut } = halves(texts);
const [onTuned, onHeldOut] = [gradesOf(tuned), gradesOf(heldOut)];
const all = [...onTuned, ...onHeldOut];
table(
  `${texts.length} texts`,
  new Map([
    [`tuned on, ${tuned.length} texts`, onTuned],
    [`held out, ${heldOut.length} texts`, onHeldOut],
  ]),
);
table(
  "By language, held out",
  groupedBy(onHeldOut, ({ language }) => language),
);
table(
  "By shape, all",
  groupedBy(all, ({ shape }) => shape),
);
reliability(all);

const random = seeded(20);
const wrong: string[] = [];
const mishaps: Grade[] = [];
for (let i = 0; i < MUTATIONS; i++) {
  const text = texts[i % texts.length];
  if (!text) continue;
  const grades = graded(text, readLeaflet(mutated(text, random)));
  mishaps.push(...grades);
  for (const grade of grades)
    if (surelyWrongAfter(grade))
      wrong.push(`${grade.text} ${grade.truth.code}: ${grade.line?.text.slice(0, 100) ?? ""}`);
}
console.log(`\n${MUTATIONS} mutated texts, ${mishaps.length} lines: surely wrong ${wrong.length}`);
for (const each of wrong.slice(0, 10)) console.log(`  ${each}`);
console.log("After mishaps:");
reliability(mishaps);

const told = all.filter(({ also }) => also !== null);
console.log(`\nDirections, conditions, actions: ${told.filter(({ also }) => also).length} of ${told.length}`);

/** A menu of 999 lines, as long as codes of three figures allow, no two told alike. */
const rows = texts.flatMap(({ text }) => text.split("\n")).filter((row) => row.trim().length > 20);
const menu = Array.from({ length: 999 }, (_, i) => `X${i + 1} ${(rows[i % rows.length] ?? "").trim()}`).join("\n");
const beganMenu = performance.now();
readLeaflet(menu);
console.log(`999 lines, no two alike, ${menu.length} signs: ${(performance.now() - beganMenu).toFixed(0)} ms`);

const long = longText(texts, LONG_SIGNS);
const began = performance.now();
const { lines } = readLeaflet(long);
const ms = performance.now() - began;
console.log(`\n${LONG_SIGNS} signs: ${lines.length} lines in ${ms.toFixed(0)} ms (promised ${PROMISED_MS})`);
if (wrong.length > 0 || ms > PROMISED_MS) process.exitCode = 1;
