import { describe, expect, it } from "vitest";
import { MARRAM } from "@/catalog/displays/marram";
import { linesOf, type SettingKey } from "../display";
import { orderOfRuns } from "../proof/trials";
import { heldRaws } from "./columns";
import { newJob } from "./job";
import {
  leftAs,
  measuredValue,
  nextRun,
  runsOf,
  trialVerdict,
  triableLines,
  withTrial,
  type LineTrial,
  type Outcome,
} from "./lineTrial";
import { lookAtLineTask, setLineTask } from "./trialTask";

const codeOf = (setting: SettingKey): string =>
  linesOf(MARRAM).find(({ encoding }) => encoding.setting === setting)?.code ?? "";
const job = { ...newJob("j1", 1, "2026-05-01T00:00:00.000Z"), profile: MARRAM };
const trial = (edit: Partial<LineTrial> = {}): LineTrial => ({
  id: "t1",
  jobId: "j1",
  code: codeOf("backlight"),
  a: 1,
  b: 3,
  outcome: "brightness",
  expected: "more",
  blind: false,
  seed: 3,
  measured: [],
  begunAt: "2026-05-02T10:00:00.000Z",
  ...edit,
});
/** All runs, each measured by which value it is of. */
const withRuns = (of: (isB: boolean, at: number) => number, edit: Partial<LineTrial> = {}): LineTrial => {
  let now = trial(edit);
  for (let next = nextRun(now); next; next = nextRun(now))
    now = { ...now, measured: [...now.measured, String(of(next.arm === "B", next.at))] };
  return now;
};

describe("a trial of a line", () => {
  it("tells which run is due, and what the line holds from the one before", () => {
    const first = nextRun(trial());
    expect(first).toMatchObject({ at: 0, of: 8, before: null });
    const second = nextRun(trial({ measured: ["4"] }));
    expect(second).toMatchObject({ at: 1, before: first?.raw });
    expect(nextRun(withRuns(() => 1))).toBeNull();
  });
  it("takes numbers as they are typed, and nothing else for a measure", () => {
    expect(["4", "4,5", " 12.25 "].map(measuredValue)).toEqual([4, 4.5, 12.25]);
    expect(["", "fast", "-1", "1e9"].map(measuredValue)).toEqual([null, null, null, null]);
    expect(runsOf(trial({ measured: ["4", "x"] }))).toHaveLength(1);
  });
  it("is learnt by the line it was of, and by no other", () => {
    const done = withRuns((isB, at) => (isB ? 8 : 3) + at / 100);
    expect(trialVerdict(done).kind).toBe("does-something");
    const learnt = withTrial(job, done, "Tried on this display.");
    const lines = learnt.profile?.lines ?? [];
    const changed = lines.filter((line, i) => line !== MARRAM.lines[i]);
    expect(changed.map(({ code }) => code)).toEqual([codeOf("backlight")]);
    expect(changed[0]).toMatchObject({ effect: "works" });
    expect(changed[0]?.claims.at(-1)).toMatchObject({
      from: "own-trial",
      on: "2026-05-02",
      says: "Tried on this display.",
    });
    const twice = withTrial(learnt, done, "Tried on this display.");
    expect(twice.profile?.lines).toEqual(lines);
  });
  it.each<[SettingKey, Outcome, string]>([
    ["backlight", "brightness", "none"],
    // Nothing seen in what a line is not about says nothing of it; and a cap is never held for idle.
    ["backlight", "top-speed", "as it stood"],
    ["assistCapKmh", "top-speed", "as it stood"],
  ])("of %s with nothing seen in %s leaves its effect %s", (setting, outcome, effect) => {
    const code = codeOf(setting);
    const before = MARRAM.lines.find((line) => line.code === code)?.effect;
    const done = withRuns((_, at) => [5, 6, 5, 6, 6, 5, 6, 5][at] ?? 5, { code, outcome, a: 20, b: 25 });
    expect(trialVerdict(done).kind).toBe("nothing-seen");
    const line = withTrial(job, done, "x").profile?.lines.find((each) => each.code === code);
    expect(line?.effect).toBe(effect === "none" ? "none" : before);
  });
  it("says what the last run left in the display, until it holds again what it is to hold", () => {
    const code = codeOf("backlight");
    const index = MARRAM.lines.findIndex((line) => line.code === code);
    const held = { ...job, held: { [code]: 3 } };
    const done = withRuns((isB) => (isB ? 8 : 3));
    const last = orderOfRuns(done.seed).at(-1) === "A" ? done.a : done.b;
    expect(heldRaws(held)[index]).toBe(3);
    expect(leftAs(done, held)).toEqual(last === 3 ? null : { now: last, back: 3 });
    expect(leftAs({ ...done, a: 2, b: 2 }, held)).toEqual({ now: 2, back: 3 });
    expect(leftAs(trial(), held)).toBeNull();
  });
  it("teaches nothing before all runs are in", () => expect(withTrial(job, trial({ measured: ["4"] }), "x")).toBe(job));
  it("is offered for lines that have two values at least", () => {
    const codes = triableLines(MARRAM).map(({ code }) => code);
    expect(codes).toContain(codeOf("backlight"));
    expect(
      MARRAM.lines.filter(({ encoding }) => encoding.kind === "read-only").some(({ code }) => codes.includes(code)),
    ).toBe(false);
  });
});

describe("keys of one line", () => {
  it("change it and nothing else, from what the run before left", () => {
    const code = codeOf("backlight");
    const task = setLineTask(job, code, 3, 1);
    const at = MARRAM.lines.findIndex((line) => line.code === code);
    expect(task?.state.saved[at]).toBe(1);
    expect(task?.goal.targets[at]).toBe(3);
    expect(task?.goal.targets.filter((raw, i) => raw !== task.state.saved[i])).toEqual([3]);
    expect(setLineTask(job, "none", 3, 1)).toBeNull();
    expect(setLineTask({ ...job, profile: null }, code, 3, 1)).toBeNull();
  });
  it("look at it and change nothing", () => {
    const code = codeOf("backlight");
    const task = lookAtLineTask(job, code);
    expect(task?.goal.targets).toEqual(task?.state.saved);
    expect(task?.goal.look).toEqual([MARRAM.lines.findIndex((line) => line.code === code)]);
  });
});
