// A part weighed before it is bought, against what the trade knows of such changes.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { BRACKEN } from "@/catalog/displays/bracken";
import { checked, demo, programmed, readBack } from "@/screens/testing/jobs";
import { changedByParts, withNewParts } from "../facts/newParts";
import { columnOf } from "../sheet";
import type { Job } from "./job";
import { fitParts, upgradeOf } from "./upgrade";
import { workOut } from "./workings";

const AT = "2026-11-20T08:00:00.000Z";
const SNOWPLOUGH = demo(207);
const thinking = (typed: Readonly<Record<string, string>>, job: Job = SNOWPLOUGH): Job => ({
  ...job,
  intake: { ...job.intake, ...typed },
});
const weighed = (typed: Readonly<Record<string, string>>, job?: Job) => {
  const upgrade = upgradeOf(thinking(typed, job), null);
  if (!upgrade) throw new Error("nothing to weigh");
  return upgrade;
};
const fitOf = (typed: Readonly<Record<string, string>>, key: string) =>
  weighed(typed).fits.find((each) => each.key === key)?.fits;

describe("a part not yet bought", () => {
  it("is nothing to weigh until it differs from what is fitted", () => {
    expect(upgradeOf(SNOWPLOUGH, null)).toBeNull();
    expect(upgradeOf(thinking({ newPackV: "48" }), null)).toBeNull();
    expect(upgradeOf(thinking({ newPackV: "52" }, { ...SNOWPLOUGH, profile: null }), null)).toBeNull();
    expect(changedByParts({ ...SNOWPLOUGH.intake, newPackV: "52", newPackAh: "20" })).toEqual(["packV", "packAh"]);
  });
  it("more volts behind the same motor make it faster in proportion, less what the air takes", () => {
    // Common practice, no source: a pack swap raises the motor’s speed as the volts.
    const { now, planned } = weighed({ newPackV: "72" });
    const ratio = (planned.topKmh ?? 0) / (now.topKmh ?? 1);
    expect(ratio).toBeGreaterThan(1.15);
    expect(ratio).toBeLessThan(72 / 48);
    // Without knowing what the motor was made for, it would count as rewound and gain nothing.
    expect(withNewParts({ packV: "48", newPackV: "72" }).motorV).toBe("48");
    expect(withNewParts({ packV: "48", motorV: "36", newPackV: "72" }).motorV).toBe("36");
  });
  it("a larger wheel on the same lines moves the cap, and the plan brings it back under the limit", () => {
    const narrow = thinking({ tyre: "50-559", rolloutMm: "2055", rolloutTurns: "1" });
    const { now, asIs, planned } = weighed({ newTyre: "100-559" }, narrow);
    const end = (cap: typeof now.cap) => (cap.kind === "true" ? cap.kmh.nominal : Number.NaN);
    expect(end(asIs.cap) / end(now.cap)).toBeCloseTo(2293 / 2055, 1);
    expect(end(planned.cap)).toBeLessThanOrEqual(25);
    expect(withNewParts({ ...narrow.intake, newTyre: "100-559" }).rolloutMm).toBeUndefined();
  });
  it("says what does not fit, what does, and what nobody knows", () => {
    expect(fitOf({ newPackV: "72" }, "controller-volts")).toBe(false);
    expect(fitOf({ newPackV: "36" }, "controller-volts")).toBe(true);
    expect(fitOf({ newControllerA: "40" }, "bms")).toBe(false);
    expect(fitOf({ newControllerA: "40", newBmsA: "60" }, "bms")).toBe(true);
    expect(fitOf({ newControllerA: "40" }, "motor")).toBe(false);
    expect(fitOf({ newMotorRatedW: "1000" }, "motor")).toBe(true);
    expect(fitOf({ newPackV: "52" }, "plug")).toBeNull();
    expect(fitOf({ newPackV: "52", plugFits: "no" }, "plug")).toBe(false);
    expect(fitOf({ newPackV: "52", protocolFits: "yes" }, "protocol")).toBe(true);
  });
  it("a motor past the class is a breach before it is bought", () => {
    const { now, asIs } = weighed({ newMotorRatedW: "500" });
    const motors = (findings: typeof now.findings) =>
      findings.filter(({ subject, severity }) => subject === "motor" && severity === "breach");
    expect(motors(now.findings)).toEqual([]);
    expect(motors(asIs.findings)).toHaveLength(1);
  });
});

describe("another display thought of", () => {
  const other = (display = BRACKEN, typed: Readonly<Record<string, string>> = {}, job: Job = SNOWPLOUGH) => {
    const upgrade = upgradeOf(thinking(typed, job), display);
    if (!upgrade) throw new Error("nothing to weigh");
    return upgrade;
  };
  const end = (cap: ReturnType<typeof other>["now"]["cap"]) => (cap.kind === "true" ? cap.kmh.nominal : Number.NaN);
  it("is weighed with what can be carried over and the maker’s values, and planned to the class", () => {
    for (const display of SHIPPED_DISPLAYS.filter(({ id }) => id !== SNOWPLOUGH.profile?.id)) {
      const { planned, carried, now } = other(display);
      expect(carried?.settings.length, display.name).toBeGreaterThan(0);
      expect(planned.levels.length > 1, display.name).toBe(now.levels.length > 1);
      if (planned.cap.kind === "true") expect(end(planned.cap), display.name).toBeLessThanOrEqual(25);
    }
  });
  it("is tried with the values it would hold itself, not with those of the display before", () => {
    const { bike, choice } = workOut(SNOWPLOUGH);
    for (const display of SHIPPED_DISPLAYS.filter(({ id }) => id !== SNOWPLOUGH.profile?.id)) {
      const { asIs, carried } = other(display);
      const on = { profile: display, bike, choice };
      expect(asIs.cap, display.name).toEqual(columnOf("tried", carried?.raws ?? [], on).cap);
    }
  });
  it("is nothing to weigh where it is the one on the bike, and is weighed beside parts", () => {
    expect(upgradeOf(SNOWPLOUGH, SNOWPLOUGH.profile)).toBeNull();
    expect(upgradeOf(thinking({ newTyre: "50-559" }), SNOWPLOUGH.profile)?.carried).toBeNull();
    const both = other(BRACKEN, { newTyre: "50-559" });
    expect(both.changed).toEqual(["tyre"]);
    expect(both.carried).not.toBeNull();
  });
  it("does not take a pack it is not made for", () => {
    const takes = BRACKEN.acceptsNominalV[0] ?? 0;
    const fitsOf = (newPackV: number) =>
      other(BRACKEN, { newPackV: String(newPackV) }).fits.find(({ key }) => key === "display-volts")?.fits;
    expect(fitsOf(takes)).toBe(takes === 48 ? undefined : true);
    expect(fitsOf(96)).toBe(false);
  });
  it("makes every answered check due again, and fitted it is a swap with its parts in one deed", () => {
    const proven = checked(readBack(programmed(SNOWPLOUGH)));
    const answered = Object.keys(proven.checks);
    expect([...other(BRACKEN, {}, proven).stale].sort()).toEqual([...answered].sort());
    const after = fitParts(thinking({ newDisplay: BRACKEN.id, newTyre: "50-559" }, proven), BRACKEN, AT, "Tyre 50-559");
    expect(after.profile?.id).toBe(BRACKEN.id);
    expect(after.intake.tyre).toBe("50-559");
    expect(after.intake.newDisplay).toBeUndefined();
    expect(after.events.slice(-3).map(({ kind }) => kind)).toEqual(["part-changed", "sealed", "display-swapped"]);
    const due = workOut(after).checks.filter(({ check }) => answered.includes(check.id));
    expect(due.filter(({ verdict }) => verdict === "passed")).toEqual([]);
  });
  it("fitted alone is a swap and nothing else", () => {
    const after = fitParts(SNOWPLOUGH, BRACKEN, AT, "");
    expect(after.events.at(-1)?.kind).toBe("display-swapped");
    expect(after.events.some(({ kind }) => kind === "part-changed")).toBe(false);
    expect(after.sheets.at(-1)?.kind).toBe("as-found");
  });
});

describe("fitting it", () => {
  const proven = checked(readBack(programmed(SNOWPLOUGH)));
  it("names beforehand the answered checks that rest on it, and makes just those due", () => {
    const { stale } = weighed({ newTyre: "50-559" }, proven);
    expect(stale.length).toBeGreaterThan(0);
    const after = fitParts(thinking({ newTyre: "50-559" }, proven), null, AT, "Tyre");
    const due = workOut(after).checks.flatMap(({ check, verdict }) => (verdict === "due-again" ? [check.id] : []));
    expect(due).toEqual(expect.arrayContaining([...stale]));
  });
  it("moves the facts, drops what was measured of the old part, and stands in the log", () => {
    const after = fitParts(thinking({ newTyre: "50-559", newPackAh: "20", partCost: "90" }), null, AT, "Tyre 50-559");
    expect(after.intake).toMatchObject({ tyre: "50-559", packAh: "20" });
    expect(after.intake.rolloutMm).toBeUndefined();
    expect(Object.keys(after.intake).filter((key) => key.startsWith("new") || key.startsWith("part"))).toEqual([]);
    expect(after.events.at(-1)).toEqual({ at: AT, kind: "part-changed", detail: "Tyre 50-559" });
    expect(fitParts(SNOWPLOUGH, null, AT, "nothing")).toBe(SNOWPLOUGH);
  });
});
