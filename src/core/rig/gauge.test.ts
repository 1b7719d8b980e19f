// A gauge on the bench: as it stands, or averaged over the time its line says.
import { describe, expect, it } from "vitest";
import { PINFOLD } from "@/catalog/displays/pinfold";
import { BENCH_KITS } from "@/catalog/rig/kits";
import { atHome, lineIndex, standInRaws } from "../display";
import { atRest, HANDS_OFF, kitFor, liveAfter, liveBike, readingsOf, type Hands, type Live } from ".";

const bike = liveBike(PINFOLD, kitFor(PINFOLD, BENCH_KITS, 0) ?? {});
if (!bike) throw new Error("no bike");
const UPHILL: Hands = { ...HANDS_OFF, wheelUp: false, pedals: "forward", grade: 0.08 };

/** Pinfold averaging over so many seconds, at rest in its top level. Its line steps by 5 s. */
const averaging = (seconds: number): Live => {
  const raws = standInRaws(PINFOLD).with(lineIndex(PINFOLD, "q4"), seconds);
  return atRest(bike, { ...atHome(PINFOLD, raws), level: 5 });
};
const after = (live: Live, seconds: number, hands: Hands): Live =>
  Array.from({ length: seconds * 20 }).reduce<Live>((now) => liveAfter(bike, now, hands, 50), live);

describe("a gauge that averages", () => {
  it("stands at the volts of the pack at rest, whatever its time", () => {
    for (const seconds of [0, 20, 60]) expect(averaging(seconds).gaugeV).toBe(averaging(seconds).packV);
  });
  it("over no time shows the volts as they are, pulled or not", () => {
    const pulled = after(averaging(0), 5, UPHILL);
    expect(pulled.packV).toBeLessThan(averaging(0).packV - 0.3);
    expect(pulled.gaugeV).toBeCloseTo(pulled.packV, 9);
  });
  it("dips the less the longer it averages, and comes back the later", () => {
    const dips = [5, 20, 60].map((seconds) => averaging(seconds).gaugeV - after(averaging(seconds), 5, UPHILL).gaugeV);
    expect([...dips].sort((a, b) => b - a)).toEqual(dips);
    expect(dips.at(-1)).toBeGreaterThan(0);
    const rested = after(after(averaging(20), 5, UPHILL), 2, HANDS_OFF);
    expect(rested.gaugeV).toBeLessThan(rested.packV);
  });
  it("has gone 63 % of the way after its own time, as a first-order lag does", () => {
    // Any handbook of control: a step is answered by 1 − 1/e after one time constant.
    for (const seconds of [5, 10]) {
      const start = averaging(seconds);
      const later = after({ ...start, gaugeV: start.packV - 2 }, seconds, HANDS_OFF);
      expect((2 - (later.packV - later.gaugeV)) / 2, `${seconds} s`).toBeCloseTo(1 - Math.exp(-1), 2);
    }
  });
  it("is what read-out and bars go by", () => {
    const pulled = after(averaging(60), 10, UPHILL);
    const { gauge } = readingsOf(bike, pulled);
    const quick = readingsOf(bike, { ...pulled, gaugeV: pulled.packV });
    if (gauge.kind === "volts") expect(gauge.volts).toBe(pulled.gaugeV);
    else if (quick.gauge.kind === "percent") expect(gauge.share).toBeGreaterThan(quick.gauge.share);
    expect(readingsOf(bike, pulled).bars).toBeGreaterThanOrEqual(quick.bars);
  });
});
