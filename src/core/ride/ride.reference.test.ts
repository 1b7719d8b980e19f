// Road load and the motor against hand-worked examples and against a general-purpose root finder and ODE solver.
import newton from "newton-raphson-method";
import ode45 from "ode45-cash-karp";
import { describe, expect, it } from "vitest";
import { FULL_DRIVE, kvFromOffGround, likelyMid, motorAt, packW, wheelOffGroundKmh, type Drive } from "./kit";
import { airDensityKgM3, roadForces, roadLoadN, WHEEL_INERTIA_KG, type Road } from "./roadLoad";
import { netForceN, startUp, steadySpeedKmh, type RideSetup } from "./steady";
import { FLAT, SMALL_HUB } from "./testingRide";

const HILL: Road = { ...FLAT, grade: 0.05 };

const hub = SMALL_HUB;
const mid: RideSetup = { ...hub, kit: { ...hub.kit, motor: likelyMid(250) } };

describe("road load", () => {
  // Worked by hand from Martin et al. 1998: 25 km/h = 6.944 m/s; air 0.5·1.225·0.52·6.944² = 15.36 N; rolling
  // 101·9.80665·0.008 = 7.92 N.
  it("at 25 km/h on the flat: 15.36 N of air, 7.92 N of rolling, 161.7 W", () => {
    const forces = roadForces(25, hub.body, FLAT);
    expect(forces.airN).toBeCloseTo(15.36, 2);
    expect(forces.rollingN).toBeCloseTo(7.92, 2);
    expect(forces.hillN).toBe(0);
    expect((roadLoadN(25, hub.body, FLAT) * 25) / 3.6).toBeCloseTo(161.7, 1);
  });
  // By hand: sin(atan 0.05) = 0.049938, so 101·9.80665·0.049938 = 49.46 N.
  it("a 5 % hill asks 49.46 N more", () => expect(roadForces(15, hub.body, HILL).hillN).toBeCloseTo(49.46, 2));
  it("a wind from behind stronger than the ride pushes", () => {
    expect(roadForces(10, hub.body, { ...FLAT, headwindKmh: -20 }).airN).toBeLessThan(0);
    // By hand: (10 + 15) km/h of air is the 25 km/h of the example above.
    expect(roadForces(10, hub.body, { ...FLAT, headwindKmh: 15 }).airN).toBeCloseTo(15.36, 2);
  });
  // Source: ISO 2533 standard atmosphere: 1.225 at sea level, 1.112 at 1000 m (8.5 °C), 1.007 at 2000 m (2 °C).
  it.each([
    [15, 0, 1.225],
    [8.5, 1000, 1.1117],
    [2, 2000, 1.0066],
  ])("air of %d °C at %d m weighs %d kg/m³", (temperatureC, altitudeM, density) =>
    expect(airDensityKgM3(temperatureC, altitudeM)).toBeCloseTo(density, 3),
  );
});

describe("the equivalent machine", () => {
  // By hand for 250 W geared at 36 V: Kt = 60/(2π·6.5) = 1.4691; at 25 km/h ω = 20.25 rad/s, E = 29.75 V;
  // battery limit 15·(37.9 − 15·0.125) = 540.4 W gives I = (−29.75 + √(884.8 + 648.5))/0.6 = 15.69 A;
  // volts allow (37.9 − 29.75)/0.425 = 19.2 A; torque 1.4691·(15.69 − 0.6)·0.9 = 19.95 Nm.
  it("gives 19.95 Nm at 25 km/h uncapped", () => {
    const point = motorAt(hub.kit, FULL_DRIVE, null, hub.rider, 25);
    expect(packW(hub.kit.pack, 15)).toBeCloseTo(540.4, 1);
    expect(point.forceN * (2.155 / (2 * Math.PI))).toBeCloseTo(19.95, 1);
    expect(point.electricalW).toBeCloseTo(540.4, 0);
  });
  // By hand: (37.9 − 0.6·0.425)·6.5 = 244.7 rpm · 2.155 m · 60 / 1000 = 31.64 km/h.
  it("turns the wheel at 31.64 km/h off the ground, and back from there to its speed constant", () => {
    const speed = wheelOffGroundKmh(hub.kit, FULL_DRIVE, null);
    expect(speed).toBeCloseTo(31.64, 1);
    expect(kvFromOffGround(speed ?? 0, { noLoadA: 0.6, resistanceOhm: 0.3 }, hub.kit.pack, 2155)).toBeCloseTo(6.5, 9);
    expect(wheelOffGroundKmh(hub.kit, { kind: "duty", share: 0.4 }, null)).toBeCloseTo((speed ?? 0) * 0.4, 9);
  });
  it("draws what the pack allows and no more, at any speed and level", () => {
    for (const share of [0.2, 0.6, 1])
      for (let speed = 1; speed < 35; speed += 1)
        expect(motorAt(hub.kit, { kind: "current", share }, null, hub.rider, speed).electricalW).toBeLessThanOrEqual(
          packW(hub.kit.pack, 15 * share) + 1e-6,
        );
  });
});

describe("steady speed and start", () => {
  const cases: readonly (readonly [string, RideSetup, Drive, Road])[] = [
    ["no assist, flat", hub, { kind: "off" }, FLAT],
    ["hub, a fifth of the current, flat", hub, { kind: "current", share: 0.2 }, FLAT],
    ["hub, full, 5 %", hub, FULL_DRIVE, HILL],
    ["hub, half the volts, flat", hub, { kind: "duty", share: 0.5 }, FLAT],
    ["hub, 17.5 km/h level, flat", hub, { kind: "speed", endKmh: 17.5 }, FLAT],
    ["mid-drive, twice the rider, 5 %", mid, { kind: "torque", timesRider: 2 }, HILL],
    ["mid-drive, full, headwind", mid, FULL_DRIVE, { ...FLAT, headwindKmh: 20 }],
  ];
  it.each(cases)("%s: the balance is where a general-purpose root finder finds it", (_, setup, drive, road) => {
    const speed = steadySpeedKmh(setup, drive, road);
    const root = newton((v: number) => netForceN(setup, drive, road, v), speed + 0.01);
    expect(root).not.toBe(false);
    expect(Math.abs(Number(root) - speed)).toBeLessThan(0.01);
  });
  it("is one place only: gaining below it, losing above it", () => {
    for (const [, setup, drive, road] of cases) {
      const speed = steadySpeedKmh(setup, drive, road);
      for (let v = 1; v < 60; v += 0.5)
        if (Math.abs(v - speed) > 0.05) expect(Math.sign(netForceN(setup, drive, road, v))).toBe(v < speed ? 1 : -1);
    }
  });
  it.each([
    ["flat", FLAT],
    ["5 %", HILL],
  ])("the start to 10 km/h on %s is what a general-purpose ODE solver makes of it", (_, road) => {
    const start = startUp(hub, FULL_DRIVE, road);
    if (!start) throw new Error("never starts");
    const mass = hub.body.massKg + WHEEL_INERTIA_KG;
    const ride = ode45(
      [0, 0],
      (slope, [speed = 0]) => {
        slope[0] = netForceN(hub, FULL_DRIVE, road, Math.max(0, speed) * 3.6) / mass;
        slope[1] = speed;
      },
      0,
      1e-3,
      { tol: 1e-9 },
    );
    ride.steps(Infinity, start.seconds);
    const [speed = 0, way = 0] = ride.y;
    expect(speed * 3.6).toBeCloseTo(10, 2);
    expect(way).toBeCloseTo(start.metres, 2);
  });
  // By hand: 101·9.80665·sin(atan 0.2) + 7.8 = 202 N; 95 W over it is 0.47 m/s, 1.69 km/h.
  it("a rider alone still climbs, slowly: level 0 never stands while legs push", () => {
    expect(steadySpeedKmh(hub, { kind: "off" }, { ...FLAT, grade: 0.2 })).toBeCloseTo(1.69, 1);
    for (let grade = 0; grade <= 0.35; grade += 0.05)
      expect(steadySpeedKmh(hub, { kind: "off" }, { ...FLAT, grade })).toBeGreaterThan(0.8);
  });
  it("never starts where the hill is stronger", () => {
    const steep: Road = { ...FLAT, grade: 0.4 };
    expect(roadLoadN(1, hub.body, steep)).toBeGreaterThan(300);
    expect(startUp(hub, { kind: "off" }, steep)).toBeNull();
    const idle: RideSetup = { ...hub, rider: { ...hub.rider, powerW: 0 } };
    expect(steadySpeedKmh(idle, { kind: "off" }, steep)).toBe(0);
  });
});
