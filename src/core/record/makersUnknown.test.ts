// A display whose maker's values nobody has stated: none is offered, judged, restored, carried over or recorded.
import { describe, expect, it } from "vitest";
import { demoJobs } from "@/catalog/demo/workshop";
import { TARN } from "@/catalog/displays/tarn";
import { factoryRaws, lineIndex, type DisplayProfile } from "../display";
import { carryOver } from "../sheet";
import { lastSheet } from "./columns";
import { keyTask } from "./keyTask";
import { takeReading } from "./programming";
import { startProgram } from "./startingKeys";
import { restoreOutlook } from "./restoreOutlook";
import { workOut } from "./workings";
import type { Job } from "./job";

const AT = "2026-05-01T08:00:00.000Z";
const UNSTATED: DisplayProfile = { ...TARN, lines: TARN.lines.map((line) => ({ ...line, factoryRaw: null })) };
const at = (code: string) => lineIndex(TARN, code);

/** A bike of the workshop on a display nobody has read, for a written reason. */
function unread(profile: DisplayProfile, visit: string): Job {
  const job = demoJobs().find(({ profile: own, program }) => own?.id === TARN.id && program === null);
  if (!job) throw new Error("no such bike");
  return {
    ...job,
    profile,
    intake: { ...job.intake, visit },
    asFound: { shown: {}, waivedReason: "The menu closes after two lines." },
  };
}

describe("maker's values nobody has stated", () => {
  it("are not what a new display is judged on", () => {
    const [stated, unstated] = [TARN, UNSTATED].map((profile) => workOut(unread(profile, "brand-new")).sheet);
    expect(stated?.found.raws).toEqual(factoryRaws(TARN));
    // A line that cannot be changed needs no reading.
    const settable = unstated?.found.raws.filter((_, i) => TARN.lines[i]?.encoding.kind !== "read-only");
    expect(new Set(settable)).toEqual(new Set([null]));
    expect(unstated?.found.findings.some(({ severity }) => severity === "breach")).toBe(false);
  });
  it("are no target: what nothing decides is left as it is read, and sealed as not known until then", () => {
    const job = unread(UNSTATED, "service");
    const workings = workOut(job);
    const task = keyTask(job, workings);
    const open = task?.targets.flatMap((raw, i) => (raw === null ? [i] : [])) ?? [];
    expect(open.length).toBeGreaterThan(3);
    for (const i of open) expect(task?.unread).toContain(i);
    const begun = startProgram(job, AT);
    const sealed = lastSheet(begun, "target")?.lines ?? [];
    for (const i of open) expect(sealed[i]).toMatchObject({ raw: null, shows: null });
    expect(workOut(begun).sheet?.target.raws[open[0] ?? 0]).toBeNull();
    const line = open[0] ?? 0;
    const raw = 1;
    const read = takeReading(begun, line, raw);
    expect(read.program?.targets[line]).toBe(raw);
    expect(read.program?.state.saved[line]).toBe(raw);
  });
  it("leave no way by restoring", () => {
    const task = keyTask(unread(UNSTATED, "service"), workOut(unread(UNSTATED, "service")));
    expect(task && restoreOutlook(UNSTATED, task)).toBeNull();
  });
  it("are not carried over to a display that has none", () => {
    const carried = carryOver(
      TARN,
      TARN.lines.map(() => null),
      UNSTATED,
    );
    expect(new Set(carried.raws)).toEqual(new Set([null]));
    const one = carryOver(
      TARN,
      factoryRaws(TARN).map((raw, i) => (i === at("51") ? raw : null)),
      UNSTATED,
    );
    expect(one.raws.filter((raw) => raw !== null)).toHaveLength(1);
  });
});
