import { describe, expect, it } from "vitest";
import { demoJobs } from "@/catalog/demo/workshop";
import { TARN } from "@/catalog/displays/tarn";
import { PINFOLD } from "@/catalog/displays/pinfold";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { writeJobFile, type Job } from "./job";
import { readJobFile } from "./jobFile";
import { brokenAt } from "./seal";
import { addUnknownLine } from "./describing";
import { swapDisplay, swapOutlook } from "./swap";
import { workOut } from "./workings";

const AT = "2026-11-24T10:00:00.000Z";
const fat = demoJobs().find((job) => job.number === 207);
if (!fat) throw new Error("no demo bike 207");

describe("swapping the display of a job", () => {
  it("seals what was found, carries what can be carried, and asks for the new one to be read", () => {
    const swapped = swapDisplay(fat, PINFOLD, AT);
    expect(swapped.sheets.map(({ kind, note }) => [kind, note])).toEqual([
      ["as-found", "Before the display was swapped for Pinfold."],
    ]);
    expect(brokenAt(swapped.sheets)).toBeNull();
    expect(swapped.asFound.shown).toEqual({});
    expect(swapped.carried.q3).toBe(405); // 40.5 V, the cut-off as it was found
    expect(swapped.overrides).toEqual({});
    expect(swapped.events.at(-1)).toMatchObject({ kind: "display-swapped" });
    expect(workOut(swapped).baseline.kind).toBe("missing");
    expect(readJobFile(writeJobFile(swapped))).toEqual({ ok: true, job: swapped });
  });
  it("proposes afresh: a wrong wheel is not kept for having been there, and the owner's own choices come along", () => {
    const plan = (job: Job) => new Map(workOut(job).sheet?.rows.map((row) => [row.settings[0], row]));
    const after = plan(swapDisplay(fat, PINFOLD, AT));
    // The wheel waits for what the new display counts; it is not said to be right.
    expect(after.get("circumferenceMm")?.reason).toMatchObject({ key: "reason.no-read-out" });
    // The fat tyre was set as 26: on a display whose counting is known the plan mends that, carried over or not.
    const again = swapDisplay(fat, { ...TARN, id: "tarn-again" }, AT);
    const same = plan({ ...again, asFound: { ...again.asFound, shown: { "52": "1" } } });
    expect(same.get("circumferenceMm")).toMatchObject({ reason: { key: "reason.wheel" }, target: { shows: "29" } });
    expect([...after.values()].filter(({ reason }) => reason.key === "reason.by-hand")).toEqual([]);
    const carried = [...same.values()].filter(({ reason }) => reason.key === "reason.carried");
    expect(carried.length).toBeGreaterThan(0);
    for (const { code, target } of carried) expect(target?.raw).toBe(again.carried[code]);
  });
  it("works between all shipped displays, and a job without one just gets one", () => {
    for (const to of SHIPPED_DISPLAYS) {
      expect(swapOutlook(fat, to)?.settings.length).toBeGreaterThan(10);
      expect(workOut(swapDisplay(fat, to, AT)).sheet?.rows.length).toBe(to.lines.length);
    }
    expect(swapDisplay({ ...fat, profile: null }, PINFOLD, AT)).toMatchObject({
      profile: { id: "pinfold-q" },
      sheets: [],
    });
  });
});

describe("a line the description did not have", () => {
  it("is added to this job's copy only, left as found", () => {
    const added = addUnknownLine(fat, "77", "4");
    const row = workOut(added).sheet?.rows.at(-1);
    expect(row).toMatchObject({
      code: "77",
      found: { raw: 4 },
      target: { raw: 4 },
      changes: false,
      mark: "left-alone",
    });
    expect(fat.profile?.lines.some(({ code }) => code === "77")).toBe(false);
    expect(readJobFile(writeJobFile(added)).ok).toBe(true);
  });
  it("is refused where it is already there or shows no number", () => {
    expect(addUnknownLine(fat, "51", "4")).toBe(fat);
    expect(addUnknownLine(fat, "77", "x")).toBe(fat);
  });
});
