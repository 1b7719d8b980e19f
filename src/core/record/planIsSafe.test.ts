// Whatever bike, display and class: what the plan comes to is never worse than what it found, and never surely wrong.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CLASSES } from "@/catalog/classes/classes";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { readOut, type Raws } from "../applied";
import { diagnose } from "../decide";
import { isUnsure, rawValues, type Claim, type SettingKey } from "../display";
import { assistLimit } from "../law";
import { findingsOn } from "../sheet";
import { jobsOf } from "./testingJobs";
import { anyDisplay } from "./testingProfiles";
import { workOut } from "./workings";

/** What has a say in the speed shown. */
const COUNTS: ReadonlySet<SettingKey> = new Set<SettingKey>([
  "circumferenceMm",
  "speedCalibrationPercent",
  "pulsesPerTurn",
  "motorPulses",
]);

const BIKES = {
  "on the displays that ship": { jobs: jobsOf(SHIPPED_DISPLAYS, CLASSES), runs: { numRuns: 400 } },
  // The same bikes each time; RUNS=5000 looks further, at others.
  "on any display": {
    jobs: anyDisplay.chain((profile) => jobsOf([profile], CLASSES)),
    runs: process.env.RUNS ? { numRuns: Number(process.env.RUNS) } : { numRuns: 300, seed: 26 },
  },
};

describe.each(Object.entries(BIKES))("the plan, %s,", (_, { jobs, runs }) => {
  it("leaves the speedometer no further off than it was, where both are known", () => {
    let told = 0;
    fc.assert(
      fc.property(jobs, (job) => {
        const { profile } = job;
        const { sheet, bike } = workOut(job);
        if (!profile || !sheet) return;
        const before = readOut(profile, sheet.found.raws, bike);
        const after = readOut(profile, sheet.target.raws, bike);
        if (before.kind !== "known" || after.kind !== "known") return;
        const off = (r: number) => Math.abs(Math.log(r));
        // High by a hair is taken over low by less: the safe side.
        expect(off(after.r.nominal)).toBeLessThanOrEqual(off(before.r.nominal) + 0.02);
        told += 1;
      }),
      runs,
    );
    expect(told).toBeGreaterThan(runs.numRuns / 20);
  });

  it("ends assist within the limit at both ends of what is known, or the cap is said to be unsettled", () => {
    fc.assert(
      fc.property(jobs, (job) => {
        const { sheet, choice } = workOut(job);
        const limit = choice && assistLimit(choice);
        if (!sheet || !limit || sheet.target.cap.kind !== "true") return;
        const over = sheet.target.cap.kmh.high > limit.kmh + 1e-6;
        const said = sheet.target.findings.some(
          ({ subject, severity }) => subject === "assist-cap" && (severity === "breach" || severity === "caution"),
        );
        expect(over ? said : true).toBe(true);
      }),
      runs,
    );
  });

  // PLANS=2500 looks further than one run of the tests can.
  it("leaves no breach that one of its own lines could have mended", () => {
    fc.assert(
      fc.property(jobs, (job) => {
        const { profile } = job;
        const { sheet, bike, choice } = workOut(job);
        if (!profile || !sheet) return;
        const judged = { profile, bike, choice };
        const breaches = (raws: Raws) => findingsOn(judged, raws).filter(({ severity }) => severity === "breach");
        const left = breaches(sheet.target.raws);
        for (const { message, lines } of left) {
          // Why these are not mended by the line at hand: a mistake is mended where it is, and a pack the display does
          // not know is not made known by calling it another.
          if (message.key === "hazard.speedometer-mistake" || message.key === "hazard.nominal-too-low") continue;
          for (const row of sheet.rows.filter(({ code }) => lines.includes(code))) {
            // The speedometer is never bent to mend a cap.
            if (row.settings.some((setting) => COUNTS.has(setting))) continue;
            if (row.locked || !row.shown.target || row.line.effect === "none" || row.reason.key === "reason.by-hand")
              continue;
            for (const raw of rawValues(row.line.encoding)) {
              const after = breaches(sheet.target.raws.with(row.index, raw));
              const gone = !after.some(({ message: { key } }) => key === message.key);
              const adds = after.some(({ message: { key } }) => !left.some((each) => each.message.key === key));
              expect(gone && !adds, `${profile.id} ${row.code} = ${raw} mends ${message.key}`).toBe(false);
            }
          }
        }
      }),
      { numRuns: Number(process.env.PLANS ?? 150), ...(process.env.PLANS ? {} : { seed: 26 }) },
    );
  });

  it("adds no breach to what was found, but one that was not known before", () => {
    fc.assert(
      fc.property(jobs, (job) => {
        const { sheet } = workOut(job);
        if (!sheet) return;
        for (const { severity, subject, message } of sheet.target.findings)
          if (severity === "breach")
            expect(
              sheet.inForce.findings.some(
                (before) =>
                  before.subject === subject && (before.severity === "breach" || before.severity === "unknown"),
              ) || sheet.rows.some(({ inForce, shown }) => inForce === null && shown.inForce),
              `${message.key} is new`,
            ).toBe(true);
      }),
      runs,
    );
  });

  it("never lets a value set by hand fall under the table", () => {
    fc.assert(
      fc.property(jobs, fc.nat(), (job, pick) => {
        const { sheet } = workOut(job);
        const free = sheet?.rows.filter(
          ({ line, locked, shown }) => !locked && shown.target && line.encoding.kind !== "read-only",
        );
        const row = free?.[pick % Math.max(1, free.length)];
        const raw = row?.line.factoryRaw;
        if (!row || raw === undefined || raw === null) return;
        const again = workOut({ ...job, overrides: { [row.code]: raw } }).sheet?.rows.find(
          ({ code }) => code === row.code,
        );
        if (again?.shown.target) expect([again.target?.raw, again.reason.key]).toEqual([raw, "reason.by-hand"]);
      }),
      runs,
    );
  });

  it("changes no line that nobody can read or knows the meaning of", () => {
    fc.assert(
      fc.property(jobs, (job) => {
        for (const { line, changes } of workOut(job).sheet?.rows ?? [])
          if (line.encoding.kind === "reserved" || line.encoding.kind === "read-only")
            expect(changes ?? false).toBe(false);
      }),
      runs,
    );
  });

  it("changes no line whose meaning is a guess, whatever it is guessed to be", () => {
    let guessed = 0;
    fc.assert(
      fc.property(jobs, fc.infiniteStream(fc.integer({ min: 0, max: 3 })), (plain, dice) => {
        const rolled = dice[Symbol.iterator]();
        const profile = plain.profile && {
          ...plain.profile,
          lines: plain.profile.lines.map((line) => {
            const { setting } = line.encoding;
            const says: Claim = {
              from: "video",
              on: null,
              confidence: 0.5,
              says: "so they say",
              setting,
              chosen: false,
            };
            return rolled.next().value === 0 && setting !== null ? { ...line, claims: [says] } : line;
          }),
        };
        for (const { line, changes, found, target } of workOut({ ...plain, profile }).sheet?.rows ?? []) {
          if (!isUnsure(line)) continue;
          guessed += 1;
          expect([changes ?? false, target?.raw ?? null]).toEqual([false, found?.raw ?? null]);
        }
      }),
      { numRuns: 150 },
    );
    expect(guessed).toBeGreaterThan(500);
  });

  it("trims no wheel to hide a mistake of another line", () => {
    fc.assert(
      fc.property(jobs, (job) => {
        const { profile } = job;
        const { sheet, bike } = workOut(job);
        if (!profile || !sheet) return;
        const mistake = diagnose(profile, sheet.target.raws, bike);
        for (const { settings, changes, reason } of sheet.rows)
          if (
            settings.includes("circumferenceMm") &&
            mistake &&
            mistake.cause !== "wheel" &&
            reason.key !== "reason.bundle"
          )
            expect(changes ?? false).toBe(false);
      }),
      runs,
    );
  });
});
