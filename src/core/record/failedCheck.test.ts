import { describe, expect, it } from "vitest";
import { OSTLER } from "@/catalog/displays/ostler";
import { TARN } from "@/catalog/displays/tarn";
import { linesOf, rawValues, settingsOf, shows, standInRaws, type DisplayProfile } from "../display";
import type { CheckId } from "../proof";
import { demo, programmed, readBack } from "@/screens/testing/jobs";
import { failedMend, withFailedMend } from "./failedCheck";
import { figureToKeep, withFigureKept } from "./keptFigure";
import type { Job } from "./job";
import { levelsForetold } from "./levelsForetold";
import { startProgram } from "./startingKeys";
import { withCheck } from "./typed";
import { workOut } from "./workings";

const AT = "2026-11-02T10:00:00.000Z";
const READ = readBack(programmed(demo(207)));
const stateOf = (job: Job, id: CheckId) => {
  const state = workOut(job).checks.find(({ check }) => check.id === id);
  if (!state) throw new Error(`${id} is not due`);
  return state;
};
const failed = (id: CheckId, measured: string, job = READ): Job => withCheck(job, id, { measured });
const mendOf = (job: Job, id: CheckId) => failedMend(job, stateOf(job, id).check);
const held = (job: Job, code: string): number => {
  const at = linesOf(TARN).findIndex((line) => line.code === code);
  return Number(shows(linesOf(TARN)[at]?.encoding ?? never(), job.program?.targets[at] ?? 0));
};
const never = (): never => {
  throw new Error("no such line");
};

describe("a failed check and the line that mends it", () => {
  it("cap too high: the greatest value that ends assist within the limit, by what was measured", () => {
    const job = failed("top-speed-run", "27.1");
    const { verdict, check } = stateOf(job, "top-speed-run");
    expect(verdict).toBe("failed");
    const mend = mendOf(job, "top-speed-run");
    const limit = check.expect.kind === "at-most" ? check.expect.atMostKmh : Number.NaN;
    const cap = held(job, "53");
    expect(mend).toMatchObject({ code: "53", holds: String(cap) });
    // What it holds and where it ended stand in proportion.
    expect((Number(mend?.toHold) * 27.1) / cap).toBeLessThanOrEqual(limit);
    expect(((Number(mend?.toHold) + 1) * 27.1) / cap).toBeGreaterThan(limit);
    expect(mend?.due[0]).toBe("top-speed-run");
  });
  it("speedometer low: the wheel that reads right or a little high, and never a trim of a mistake", () => {
    // It was left at 26, as its sidewall says.
    const low = failed("speedometer-run", "18.4", { ...READ, readBack: { ...READ.readBack, "51": "26" } });
    expect(stateOf(low, "speedometer-run").verdict).toBe("failed");
    const mend = mendOf(low, "speedometer-run");
    expect(mend?.code).toBe("51");
    // 0.92 · 29/26 is 1.026: right or a little high. 28 would still read low.
    expect(mend).toMatchObject({ holds: "26", toHold: "29" });
    // The largest code it has is as near as it comes.
    expect(mendOf(failed("speedometer-run", "18.4"), "speedometer-run")).toBeNull();
    // Half of what it should show is a magnet or a count, no wheel.
    expect(mendOf(failed("speedometer-run", "10"), "speedometer-run")).toBeNull();
    expect(mendOf(failed("speedometer-run", "35"), "speedometer-run")).toBeNull();
  });
  it("speedometer low on a display that calibrates itself: its own per cent, to the next above", () => {
    const standIns = standInRaws(OSTLER);
    const shown = linesOf(OSTLER).map(({ code, encoding }, i) => [code, shows(encoding, standIns[i] ?? 0)] as const);
    const asFound = { shown: Object.fromEntries(shown), waivedReason: "" };
    const ostler = programmed({ ...demo(207), profile: OSTLER, asFound, overrides: {} });
    const reads = readBack(ostler);
    const { check } = stateOf(reads, "speedometer-run");
    const run = check.expect.kind === "between" ? check.expect : never();
    const job = failed("speedometer-run", (run.lowKmh * 0.97).toFixed(1), reads);
    const mend = mendOf(job, "speedometer-run");
    const line = linesOf(OSTLER).find((each) => settingsOf(each).includes("speedCalibrationPercent"));
    expect(mend?.code).toBe(line?.code);
    expect(Number(mend?.toHold)).toBeGreaterThan(Number(mend?.holds));
  });
  it("lever dead, a level weaker than the one below: no line mends that, it is a fault to look for", () => {
    for (const id of ["brake-cut-off", "levels", "spin-speed", "crawl-and-turn"] as const)
      expect(mendOf(withCheck(READ, id, { answer: "no" }), id)).toBeNull();
    const state = stateOf(READ, "level-speeds");
    const speeds = state.check.expect.kind === "level-speeds" ? state.check.expect.levels : 0;
    const falling = Array.from({ length: speeds }, (_, i) => 20 - 3 * i).join(" ");
    expect(mendOf(failed("level-speeds", falling), "level-speeds")).toBeNull();
    // A level that falls is a share out of order, whatever else is alike: fewer levels would hide it.
    const both = Array.from({ length: speeds }, (_, i) => (i === 1 ? 10.2 : i === 2 ? 7 : 10 + 3 * i)).join(" ");
    expect(mendOf(failed("level-speeds", both), "level-speeds")).toBeNull();
  });
  it("level twin: as many levels as are real, or the next fewer the line can hold", () => {
    const { check } = stateOf(READ, "level-speeds");
    const levels = check.expect.kind === "level-speeds" ? check.expect.levels : 0;
    const speeds = Array.from({ length: levels }, (_, i) => (i === 1 ? 8.4 : 8 + 2.5 * i));
    const job = failed("level-speeds", speeds.join(" "));
    expect(stateOf(job, "level-speeds").verdict).toBe("failed");
    const mend = mendOf(job, "level-speeds");
    const line = linesOf(TARN).find(({ code }) => code === "61");
    const able = line ? rawValues(line.encoding).map((raw) => Number(shows(line.encoding, raw))) : [];
    expect(mend?.code).toBe("61");
    expect(able.filter((each) => each < levels)).toContain(Number(mend?.toHold));
  });
  it(
    "plans the line, keeps what was read of all others, and makes due again " + "what rests on it, and nothing else",
    () => {
      const answered = (["brake-cut-off", "spin-speed", "levels", "crawl-and-turn"] as const).reduce(
        (job, id) => withCheck(job, id, { answer: "yes" }),
        failed("top-speed-run", "27.1"),
      );
      const mend = mendOf(answered, "top-speed-run");
      if (!mend) throw new Error("no mend");
      // The brakes are proven anew after any change, the levels because the cap has a say in them.
      expect([...mend.due].sort()).toEqual(["brake-cut-off", "levels", "top-speed-run"]);
      const again = withFailedMend(answered, mend, AT, "after a failed check");
      expect(again.program).toBeNull();
      const started = startProgram(again, AT);
      const changed = linesOf(TARN).flatMap(({ code }, i) =>
        started.program && started.program.targets[i] !== started.program.state.saved[i] ? [code] : [],
      );
      expect(changed).toEqual(["53"]);
      // Read back before, and still so: only the line that changes is to be read again.
      const toRead = Object.keys(answered.readBack).filter((code) => !(code in started.readBack));
      expect(toRead).toEqual(["53"]);
      const done: Job = {
        ...started,
        program: started.program && {
          ...started.program,
          done: true,
          state: {
            ...started.program.state,
            saved: started.program.targets.map((raw, i) => raw ?? started.program?.state.saved[i] ?? 0),
            inForce: started.program.targets.map((raw, i) => raw ?? started.program?.state.saved[i] ?? 0),
          },
        },
      };
      const due = workOut(done).checks.flatMap(({ check, verdict }) => (verdict === "due-again" ? [check.id] : []));
      expect(due.sort()).toEqual(["brake-cut-off", "levels", "top-speed-run"]);
      expect(workOut(done).checks.find(({ check }) => check.id === "spin-speed")?.verdict).toBe("passed");
    },
  );
  it("is none where the line is the maker's, or nobody has read it", () => {
    const profile: DisplayProfile = {
      ...TARN,
      lines: TARN.lines.map((line) => (line.code === "53" ? { ...line, makerOnly: true } : line)),
    };
    const job = { ...failed("top-speed-run", "27.1"), profile };
    expect(mendOf(job, "top-speed-run")).toBeNull();
    expect(failedMend({ ...job, profile: null }, stateOf(job, "top-speed-run").check)).toBeNull();
  });
});

describe("what the ride model foretells of the levels", () => {
  it("rises up to where assist ends, and shows with the wheel up what the speedometer makes of it", () => {
    const levels = levelsForetold(READ) ?? [];
    const { sheet, bike } = workOut(READ);
    expect(levels.map(({ level }) => level)).toEqual(levels.map((_, i) => i + 1));
    const steady = levels.map(({ steadyKmh }) => steadyKmh);
    expect(steady).toEqual([...steady].sort((a, b) => a - b));
    const cap = sheet?.inForce.cap;
    const endKmh = cap?.kind === "true" ? cap.kmh.nominal : Number.NaN;
    // A fat tyre at 25 km/h: help ends there, and a rider alone goes no faster.
    expect(Math.max(...steady)).toBeLessThanOrEqual(endKmh);
    expect(Math.max(...steady)).toBeGreaterThan(endKmh - 1.5);
    // Off the floor every level runs up to the cap, which this display reads as the 25 it is set to.
    for (const { spinShownKmh } of levels) expect(spinShownKmh).toBeCloseTo(held(READ, "53"), 6);
    expect(bike.rollout?.mm).toBe(2310);
  });
  it("is a measured ladder where one was kept, and nothing while facts are missing", () => {
    const kept = { ...READ, intake: { ...READ.intake, measuredSpeeds: "9 12 15 18 20 22" } };
    expect(levelsForetold(kept)?.map(({ steadyKmh }) => steadyKmh)).toEqual([9, 12, 15, 18, 20, 22]);
    expect(levelsForetold({ ...READ, intake: { nickname: "Bare" } })).toBeNull();
    expect(levelsForetold({ ...READ, profile: null })).toBeNull();
  });
});

describe("a figure measured in a check", () => {
  it("becomes the ladder, in the unit it was asked in, and is asked for once", () => {
    const { check } = stateOf(READ, "level-speeds");
    const job = failed("level-speeds", "12 15 18 20 22 24");
    expect(figureToKeep(READ, check)).toBeNull();
    expect(figureToKeep(job, check)).toEqual({
      measuredSpeeds: "12 15 18 20 22 24",
      measuredLadders: "12 15 18 20 22 24",
    });
    const kept = withFigureKept(job, check);
    expect(kept.intake).toMatchObject({ measuredSpeeds: "12 15 18 20 22 24" });
    expect(figureToKeep(kept, check)).toBeNull();
    const inMiles: Job = {
      ...job,
      checks: { "level-speeds": { answer: "", note: "", rests: {}, measured: "9 12", askedIn: "mph" } },
    };
    expect(figureToKeep(inMiles, check)).toEqual({ measuredSpeeds: "9 12 mph", measuredLadders: "9 12 mph" });
  });
  it("becomes a reading of the speedometer", () => {
    const job = failed("speedometer-run", "18.4");
    expect(figureToKeep(job, stateOf(job, "speedometer-run").check)).toEqual({ oneTrueKmh: "20.0", oneShown: "18.4" });
    expect(figureToKeep(failed("top-speed-run", "24"), stateOf(READ, "top-speed-run").check)).toBeNull();
  });
});
