import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { shareReaching, twins, twinsBySpeed } from "../assist";
import { FULL_DRIVE, likelyHub, likelyMid, wheelOffGroundKmh } from "./kit";
import { driveFromMeasured, driveOf, type LadderKind } from "./ladderDrives";
import { roadForces } from "./roadLoad";
import { ridePoint, runsHot, steadySpeedKmh, topSpeedKmh, type RideSetup } from "./steady";
import { FLAT, SMALL_HUB } from "./testingRide";
import { cellCount, GRADES, hotFromGrade, sweep } from "./sweep";

const setup = SMALL_HUB;
const speedKit: LadderKind = { kind: "speed", topKmh: 25.8, topTimesRider: 3 };

describe("a sweep", () => {
  it("works out each of 9 levels on 13 grades of 2 setups once, and tells how far it is each time", () => {
    const drives = Array.from({ length: 9 }, (_, i) =>
      i === 8 ? FULL_DRIVE : { kind: "current" as const, share: (i + 1) / 9 },
    );
    const setups = [
      { setup: SMALL_HUB, drives },
      { setup: { ...SMALL_HUB, kit: { ...SMALL_HUB.kit, motor: likelyMid(250) } }, drives },
    ];
    const ask = { setups, grades: GRADES, road: FLAT };
    const run = sweep(ask);
    const shares: number[] = [];
    for (let step = run.next(); !step.done; step = run.next()) shares.push(step.value);
    expect(cellCount(ask)).toBe(9 * 13 * 2);
    expect(shares.length).toBeLessThanOrEqual(cellCount(ask));
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
  });
});

describe("what a ride comes to", () => {
  it("a cap holds the speed just under it, and the kit's own top lies above", () => {
    const speed = steadySpeedKmh(setup, FULL_DRIVE, FLAT);
    expect(speed).toBeGreaterThan(24);
    expect(speed).toBeLessThan(25);
    expect(topSpeedKmh(setup, FLAT)).toBeGreaterThan(25);
  });
  it("more grade is never faster, never less motor power below the cap, and range follows Wh/km", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.14, noNaN: true }),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        (grade, share) => {
          const here = ridePoint(setup, { kind: "current", share }, { ...FLAT, grade });
          const steeper = ridePoint(setup, { kind: "current", share }, { ...FLAT, grade: grade + 0.01 });
          expect(steeper.speedKmh).toBeLessThanOrEqual(here.speedKmh + 1e-6);
          if (here.whPerKm !== null && here.rangeKm !== null) expect(here.whPerKm * here.rangeKm).toBeCloseTo(400, 6);
          expect(here.motorW).toBeLessThanOrEqual(here.batteryW);
        },
      ),
    );
  });
  it("says nothing of range without a pack, nothing of heat without a rating", () => {
    expect(ridePoint({ ...setup, usableWh: null }, FULL_DRIVE, FLAT).rangeKm).toBeNull();
    const point = ridePoint(setup, FULL_DRIVE, { ...FLAT, grade: 0.15 });
    expect(runsHot({ ...setup, kit: { ...setup.kit, ratedW: null } }, point)).toBeNull();
    expect(runsHot(setup, point)).toBe(true);
    expect(runsHot(setup, ridePoint(setup, FULL_DRIVE, FLAT))).toBe(false);
  });
  it("a mid-drive holds its power on a hill where a small hub bogs down", () => {
    const steep = { ...FLAT, grade: 0.12 };
    const mid: RideSetup = { ...setup, kit: { ...setup.kit, motor: likelyMid(250) } };
    expect(ridePoint(mid, FULL_DRIVE, steep).motorW).toBeGreaterThan(ridePoint(setup, FULL_DRIVE, steep).motorW);
  });
});

describe("what stands behind a ride", () => {
  it("presses a bike on a slope onto the road with less than its weight: rolling goes with the cosine", () => {
    const body = { massKg: 100, cdaM2: 0.5 };
    const steep = roadForces(10, body, { ...FLAT, crr: 0.01, grade: 0.75 });
    // 3-4-5: the cosine of a rise of 3 on 4 is 0.8, its sine 0.6.
    expect(steep.rollingN).toBeCloseTo(9.80665 * 0.8, 9);
    expect(steep.hillN).toBeCloseTo(980.665 * 0.6, 9);
  });
  it("draws what display and controller need on top of the motor's, at rest too", () => {
    const idle = ridePoint({ ...setup, standbyW: 3 }, { kind: "off" }, FLAT);
    expect(idle.batteryW).toBeCloseTo(3, 9);
    const [plain, more] = [0, 5].map((standbyW) => ridePoint({ ...setup, standbyW }, FULL_DRIVE, FLAT));
    expect((more?.batteryW ?? 0) - (plain?.batteryW ?? 0)).toBeCloseTo(5, 9);
    expect(more?.heatW).toBeCloseTo(plain?.heatW ?? 0, 9);
  });
  it("a motor made for other volts turns as fast on them: Kv/n, R·n², amps/n", () => {
    const [at36, at48] = [36, 48].map((nominalV) => likelyHub("geared-hub", 250, nominalV));
    expect((at48?.kvRpmPerV ?? 0) * 48).toBeCloseTo((at36?.kvRpmPerV ?? 0) * 36, 9);
    // Rewound for 4/3 of the volts: 16/9 of the ohms, 3/4 of the amps.
    expect((at48?.resistanceOhm ?? 0) / (at36?.resistanceOhm ?? 1)).toBeCloseTo(16 / 9, 9);
    expect((at48?.phaseA ?? 0) / (at36?.phaseA ?? 1)).toBeCloseTo(3 / 4, 9);
    expect((at48?.noLoadA ?? 0) / (at36?.noLoadA ?? 1)).toBeCloseTo(3 / 4, 9);
  });
  it("a motor of half the rating has twice the resistance; one near the rating known keeps its own", () => {
    const known = likelyHub("direct-drive-hub", 1000, 48);
    expect(likelyHub("direct-drive-hub", 500, 48).resistanceOhm).toBeCloseTo(2 * known.resistanceOhm, 9);
    expect(likelyHub("direct-drive-hub", 900, 48).resistanceOhm).toBe(known.resistanceOhm);
  });
  it("half the duty turns the free wheel half as fast", () => {
    const free: RideSetup = {
      ...setup,
      capKmh: null,
      body: { massKg: 0.1, cdaM2: 1e-4 },
      rider: { ...setup.rider, powerW: 0 },
    };
    // Next to nothing holds it back.
    const road = { ...FLAT, crr: 0.001 };
    const full = wheelOffGroundKmh(setup.kit, FULL_DRIVE, null) ?? 0;
    expect(steadySpeedKmh(free, { kind: "duty", share: 0.5 }, road)).toBeCloseTo(full / 2, 1);
    expect(steadySpeedKmh(free, { kind: "duty", share: 1 }, road)).toBeCloseTo(full, 1);
  });
});

describe("the sweep", () => {
  it("gives a point for every level and grade, and tells how far it is", () => {
    const drives = [driveOf(speedKit, 0), driveOf(speedKit, 0.5), FULL_DRIVE];
    const ask = { setups: [{ setup, drives }], grades: GRADES, road: FLAT };
    const run = sweep(ask);
    const shares: number[] = [];
    let step = run.next();
    while (!step.done) {
      shares.push(step.value);
      step = run.next();
    }
    expect(shares).toHaveLength(cellCount(ask));
    expect(shares.at(-1)).toBe(1);
    expect(step.value.map((levels) => levels.map((points) => points.length))).toEqual([[13, 13, 13]]);
    expect(step.value[0]?.[2]?.[2]).toEqual(ridePoint(setup, FULL_DRIVE, FLAT));
    // A small hub on full bogs down and heats somewhere on the way up to 15 %, and never with no assist.
    expect(hotFromGrade(setup, step.value[0]?.[2] ?? [])).toBeGreaterThan(0.02);
    expect(hotFromGrade(setup, step.value[0]?.[0] ?? [])).toBeNull();
  });
});

describe("levels from measured speeds", () => {
  it("finds the level that gives the measured speed, for every kind of kit", () => {
    for (const kind of ["current", "duty", "speed", "torque"] as const) {
      const drive = driveFromMeasured({ ...setup, capKmh: 40 }, { kind, topKmh: 26, topTimesRider: 6 }, FLAT, 23);
      expect(steadySpeedKmh({ ...setup, capKmh: 40 }, drive, FLAT)).toBeCloseTo(23, 1);
    }
  });
  it("a level no faster than none is none", () => {
    const alone = steadySpeedKmh(setup, { kind: "off" }, FLAT);
    expect(driveFromMeasured(setup, speedKit, FLAT, alone + 0.2)).toEqual({ kind: "off" });
    expect(driveFromMeasured(setup, speedKit, FLAT, alone + 1.5).kind).toBe("speed");
  });
  it("shareReaching ends at the upper share where the wish is out of reach", () =>
    expect(shareReaching((share) => share, 5, 0, 1)).toBeCloseTo(1, 6));

  const feelOf = (speeds: readonly number[]) =>
    [0, ...speeds].map((speed, i) => {
      const free = { ...setup, rider: { powerW: 60, chainEfficiency: 0.95 }, capKmh: null };
      const drive = i === 0 ? ({ kind: "off" } as const) : driveFromMeasured(free, speedKit, FLAT, speed);
      const flat = ridePoint(free, drive, FLAT);
      const hill = ridePoint(free, drive, { ...FLAT, grade: 0.05 });
      return {
        flatKmh: flat.speedKmh,
        hillKmh: hill.speedKmh,
        flatBatteryW: flat.batteryW,
        hillBatteryW: hill.batteryW,
      };
    });
  // Common practice, no source: nine levels measured on a speed kit under a 25 cap hold five real speeds.
  it(
    "nine measured levels with five real speeds show their four duplicates, " + "level 1 against level 0 among them",
    () => {
      const speeds = [12, 17, 17.4, 19.5, 22, 22.3, 24, 25.8, 25.8];
      expect(twinsBySpeed([12, ...speeds]).map(({ level, sameAs }) => [level, sameAs])).toEqual([
        [1, 0],
        [3, 2],
        [6, 5],
        [9, 8],
      ]);
      const riderAlone = feelOf([])[0]?.flatKmh ?? 0;
      expect(
        twins(feelOf([riderAlone, 17, 17.4, 19.5, 22, 22.3, 24, 25.8, 25.8])).map(({ level, sameAs }) => [
          level,
          sameAs,
        ]),
      ).toEqual([
        [1, 0],
        [3, 2],
        [6, 5],
        [9, 8],
      ]);
    },
  );
  // Common practice, no source: five levels measured under a 25 cap.
  it("five levels 15 / 17.5 / 20 / 23 / 25.8 show none", () => {
    expect(twinsBySpeed([15, 17.5, 20, 23, 25.8])).toEqual([]);
    expect(twinsBySpeed([15, 20, 25.8])).toEqual([]);
    expect(twins(feelOf([15.5, 17.5, 20, 23, 25.8]).slice(1))).toEqual([]);
  });
});
