// Keys under way on every display that ships: the rest of a plan, rehearsals, readings on the way, and the end of it.
import { describe, expect, it } from "vitest";
import { demoJobs } from "@/catalog/demo/workshop";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { TARN } from "@/catalog/displays/tarn";
import {
  atHome,
  standInRaws,
  isShown,
  layoutOf,
  linesOf,
  rawValues,
  type DisplayProfile,
  type MenuState,
} from "../display";
import {
  advanceProgram,
  advanceRehearsal,
  endRehearsal,
  heldRaws,
  keptState,
  keyWork,
  restOfPlan,
  samePlace,
  setKeysAside,
  startProgram,
  startRehearsal,
  takeReading,
  takeTold,
  withTyped,
  writeJobFile,
  type Job,
  type KeyWork,
} from ".";
import { readJobFile } from "./jobFile";

const AT = "2026-11-24T09:00:00.000Z";
const demo = (number: number): Job => {
  const job = demoJobs().find((each) => each.number === number);
  if (!job) throw new Error(`no demo bike ${number}`);
  return job;
};
const SNOWPLOUGH = demo(207);
const LONG_ACRE = withTyped(demo(209), { in: "waived-reason" }, "Out of the box, and it locks after two lines.");

/** A display at home with a few lines to be set to another value they can hold. */
function errand(profile: DisplayProfile): { readonly start: MenuState; readonly targets: readonly number[] } {
  const raws = standInRaws(profile);
  const settable = linesOf(profile).flatMap((line, i) => {
    const other = rawValues(line.encoding).find((raw) => raw !== line.factoryRaw);
    const controls = linesOf(profile).some((each) => each.shownWhen?.some((when) => when.line === line.code));
    return !line.makerOnly && !controls && other !== undefined && isShown(profile, i, raws) ? [{ i, other }] : [];
  });
  const chosen = settable.filter((_, k) => k % Math.ceil(settable.length / 4) === 0);
  return { start: atHome(profile, raws), targets: chosen.reduce((all, { i, other }) => all.with(i, other), [...raws]) };
}
const strokesOf = ({ plan }: KeyWork) => {
  if (!plan.ok) throw new Error(plan.problem.key);
  return plan.strokes;
};

describe.each(SHIPPED_DISPLAYS.map((profile) => [profile.name, profile] as const))(
  "the rest of a plan on %s",
  (_, profile) => {
    const { start, targets } = errand(profile);
    const whole = keyWork(profile, start, { targets });

    it("is as short as one planned anew, wherever a stroke has led", () => {
      for (const { after } of strokesOf(whole)) {
        const rest = restOfPlan(profile, whole, after, {});
        expect(rest?.totalMs).toBeCloseTo(keyWork(profile, after, { targets }).totalMs, 6);
      }
    });

    it("ends with no step left, and counts presses down to none", () => {
      const strokes = strokesOf(whole);
      const rests = strokes.map(({ after }) => restOfPlan(profile, whole, after, {}));
      const presses = rests.map((rest) => rest?.presses ?? -1);
      expect(presses).toEqual([...presses].sort((a, b) => b - a));
      expect(rests.at(-1)).toMatchObject({ presses: 0, totalMs: 0, steps: [] });
    });

    it("is none from a place the plan does not come by", () => {
      const elsewhere = { ...start, saved: start.saved.with(0, -1) };
      expect(restOfPlan(profile, whole, elsewhere, {})).toBeNull();
    });
  },
);

describe("two states of a display", () => {
  const { start } = errand(TARN);

  it("are the same place whatever time has passed", () => {
    expect(samePlace(start, { ...start, idleMs: 4000, sincePowerOnMs: 90_000 })).toBe(true);
    expect(samePlace(start, { ...start, saved: start.saved.with(3, 1) })).toBe(false);
    expect(samePlace(start, { ...start, screen: { kind: "off" } })).toBe(false);
  });

  it("are kept without a key held down and without a PIN", () => {
    const held = { ...start, held: { keys: ["ring"], ms: 400 }, pin: "1234" } as unknown as MenuState;
    expect(keptState(held)).toMatchObject({ held: null, tapped: null, pin: null });
    expect(samePlace(keptState(held), start)).toBe(true);
  });
});

/** A job with the steps of its card taken one after the other by `advance`. */
function walked(
  job: Job,
  keys: NonNullable<Job["program"]>,
  advance: (job: Job, state: MenuState) => Job,
): readonly Job[] {
  const { steps } = keyWork(TARN, keys.state, { targets: keys.targets, look: keys.unread });
  const all: Job[] = [job];
  for (const { after } of steps) all.push(advance(all.at(-1) ?? job, after));
  return all;
}

describe("a rehearsal", () => {
  const begun = startRehearsal(SNOWPLOUGH);
  const keys = begun.rehearsal;
  if (!keys) throw new Error("not begun");
  const jobs = walked(begun, keys, (job, state) => advanceRehearsal(job, state, AT));
  const done = jobs.at(-1) ?? begun;

  it("is noticed at its end, once, and nothing of it counts for the bike", () => {
    expect(jobs.slice(0, -1).every(({ rehearsal }) => rehearsal?.done === false)).toBe(true);
    expect(done.rehearsal?.done).toBe(true);
    expect(done.events.filter(({ kind }) => kind === "rehearsed")).toHaveLength(1);
    const again = advanceRehearsal(done, done.rehearsal?.state ?? keys.state, AT);
    expect(again.events.filter(({ kind }) => kind === "rehearsed")).toHaveLength(1);
    expect(done.program).toBeNull();
    expect(done.sheets).toEqual(SNOWPLOUGH.sheets);
    expect(done.held).toBe(SNOWPLOUGH.held);
  });

  it("ends without a trace but that it was one", () => {
    const ended = endRehearsal(done);
    expect(ended.rehearsal).toBeNull();
    expect({ ...ended, events: [], updatedAt: "" }).toEqual({ ...SNOWPLOUGH, events: [], updatedAt: "" });
    expect(ended.events.slice(0, -1)).toEqual(SNOWPLOUGH.events);
    expect(endRehearsal(SNOWPLOUGH)).toBe(SNOWPLOUGH);
  });

  it("takes a line that comes up for one that was seen", () => {
    const unread = startRehearsal(LONG_ACRE);
    const first = unread.rehearsal?.unread[0];
    if (first === undefined || !unread.rehearsal) throw new Error("nothing unread");
    const { steps } = keyWork(TARN, unread.rehearsal.state, { targets: unread.rehearsal.targets, look: [first] });
    const there = steps.reduce((job, { after }) => advanceRehearsal(job, after, AT), unread);
    expect(there.rehearsal?.unread).not.toContain(first);
    expect(there.asFound).toEqual(LONG_ACRE.asFound);
  });

  it("is none where no keys could be planned", () => {
    const unsaid = demo(208);
    expect(startRehearsal(unsaid)).toBe(unsaid);
    expect(startRehearsal({ ...SNOWPLOUGH, profile: null }).rehearsal).toBeNull();
  });
});

describe("keys of the bike", () => {
  it("are done only at home, saved and in force", () => {
    const begun = startProgram(SNOWPLOUGH, AT);
    if (!begun.program) throw new Error("not begun");
    const jobs = walked(begun, begun.program, (job, state) => advanceProgram(job, state, AT));
    const dones = jobs.map(({ program }) => program?.done);
    expect(dones.lastIndexOf(false)).toBe(dones.length - 2);
    expect(dones.at(-1)).toBe(true);
    expect(jobs.at(-1)?.events.map(({ kind }) => kind)).toContain("programmed");
  });

  it("are not begun twice, nor without a display", () => {
    const begun = startProgram(SNOWPLOUGH, AT);
    expect(startProgram(begun, AT)).toBe(begun);
    expect(startProgram({ ...SNOWPLOUGH, profile: null }, AT).program).toBeNull();
    expect(startProgram(demo(208), AT).program).toBeNull();
  });

  it("stop at a line a slip may have changed, say it is not known, and leave how it was found alone", () => {
    const sealed = withTyped(SNOWPLOUGH, { in: "waived-reason" }, "A slip is to be told of.");
    const begun = startProgram(sealed, AT);
    const { program, profile } = begun;
    if (!program || !profile) throw new Error("no keys");
    const line = program.targets.findIndex((raw, i) => raw !== null && raw !== program.state.saved[i]);
    const place = layoutOf(profile).placeOfLine[line];
    if (!place) throw new Error("no line to change");
    const state: MenuState = {
      ...atHome(profile, program.state.saved),
      screen: { kind: "menu", ...place, draft: null },
    };
    const nothing = { state, read: null, doubtful: [], notice: null, events: [] };
    const slipped = takeTold(begun, { ...nothing, doubtful: [line, line] }, AT);
    expect(slipped.program?.unread).toEqual([...program.unread, line]);
    expect(heldRaws(slipped)[line]).toBeNull();
    const raw = program.targets[line] ?? 0;
    const read = takeTold(slipped, { ...nothing, read: { line, raw } }, AT);
    expect(read.program?.unread).toEqual(program.unread);
    expect(read.program?.state.pending[line]).toBe(raw);
    expect(read.program?.targets).toEqual(program.targets);
    expect(read.program?.state.saved).toEqual(program.state.saved);
    expect([read.asFound, read.held]).toEqual([begun.asFound, begun.held]);

    // Set aside before anybody looked, the next keys begin with looking; what was found is still what was found.
    const aside = setKeysAside(slipped, AT, "A slip.");
    expect(heldRaws(aside)[line]).toBeNull();
    expect(heldRaws(setKeysAside(read, AT, "No doubt."))[line]).not.toBeNull();
    const again = startProgram(aside, AT);
    expect(again.program?.unread).toEqual([line]);
    const known = takeReading(again, line, raw);
    expect(known.program?.unread).toEqual([]);
    expect(known.program?.state.saved[line]).toBe(raw);
    expect(known.asFound).toEqual(begun.asFound);
    expect(heldRaws(setKeysAside(known, AT, "Read."))[line]).toBe(raw);
    const reading = readJobFile(writeJobFile(aside));
    expect(reading.ok && reading.job.held).toEqual(aside.held);
  });

  it("take what an unread line shows for how it was found, and plan on from it", () => {
    const begun = startProgram(LONG_ACRE, AT);
    const line = begun.program?.unread[0];
    if (line === undefined) throw new Error("nothing unread");
    const { code } = TARN.lines[line] ?? { code: "" };
    const read = takeReading(begun, line, 2);
    expect(read.asFound.shown[code]).toBe("2");
    expect(read.program?.state.saved[line]).toBe(2);
    expect(read.program?.unread).toHaveLength((begun.program?.unread.length ?? 0) - 1);
    // What was read already is not read a second time.
    expect(takeReading(read, line, 1)).toBe(read);
  });

  it("seal the targets again where a reading on the way has moved them", () => {
    let job = startProgram(LONG_ACRE, AT);
    for (let i = 0; i < 300 && job.program && !job.program.done; i++) {
      const { state, targets, unread } = job.program;
      const step = keyWork(TARN, state, { targets, look: unread }).steps[0];
      if (!step) break;
      job = advanceProgram(job, step.after, AT);
      if (step.line !== null && job.program?.unread.includes(step.line))
        job = takeReading(
          job,
          step.line,
          TARN.lines.flatMap(({ encoding }) => rawValues(encoding)[0] ?? 0)[step.line] ?? 0,
        );
    }
    expect(job.program?.done).toBe(true);
    expect(job.program?.unread).toEqual([]);
    const sealed = job.sheets.filter(({ kind }) => kind === "target").at(-1);
    expect(sealed?.lines.map(({ raw }) => raw)).toEqual(job.program?.targets);
  });
});
