/**
 * npm run bench: how long the planner takes on the shipped displays, and what its plans save against walking the leaflet
 * (every line in order, single taps in the shorter direction, save, power cycle).
 */
import { SHIPPED_DISPLAYS } from "../src/catalog/displays";
import { demoJobs } from "../src/catalog/demo/workshop";
import { atHome } from "../src/core/display";
import { KEY_COSTS, planKeys, pressCount, walkTheLeaflet } from "../src/core/keys";
import { randomRaws, randomTargets } from "../src/core/keys/testing";
import { seeded } from "../src/core/units/seeded";
import { foundLines, type Job } from "../src/core/record";

const PAIRS = 500;
/** Walking the leaflet is slow to simulate: fewer pairs of it. */
const WALKS = 60;
const percentile = (sorted: readonly number[], share: number): number => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? Number.NaN;
const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);

console.log("Costs:", Object.entries(KEY_COSTS).map(([name, ms]) => `${name} ${ms}`).join(", "));

for (const profile of SHIPPED_DISPLAYS) {
  const random = seeded(1);
  const times: number[] = [];
  const plan = { presses: 0, ms: 0 };
  const leaflet = { presses: 0, ms: 0 };
  for (let i = 0; i < PAIRS; i++) {
    const from = randomRaws(profile, random);
    const targets = randomTargets(profile, from, random);
    const start = atHome(profile, from);
    const began = performance.now();
    const found = planKeys(profile, start, { targets });
    times.push(performance.now() - began);
    if (!found.ok) throw new Error(`no plan on ${profile.name}`);
    if (i >= WALKS) continue;
    plan.presses += pressCount(found.strokes.map(({ stroke }) => stroke));
    plan.ms += found.totalMs;
    const walk = walkTheLeaflet(profile, start, targets);
    leaflet.presses += pressCount(walk.strokes);
    leaflet.ms += walk.totalMs;
  }
  times.sort((a, b) => a - b);
  console.log(`\n${profile.name}, ${profile.lines.length} lines, ${PAIRS} random pairs`);
  console.log(`  planner        p50 ${percentile(times, 0.5).toFixed(2)} ms, p95 ${percentile(times, 0.95).toFixed(2)} ms, worst ${percentile(times, 1).toFixed(2)} ms`);
  console.log(`  key presses    ${(plan.presses / WALKS).toFixed(1)} planned, ${(leaflet.presses / WALKS).toFixed(1)} walking the leaflet: ratio ${(plan.presses / leaflet.presses).toFixed(2)}`);
  console.log(`  seconds        ${(plan.ms / WALKS / 1000).toFixed(1)} planned, ${(leaflet.ms / WALKS / 1000).toFixed(1)} walking the leaflet: ratio ${(plan.ms / leaflet.ms).toFixed(2)}`);
}

const programmed = demoJobs().filter((job): job is Job & { profile: NonNullable<Job["profile"]>; program: NonNullable<Job["program"]> } => job.profile !== null && job.program !== null);
const real = programmed.map((job) => {
  const start = atHome(job.profile, foundLines(job).map((line) => line.raw ?? 0));
  const found = planKeys(job.profile, start, { targets: job.program.targets });
  const walk = walkTheLeaflet(job.profile, start, job.program.targets);
  return { presses: found.ok ? pressCount(found.strokes.map(({ stroke }) => stroke)) : 0, ms: found.ok ? found.totalMs : 0, leafletPresses: pressCount(walk.strokes), leafletMs: walk.totalMs };
});
console.log(`\nThe demo bikes' own sheets, ${real.length} of them`);
console.log(`  key presses    ratio ${(sum(real.map((r) => r.presses)) / sum(real.map((r) => r.leafletPresses))).toFixed(2)}`);
console.log(`  seconds        ratio ${(sum(real.map((r) => r.ms)) / sum(real.map((r) => r.leafletMs))).toFixed(2)}`);
