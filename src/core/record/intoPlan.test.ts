// A bench's lines in the plan: all of them at once, to the read-back, whatever else the menu shows for them.
import { describe, expect, it } from "vitest";
import { BRACKEN } from "@/catalog/displays/bracken";
import { LATHE } from "@/catalog/displays/lathe";
import { PINFOLD } from "@/catalog/displays/pinfold";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { demo, programmed, readBack } from "@/screens/testing/jobs";
import { linearLadder } from "../assist";
import { sharesOn } from "../applied/levels";
import { ladderBench } from "../benches/ladderBench";
import { ladderLines, packLines, type LineValue } from "../benches/lineValues";
import { batteryBench } from "../benches/packBench";
import { rideOf } from "../benches/rideOf";
import { lineIndex, linesOf, shows, standInRaws, type DisplayProfile } from "../display";
import { readFacts } from "../facts/everyFact";
import { intoPlan, withIntoPlan } from "./intoPlan";
import type { Job } from "./job";
import { readBackRaws } from "./columns";
import { workOut } from "./workings";

const AT = "2026-11-20T08:00:00.000Z";
/** A bike of the demo behind another display, found with these values. */
const behind = (
  profile: DisplayProfile,
  found: readonly number[],
  intake: Readonly<Record<string, string>> = {},
): Job => {
  const job = demo(207);
  return {
    ...job,
    profile,
    intake: { ...job.intake, packV: String(profile.acceptsNominalV[0] ?? 36), ...intake },
    overrides: {},
    unlocked: {},
    asFound: {
      waivedReason: "",
      shown: Object.fromEntries(linesOf(profile).map((line, i) => [line.code, shows(line.encoding, found[i] ?? 0)])),
    },
  };
};
const take = (job: Job, values: readonly LineValue[]): Job => withIntoPlan(job, values, AT, "From the ladder bench");
const targets = (job: Job) => workOut(job).sheet?.target.raws ?? [];

describe("a ladder of nine on a display set to five levels, with a line for each share", () => {
  const five = behind(BRACKEN, standInRaws(BRACKEN));
  const facts = readFacts({ ...five.intake, levels: "9", shape: "linear", firstPercent: "20", topPercent: "100" });
  const { bike, sheet } = workOut(five);
  const raws = sheet?.inForce.raws ?? [];
  const reading = rideOf({ bike, facts, on: { profile: BRACKEN, raws }, cap: sheet?.inForce.cap ?? null });
  if (!reading.ok) throw new Error("no ride");
  const { lines } = ladderBench(reading.ride, facts, BRACKEN, raws);
  if (lines?.kind !== "lines") throw new Error("no ladder");

  it("all nine land: in the plan, in the keys, in what is read back", () => {
    expect(sharesOn(BRACKEN, raws).shares).toHaveLength(5);
    expect(lines.values).toHaveLength(10);
    const told = intoPlan(five, workOut(five), lines.values);
    expect(told?.afresh).toBe(false);
    expect(told?.changed.map(({ row }) => row.code)).toContain("n1");
    const job = take(five, lines.values);
    // 20, 30 … 90, 99: common practice, no source.
    expect(sharesOn(BRACKEN, targets(job)).shares.map((share) => Math.round(100 * share))).toEqual([
      20, 30, 40, 50, 60, 70, 80, 90, 99,
    ]);
    const done = readBack(programmed(job));
    expect(sharesOn(BRACKEN, readBackRaws(done)).shares).toEqual(sharesOn(BRACKEN, targets(job)).shares);
    expect(
      workOut(done).readBack.every(({ kind }) => kind === "as-planned" || kind === "hidden" || kind === "read-only"),
    ).toBe(true);
    expect(done.overrideReasons?.s9).toBe("From the ladder bench");
  });
  it("and back to three: the shares that are no longer shown are left alone", () => {
    const three = ladderLines(BRACKEN, raws, linearLadder({ levels: 3, first: 0.3, top: 0.9 }));
    if (three.kind !== "lines") throw new Error("no ladder");
    const job = take(take(five, lines.values), three.values);
    expect(sharesOn(BRACKEN, targets(job)).shares).toEqual([0.3, 0.6, 0.9]);
  });
  it("taken over keys already pressed, they are set aside and what was read stays known", () => {
    const done = readBack(programmed(five));
    const told = intoPlan(done, workOut(done), lines.values);
    expect(told?.afresh).toBe(true);
    const job = take(done, lines.values);
    expect(job.program).toBeNull();
    expect(job.events.filter(({ kind }) => kind === "set-aside")).toHaveLength(1);
    expect(workOut(job).sheet?.rows.filter(({ changes }) => changes === true)).toHaveLength(told?.changed.length ?? -1);
  });
  it("a ladder it cannot have is refused by name", () => {
    expect(ladderLines(BRACKEN, raws, linearLadder({ levels: 4, first: 0.2, top: 1 }))).toEqual({
      kind: "levels-not-held",
      levels: 4,
    });
    const without = SHIPPED_DISPLAYS.find(({ name }) => name === "Tarn");
    expect(without && ladderLines(without, standInRaws(without), [0.5, 1])).toEqual({ kind: "no-share-lines" });
  });
});

describe("other benches", () => {
  it("bar volts open their preset and stand together, and the findings they mend are named", () => {
    const found = standInRaws(PINFOLD).with(lineIndex(PINFOLD, "q3"), 250);
    const job = behind(PINFOLD, found, { packV: "36", chemistry: "nmc", series: "10", packAh: "12" });
    const { bike, sheet } = workOut(job);
    const raws = sheet?.inForce.raws ?? [];
    const bench = batteryBench(bike, readFacts(job.intake), PINFOLD, raws);
    const values = bench ? packLines(PINFOLD, raws, bike, bench) : [];
    expect(values.map(({ code }) => code)).toEqual(["q2", "q3", "q1", "v1", "v2", "v3", "v4", "v5"]);
    const planned = take(job, values);
    const shown = Object.fromEntries(
      (workOut(planned).sheet?.rows ?? []).map(({ code, target }) => [code, target?.shows]),
    );
    bench?.bars.forEach(({ volts }, i) => expect(Number(shown[`v${i + 1}`])).toBeCloseTo(volts, 1));
    expect(workOut(planned).sheet?.rows.find(({ code }) => code === "v1")?.shown.target).toBe(true);
  });
  it("a maker-only line is left out and named; unlocked, it goes along", () => {
    const job = behind(LATHE, standInRaws(LATHE));
    const values = [{ code: "r11", raw: 6 }];
    expect(intoPlan(job, workOut(job), values)).toMatchObject({ changed: [], locked: ["r11"] });
    expect(take(job, values)).toBe(job);
    // Beside one that may be set, it is left out all the same.
    expect(take(job, [...values, { code: "r12", raw: 20 }]).overrides).toEqual({ r12: 20 });
    const unlocked = { ...job, unlocked: { r11: "six magnets fitted" } };
    expect(intoPlan(unlocked, workOut(unlocked), values)?.changed.map(({ row }) => row.code)).toContain("r11");
  });
  it("what comes of it is told: a breach that comes up, and one that goes", () => {
    const job = behind(LATHE, standInRaws(LATHE));
    const faster = [{ code: "r12", raw: 45 }];
    const told = intoPlan(job, workOut(job), faster);
    expect(told?.come.some(({ severity }) => severity === "breach")).toBe(true);
    const fast = take(job, faster);
    const back = intoPlan(fast, workOut(fast), [{ code: "r12", raw: targets(job)[lineIndex(LATHE, "r12")] ?? 0 }]);
    expect(back?.gone.some(({ severity }) => severity === "breach")).toBe(true);
    expect(back?.come).toEqual([]);
  });
});
