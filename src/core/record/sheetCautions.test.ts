// What a visit's sheet says to bear in mind, as the visit goes on.
import { describe, expect, it } from "vitest";
import { checked, demo, programmed, readBack } from "@/screens/testing/jobs";
import { setByHand } from "./byHand";
import type { Job } from "./job";
import { ownersFacts } from "./ownersFacts";
import { paperOf } from "./paper";
import { sheetCautions } from "./sheetCautions";

function cautions(job: Job) {
  const paper = paperOf(job);
  const owners = paper && ownersFacts(paper);
  if (!paper || !owners) throw new Error("no paper without a display");
  return sheetCautions(paper, owners);
}
const said = (job: Job, throttleFitted: string): Job => ({ ...job, intake: { ...job.intake, throttleFitted } });
const byHand = (values: Readonly<Record<string, number>>) =>
  setByHand(SNOWPLOUGH, values, "2026-11-20T08:00:00.000Z", "asked for");

/** Its plan changes a wheel, a start and nothing else; its throttle is switched off by line 31. */
const SNOWPLOUGH = demo(207);
const READ = readBack(programmed(SNOWPLOUGH));

describe("cautions of a sheet", () => {
  it("say while checks are due to stand clear and to prove the cut-off, and no longer once they passed", () => {
    expect(cautions(READ)).toEqual(["stand-clear", "brake-cut-off", "copy-goes-along"]);
    expect(cautions(checked(READ))).toEqual(["stand-clear", "copy-goes-along"]);
    // Handed over, its speeds measured.
    expect(cautions(demo(201))).toEqual(["volts", "copy-goes-along"]);
  });
  it("name a throttle that is fitted and not switched off", () => {
    const live = byHand({ "31": 0 });
    expect(cautions(said(live, "yes"))).toContain("throttle-live");
    for (const quiet of [said(live, "no"), said(live, ""), said(SNOWPLOUGH, "yes")])
      expect(cautions(quiet)).not.toContain("throttle-live");
  });
  it("name speed, and with it class and insurance, where the cap is left higher than it was found", () => {
    expect(cautions(byHand({ "53": 32 }))).toEqual(expect.arrayContaining(["more-speed", "class-changed"]));
    expect(cautions(byHand({ "53": 20 }))).not.toContain("more-speed");
  });
  it("name current, and the battery where its volts or its cut-off are set otherwise", () => {
    expect(cautions(byHand({ "41": 40 }))).toContain("more-current");
    expect(cautions(byHand({ "42": 31 }))).toContain("volts");
    expect(cautions(byHand({ "43": 1 }))).toContain("volts");
  });
  it("go by what was read back once it was, whatever was planned", () => {
    const fast = programmed(byHand({ "53": 32 }));
    expect(cautions(readBack(fast))).toContain("more-speed");
    expect(cautions(readBack(fast, { "53": "25" }))).not.toContain("more-speed");
  });
});
