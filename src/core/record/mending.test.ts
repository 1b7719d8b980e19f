// A mending does what it says: done on the job, the finding is gone and none has come.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CLASSES } from "@/catalog/classes/classes";
import { demoJobs } from "@/catalog/demo/workshop";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { rawValues } from "../display";
import { cap, displayOf, wheelMm } from "../sheet/cases/lines";
import { mendingOf, withMending, type Mending } from "./mending";
import type { Job } from "./job";
import { jobsOf } from "./testingJobs";
import { workOut } from "./workings";

/** A demo bike, by its number. */
function demo(number: number): Job {
  const job = demoJobs().find((each) => each.number === number);
  if (!job) throw new Error(`no demo bike ${number}`);
  return job;
}

const WHY = "the motor was swapped";

describe("a mending", () => {
  it("takes its finding away and brings none", () => {
    const kinds: Record<Mending["kind"], number> = { clear: 0, set: 0, unlock: 0 };
    fc.assert(
      fc.property(jobsOf(SHIPPED_DISPLAYS, CLASSES), fc.nat(), fc.nat(), (plain, pick, which) => {
        // One line set by hand to anything: what the plan would not do.
        const lines =
          plain.profile?.lines.filter(({ makerOnly, encoding }) => !makerOnly && rawValues(encoding).length) ?? [];
        const line = lines[pick % Math.max(1, lines.length)];
        const raws = line ? rawValues(line.encoding) : [];
        const raw = raws[which % Math.max(1, raws.length)];
        const job = line && raw !== undefined ? { ...plain, overrides: { [line.code]: raw } } : plain;
        const workings = workOut(job);
        const before = workings.sheet?.target.findings ?? [];
        for (const finding of before) {
          const mending = mendingOf(job, workings, finding);
          if (!mending) continue;
          kinds[mending.kind] += 1;
          const sheet = workOut(withMending(job, mending, WHY)).sheet;
          const after = sheet?.target.findings ?? [];
          const named = ({ message, lines: on }: (typeof before)[number]) => `${message.key} ${on.join()}`;
          expect(after.map(named)).not.toContain(named(finding));
          expect(
            after
              .filter(({ severity }) => severity !== "note")
              .map(named)
              .filter((each) => !before.map(named).includes(each)),
          ).toEqual([]);
          expect(sheet?.rows.find(({ code }) => code === mending.code)?.target?.shows).toBe(mending.shows);
        }
      }),
      { numRuns: 120, seed: 7 },
    );
    expect(Math.min(...Object.values(kinds))).toBeGreaterThan(2);
  });

  it("gives a cap set by hand past the limit up again", () => {
    const job = { ...demo(207), overrides: { 53: 40 } };
    const workings = workOut(job);
    const over = workings.sheet?.target.findings.find(({ message }) => message.key === "cap.over");
    if (!over) throw new Error("not over");
    expect(mendingOf(job, workings, over)).toEqual({ kind: "clear", code: "53", shows: "25" });
  });

  it("may bring a note, but nothing graver", () => {
    const job = { ...demo(204), overrides: { 31: 0 } };
    const workings = workOut(job);
    const live = workings.sheet?.target.findings.find(({ message }) => message.key === "throttle.not-in-class");
    if (!live) throw new Error("not live");
    const mending = mendingOf(job, workings, live);
    expect(mending).toMatchObject({ kind: "clear", code: "31" });
    const after = mending && workOut(withMending(job, mending, WHY)).sheet?.target.findings;
    const notes = (after ?? []).filter(({ severity }) => severity === "note").map(({ message }) => message.key);
    expect(notes).toContain("throttle.off-by-line-only");
    expect(workings.sheet?.target.findings.map(({ message }) => message.key)).not.toContain(
      "throttle.off-by-line-only",
    );
  });

  it("sets no other wheel where the cap line itself has nothing slow enough", () => {
    // A wheel of 1352 mm on a rollout of 1300 would make 26 km/h shown 25 true.
    const profile = displayOf([wheelMm("w"), cap("v", { rawMin: 26, rawMax: 40 })]);
    const job: Job = {
      ...demo(207),
      profile,
      overrides: {},
      intake: { rolloutMm: "1300", tapeErrorMm: "0", throttleFitted: "no" },
      asFound: { shown: { w: "1300", v: "26" }, waivedReason: "" },
    };
    const workings = workOut(job);
    const over = workings.sheet?.target.findings.find(({ message }) => message.key === "cap.over");
    if (!over) throw new Error("not over");
    expect(mendingOf(job, workings, over)).toBeNull();
  });

  it("bends no wheel for a cap, and touches nothing once the plan is sealed", () => {
    const base = demo(207);
    const profile = base.profile && {
      ...base.profile,
      lines: base.profile.lines.map((line) => (line.code === "53" ? { ...line, makerOnly: true } : line)),
    };
    const job = { ...base, profile, asFound: { ...base.asFound, shown: { ...base.asFound.shown, 53: "40" } } };
    const workings = workOut(job);
    const over = workings.sheet?.target.findings.find(({ message }) => message.key === "cap.over");
    if (!over) throw new Error("not over");
    expect(mendingOf(job, workings, over)).toEqual({ kind: "unlock", code: "53", shows: "25" });
    const { program } = demoJobs().find((each) => each.program !== null) ?? job;
    expect(program).not.toBeNull();
    expect(mendingOf({ ...job, program }, workings, over)).toBeNull();
  });
});
