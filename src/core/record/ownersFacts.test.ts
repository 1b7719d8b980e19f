// What a rider is told of a throttle: as read back, or as planned while the line that may overrule it is unread.
import { describe, expect, it } from "vitest";
import { LATHE } from "@/catalog/displays/lathe";
import { linesOf, shows, standInRaws } from "@/core/display";
import { demo, programmed, readBack } from "@/screens/testing/jobs";
import type { Job } from "./job";
import { ownersFacts } from "./ownersFacts";
import { paperOf } from "./paper";

/** Snowplough behind Lathe, a throttle fitted, its values read but for those left out. */
function behind(leftOut: readonly string[], throttleFitted = "yes"): Job {
  const job = demo(207);
  const raws = standInRaws(LATHE);
  const shown = Object.fromEntries(
    linesOf(LATHE).flatMap((line, i) =>
      leftOut.includes(line.code) ? [] : [[line.code, shows(line.encoding, raws[i] ?? 0)]],
    ),
  );
  return {
    ...job,
    profile: LATHE,
    overrides: {},
    unlocked: {},
    intake: { ...job.intake, throttleFitted },
    asFound: { waivedReason: "", shown },
  };
}
function factsOf(job: Job) {
  const paper = paperOf(job);
  const facts = paper && ownersFacts(paper);
  if (!facts) throw new Error("no facts without a display");
  return facts;
}

const lineOf = (setting: string): string =>
  linesOf(LATHE).find(({ encoding }) => "setting" in encoding && encoding.setting === setting)?.code ?? "";

describe("the throttle a rider is told of", () => {
  it("is what its lines say, as not set while nothing is programmed", () => {
    const { throttle } = factsOf(behind([]));
    expect(throttle.as).toBe("not-set");
  });
  it("is told as read back only once the line that may overrule it was read back too", () => {
    const read = readBack(programmed(behind([])));
    expect(factsOf(read).throttle.as).toBe("read-back");
    const others = Object.fromEntries(Object.entries(read.readBack).filter(([code]) => code !== lineOf("driveMode")));
    expect(factsOf({ ...read, readBack: others }).throttle.as).toBe("planned");
  });
  it("is live while nothing known switches it off, and never where none is fitted", () => {
    const facts = factsOf(behind([]));
    const isOff = facts.throttle.as !== "unknown" && facts.throttle.value.mode === "off";
    expect(facts.throttleLive).toBe(!isOff);
    expect(factsOf(behind([], "no")).throttleLive).toBe(false);
  });
});
