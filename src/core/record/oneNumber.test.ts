// One bike, one number: whatever is asked of plan, benches, checks, what if and papers, they say the same.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CLASSES } from "@/catalog/classes/classes";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { appliedCap, appliedCurrentA, readOut } from "../applied";
import { outcomeOf } from "../benches/outcome";
import { batteryBench, currentBench } from "../benches/packBench";
import { wheelBench } from "../benches/wheelBench";
import { readFacts } from "../facts/everyFact";
import type { Reason } from "../decide";
import type { SheetRow } from "../sheet";
import type { Job } from "./job";
import { paperOf } from "./paper";
import { jobsOf } from "./testingJobs";
import { workOut } from "./workings";

/** Everything that is worked out of a job, by the way it is asked for. */
function asked(job: Job) {
  const { profile } = job;
  const workings = workOut(job);
  const { sheet, bike, choice } = workings;
  if (!profile || !sheet) throw new Error("no sheet");
  const facts = readFacts(job.intake);
  const target = sheet.target.raws;
  return { job, profile, workings, sheet, bike, choice, facts, target };
}
const reasonOf = <Key extends Reason["key"]>(
  { sheet }: ReturnType<typeof asked>,
  key: Key,
): readonly (Extract<Reason, { key: Key }> & { readonly row: SheetRow })[] =>
  sheet.rows.flatMap((row) =>
    row.reason.key === key ? [{ ...(row.reason as Extract<Reason, { key: Key }>), row }] : [],
  );

const jobs = jobsOf(SHIPPED_DISPLAYS, CLASSES);
const RUNS = { numRuns: 250 };
const near = (a: number, b: number): boolean => Math.abs(a - b) <= 1e-9 * Math.max(1, Math.abs(b));

describe("one bike, one number", () => {
  it("the speedometer: the plan's reason, the speedometer bench, what if and the read-out agree on r", () => {
    let told = 0;
    fc.assert(
      fc.property(jobs, (job) => {
        const all = asked(job);
        const { profile, bike, facts, choice, target } = all;
        const meter = readOut(profile, target, bike);
        for (const { options, chosen } of reasonOf(all, "reason.wheel")) {
          const pick = options.find(({ shows: mark }) => mark === chosen);
          expect(meter.kind).toBe("known");
          if (meter.kind === "known" && pick) expect(near(pick.r, meter.r.nominal)).toBe(true);
          told += 1;
        }
        const r = meter.kind === "known" ? meter.r.nominal : null;
        expect(outcomeOf({ profile, bike, facts }, all.sheet.target).r?.nominal ?? null).toBe(r);
        const bench = wheelBench({ profile, bike, facts, raws: target, choice });
        const now = bench.choices.find(({ what }) => what === "as-found");
        if (now) expect(now.r === r || (r !== null && near(now.r, r))).toBe(true);
      }),
      RUNS,
    );
    expect(told).toBeGreaterThan(RUNS.numRuns / 10);
  });

  it("the cap: the plan's reason, the sheet, the bench, what if and the check foretell one true speed", () => {
    let told = 0;
    fc.assert(
      fc.property(jobs, (job) => {
        const all = asked(job);
        const { profile, bike, facts, choice, target, sheet, workings } = all;
        const cap = appliedCap(profile, target, bike);
        expect(sheet.target.cap).toEqual(cap);
        expect(outcomeOf({ profile, bike, facts }, sheet.target).cap).toEqual(cap);
        for (const { of, trueKmh, row } of reasonOf(all, "reason.cap"))
          if (of === "assist" && cap.kind === "true" && row.shown.target) {
            expect(near(trueKmh.nominal, cap.kmh.nominal)).toBe(true);
            expect(near(trueKmh.high, cap.kmh.high)).toBe(true);
            told += 1;
          }
        const top = workings.checks.find(({ check }) => check.id === "top-speed-run")?.check.expect;
        if (top?.kind === "at-most")
          expect(top.expectedKmh).toBe(cap.kind === "true" && !cap.unitOpen ? cap.kmh.nominal : null);
        const now = wheelBench({ profile, bike, facts, raws: target, choice }).choices.find(
          ({ what }) => what === "as-found",
        );
        if (now?.capNow && cap.kind === "true") expect(near(now.capNow.nominal, cap.kmh.nominal)).toBe(true);
      }),
      RUNS,
    );
    expect(told).toBeGreaterThan(RUNS.numRuns / 20);
  });

  it("the cut-off: the plan, the battery bench and the hazard look at the same cells", () => {
    let told = 0;
    fc.assert(
      fc.property(jobs, (job) => {
        const all = asked(job);
        const { profile, bike, facts, target, sheet } = all;
        const bench = batteryBench(bike, facts, profile, target);
        for (const { advisedV, series } of reasonOf(all, "reason.cut-off")) {
          if (bench) {
            expect(bench.cutOff.advisedV).toBe(advisedV);
            told += 1;
          }
          expect(bike.seriesOptions).toContain(series);
        }
        const low = sheet.target.findings.find(({ message }) => message.key === "hazard.cut-off-too-low");
        if (bench && low?.message.key === "hazard.cut-off-too-low")
          expect(near(low.message.leastV, bench.cutOff.leastV)).toBe(true);
      }),
      RUNS,
    );
    expect(told).toBeGreaterThan(RUNS.numRuns / 20);
  });

  it("the current: the plan, the current bench and what if bound it by the same part", () => {
    let told = 0;
    fc.assert(
      fc.property(jobs, (job) => {
        const all = asked(job);
        const { profile, bike, facts, choice, target } = all;
        const bench = currentBench(bike, facts, profile, target, choice, null);
        for (const { allowedA, by } of reasonOf(all, "reason.current")) {
          expect(bench.allowed).toMatchObject({ allowedA, by });
          told += 1;
        }
        const applied = appliedCurrentA(profile, target, bike);
        if (applied !== null) expect(outcomeOf({ profile, bike, facts }, all.sheet.target).currentA).toBe(applied);
      }),
      RUNS,
    );
    expect(told).toBeGreaterThan(RUNS.numRuns / 20);
  });

  it("the papers: what is planned on them is the plan's own, line by line", () =>
    fc.assert(
      fc.property(jobs, (job) => {
        const { sheet } = asked(job);
        const paper = paperOf(job);
        paper?.lines.forEach(({ planned }, i) => {
          if (planned.kind === "value") expect(planned.value.shows).toBe(sheet.rows[i]?.target?.shows);
        });
      }),
      RUNS,
    ));
});
