import fc from "fast-check";
import { createHash } from "node:crypto";
import { describe, expect, it } from "vitest";
import { demoJobs } from "@/catalog/demo/workshop";
import { TARN } from "@/catalog/displays/tarn";
import { lineAt, lineIndex } from "../display";
import { play } from "../keys";
import { LARGEST_JOB_FILE_BYTES } from "./format";
import { STAGES } from "./stages";
import { newJob, writeJobFile, type Job } from "./job";
import { readJobFile } from "./jobFile";
import { brokenAt, canonicalJson, seal, sha256Hex } from "./seal";
import {
  advanceProgram,
  choiceOf,
  handOver,
  keyWork,
  programOutlook,
  startProgram,
  takeReading,
  wayBack,
  workOut,
} from "./index";

const AT = "2026-11-24T09:00:00.000Z";
const JOBS = demoJobs();
const demo = (number: number): Job => {
  const job = JOBS.find((each) => each.number === number);
  if (!job) throw new Error(`no demo bike ${number}`);
  return job;
};
const at = (code: string) => lineIndex(TARN, code);

describe("seals", () => {
  // Source: FIPS 180-4 by way of Node's own crypto; RFC 8785 orders keys by code unit and leaves out white space.
  it("are SHA-256 over canonical JSON", () => {
    for (const text of ["", "abc", "Reifen 50 × 559 mm, Größe geprüft \u{1F6B2}", "line ".repeat(4000)])
      expect(sha256Hex(text)).toBe(createHash("sha256").update(text).digest("hex"));
    expect(canonicalJson({ b: [1, null, "x"], a: { d: true, c: 0.5 } })).toBe(
      '{"a":{"c":0.5,"d":true},"b":[1,null,"x"]}',
    );
  });
  it("chain: any change to any sheet shows at that sheet", () => {
    const sheet = {
      kind: "target",
      at: AT,
      display: { id: "d", revision: 1 },
      className: null,
      lines: [{ code: "1", raw: 1, shows: "1" }],
      note: "",
    } as const;
    const chain = seal(
      seal(seal([], { ...sheet, lines: [...sheet.lines] }), { ...sheet, lines: [...sheet.lines], note: "b" }),
      { ...sheet, lines: [...sheet.lines], note: "c" },
    );
    expect(brokenAt(chain)).toBeNull();
    expect(brokenAt(chain.map((each, i) => (i === 1 ? { ...each, note: "changed" } : each)))).toBe(1);
    expect(brokenAt(chain.filter((_, i) => i !== 1))).toBe(1);
  });
});

describe("the demo workshop", () => {
  it("has bikes at every stage, of every kind of motor, and one of everything that makes trouble", () => {
    const jobs = demoJobs();
    expect(jobs.length).toBeGreaterThanOrEqual(8);
    const all = jobs.map((job) => ({ job, ...workOut(job) }));
    expect(new Set(jobs.map((job) => job.stage))).toEqual(new Set(STAGES));
    expect(new Set(all.map(({ bike }) => bike.motorKind))).toEqual(
      new Set(["geared-hub", "direct-drive-hub", "mid-drive"]),
    );
    for (const packV of [36, 48, 52]) expect(all.some(({ bike }) => bike.packV === packV)).toBe(true);
    for (const visit of ["brand-new", "complaint", "service"])
      expect(all.some(({ bike }) => bike.visit === visit)).toBe(true);
    expect(all.filter(({ notToBeRidden }) => notToBeRidden).map(({ job }) => job.intake.nickname)).toEqual([
      "Long Acre",
    ]);
  });
  it("holds its seals and survives a file", () => {
    for (const job of demoJobs()) expect(readJobFile(writeJobFile(job))).toEqual({ ok: true, job });
  });
});

describe("from as found to handed over", () => {
  it("plans no keys without a baseline or a written reason", () => {
    const folder = demo(208);
    expect(programOutlook(folder, workOut(folder))).toBeNull();
    const short = { ...folder, asFound: { ...folder.asFound, waivedReason: "no" } };
    expect(programOutlook(short, workOut(short))).toBeNull();
    const waived = { ...folder, asFound: { ...folder.asFound, waivedReason: "Display dies after line 51." } };
    expect(programOutlook(waived, workOut(waived))?.unread.map((i) => TARN.lines[i]?.code)).toEqual([
      "52",
      "53",
      "54",
      "61",
      "62",
      "63",
      "64",
      "65",
    ]);
    expect(startProgram(folder, AT)).toBe(folder);
  });

  it("seals as found and target, follows the keys to the end, and finds the way back", () => {
    const started = startProgram(demo(207), AT);
    expect(started.sheets.map((sheet) => sheet.kind)).toEqual(["as-found", "target"]);
    if (!started.program) throw new Error("not started");
    const { steps } = keyWork(TARN, started.program.state, { targets: started.program.targets });
    const ended = steps.reduce((job, step) => advanceProgram(job, step.after, AT), started);
    expect(ended.program?.done).toBe(true);
    expect(ended.events.map((event) => event.kind)).toContain("programmed");
    const back = wayBack(ended);
    const last = back?.steps[back.steps.length - 1];
    expect(last?.after.inForce).toEqual(workOut(demo(207)).found.map((line) => line.raw));
    const left = handOver({ ...ended, readBack: { "51": "29" } }, AT);
    expect(left.sheets.map((sheet) => sheet.kind)).toEqual(["as-found", "target", "as-left"]);
    expect(left.sheets[2]?.lines[at("51")]).toEqual({ code: "51", raw: 9, shows: "29" });
    expect(brokenAt(left.sheets)).toBeNull();
  });

  it("a line read on the way becomes as found; one with no proposal keeps what it shows", () => {
    const waived = { ...demo(208), asFound: { ...demo(208).asFound, waivedReason: "Display dies after line 51." } };
    const started = startProgram(waived, AT);
    const read = takeReading(started, at("65"), 12);
    expect(read.asFound.shown["65"]).toBe("12");
    expect(read.program?.targets[at("65")]).toBe(12);
    expect(read.program?.state.saved[at("65")]).toBe(12);
    expect(read.program?.unread).not.toContain(at("65"));
    const pulses = takeReading(started, at("52"), 2);
    expect(pulses.program?.targets[at("52")]).toBe(2);
    expect(takeReading(started, at("31"), 2)).toBe(started);
  });

  it("with unread lines the keys stop at each before they are done", () => {
    const waived = { ...demo(208), asFound: { ...demo(208).asFound, waivedReason: "Display dies after line 51." } };
    let job = startProgram(waived, AT);
    for (let i = 0; i < 60 && job.program && !job.program.done; i++) {
      const { state, targets, unread } = job.program;
      const line = lineAt(TARN, state);
      if (unread.includes(line)) job = takeReading(job, line, state.pending[line] ?? 0);
      const step = keyWork(TARN, job.program?.state ?? state, {
        targets: job.program?.targets ?? targets,
        look: job.program?.unread ?? unread,
      }).steps[0];
      if (step) job = advanceProgram(job, step.after, AT);
    }
    expect(job.program?.done).toBe(true);
    expect(job.program?.unread).toEqual([]);
    expect(workOut(job).baseline.kind).toBe("kept");
  });

  it("a machine that has not power-cycled is not done", () => {
    const started = startProgram(demo(207), AT);
    if (!started.program) throw new Error("not started");
    const { steps } = keyWork(TARN, started.program.state, { targets: started.program.targets });
    const saved = steps.find((step) => step.kind === "save");
    expect(advanceProgram(started, saved?.after ?? started.program.state, AT).program?.done).toBe(false);
    expect(play(TARN, started.program.state, { kind: "wait", ms: 100, for: "menu-closes" })).toEqual(
      started.program.state,
    );
  });

  it("reads an accepted limit as typed, and falls back to the text on nonsense", () => {
    const uk = demo(201);
    const typed = (acceptedKmh: string) =>
      choiceOf({ ...uk, classChoice: { ...uk.classChoice, acceptReading: true, acceptedKmh } })?.acceptedKmh;
    expect(typed("")).toBe(25);
    expect(typed("24,9")).toBe(24.9);
    expect(typed("15.5 mph")).toBeCloseTo(24.945, 3);
    expect(typed("fast")).toBeNull();
    expect(typed("500")).toBeNull();
  });
});

describe("job files from outside", () => {
  const text = writeJobFile(demo(203));
  const job = demo(203);
  const problem = (contents: string) => {
    const reading = readJobFile(contents);
    return reading.ok ? null : reading.problem;
  };
  it.each<[string, string, string]>([
    ["no JSON", "hello", "file.not-json"],
    ["nothing", "", "file.not-json"],
    ["a list", "[]", "file.not-a-job"],
    ["another format", '{"format":"x","version":1}', "file.not-a-job"],
    ["an older version", JSON.stringify({ ...job, version: 0 }), "file.older"],
    ["a newer version", JSON.stringify({ ...job, version: 99 }), "file.newer"],
    ["an unknown field", JSON.stringify({ ...job, extra: 1 }), "file.field"],
    ["a broken seal", JSON.stringify({ ...job, sheets: job.sheets.slice(1) }), "file.broken-seal"],
    [
      "a program that does not fit its display",
      JSON.stringify({ ...job, program: { ...job.program, targets: [1, 2] } }),
      "file.field",
    ],
  ])("%s is refused", (_, contents, key) => expect(problem(contents)?.key).toBe(key));
  it("one cut short is said to be cut short; one too large is not even parsed", () => {
    expect(problem(text.slice(0, 400))).toMatchObject({ key: "file.not-json", looksCutShort: true });
    expect(problem(" ".repeat(LARGEST_JOB_FILE_BYTES + 1))).toMatchObject({ key: "file.too-large" });
  });
  it("names the field", () =>
    expect(problem(JSON.stringify({ ...job, number: "x" }))).toMatchObject({ key: "file.field", path: "number" }));

  it("mutated files never crash the reader, and whatever it accepts is a whole job", () => {
    fc.assert(
      fc.property(
        fc.nat(text.length - 1),
        fc.integer({ min: 1, max: 40 }),
        fc.string({ maxLength: 12 }),
        (from, length, put) => {
          const reading = readJobFile(text.slice(0, from) + put + text.slice(from + length));
          if (reading.ok) workOut(reading.job);
          else expect(reading.problem.key).toMatch(/^file\./);
        },
      ),
      { numRuns: 1500 },
    );
  });
});

it("a fresh job asks for everything and shows nothing", () => {
  const workings = workOut(newJob("fresh-1", 1, AT));
  expect(workings).toMatchObject({ sheet: null, counts: null, next: "intake" });
  expect(workings.stages.every((stage) => !stage.done)).toBe(true);
});
