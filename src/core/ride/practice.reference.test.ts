// What kits really do, as practitioners tell it: common practice, no source. Within a tenth of what is told.
import { describe, expect, it } from "vitest";
import { FULL_DRIVE, likelyHub, wheelOffGroundKmh, type HubFigures } from "./kit";
import { ridePoint, steadySpeedKmh, topSpeedKmh, type RideSetup } from "./steady";
import { FLAT } from "./testingRide";

interface Told {
  readonly drive: HubFigures["drive"];
  readonly ratedW: number;
  /** Volts the motor was made for, and volts of the pack at rest. */
  readonly madeForV: number;
  readonly packV: number;
  readonly packOhm: number;
  readonly batteryA: number;
  readonly rolloutMm: number;
  readonly massKg: number;
  readonly cdaM2: number;
  readonly riderW: number;
}
const kit = (told: Told): RideSetup => ({
  kit: {
    motor: likelyHub(told.drive, told.ratedW, told.madeForV),
    pack: { openCircuitV: told.packV, resistanceOhm: told.packOhm },
    batteryA: told.batteryA,
    rolloutMm: told.rolloutMm,
    ratedW: told.ratedW,
  },
  body: { massKg: told.massKg, cdaM2: told.cdaM2 },
  rider: { powerW: told.riderW, chainEfficiency: 0.95 },
  capKmh: null,
  usableWh: 400,
  standbyW: 3,
});

const SMALL: Told = {
  drive: "geared-hub",
  ratedW: 250,
  madeForV: 36,
  packV: 37.9,
  packOhm: 0.125,
  batteryA: 15,
  rolloutMm: 2155,
  massKg: 101,
  cdaM2: 0.52,
  riderW: 100,
};
const FAT: Told = {
  drive: "geared-hub",
  ratedW: 750,
  madeForV: 48,
  packV: 54.6,
  packOhm: 0.1,
  batteryA: 25,
  rolloutMm: 2310,
  massKg: 115,
  cdaM2: 0.52,
  riderW: 0,
};
const DIRECT: Told = {
  ...FAT,
  drive: "direct-drive-hub",
  ratedW: 1000,
  packV: 52,
  batteryA: 26,
  rolloutMm: 2155,
  riderW: 100,
};

const KM_PER_MILE = 1.609344;
const within = (value: number, low: number, high: number) => {
  expect(value).toBeGreaterThan(low * 0.9);
  expect(value).toBeLessThan(high * 1.1);
};

describe("steady speeds as they are told", () => {
  it("250 W at 36 V, cap off: 28 to 32 km/h", () => within(topSpeedKmh(kit(SMALL), FLAT), 28, 32));
  it("350 W at 36 V: 35, maybe 40 km/h", () => {
    // Seven to eight rpm a volt is the faster of the windings such hubs come with.
    const quick = kit({ ...SMALL, ratedW: 350, batteryA: 18, packV: 41 });
    within(
      topSpeedKmh(
        { ...quick, kit: { ...quick.kit, motor: { ...likelyHub("geared-hub", 350, 36), kvRpmPerV: 7.2 } } },
        FLAT,
      ),
      35,
      40,
    );
  });
  it("750 W fat bike, full: 36 mph with the wheel up, 32 mph on the throttle", () => {
    within((wheelOffGroundKmh(kit(FAT).kit, FULL_DRIVE, null) ?? 0) / KM_PER_MILE, 36, 36);
    within(topSpeedKmh(kit(FAT), { ...FLAT, crr: 0.012 }) / KM_PER_MILE, 32, 32);
  });
  it("1000 W direct drive at 48 V: 45 to 50 km/h", () => within(topSpeedKmh(kit(DIRECT), FLAT), 45, 50));
});

it(
  "a motor on a pack of more volts than it was made for turns faster in " + "proportion, and stays the same machine",
  () => {
    const [own, more] = [36, 48].map((volts) => kit({ ...SMALL, packV: volts }));
    if (!own || !more) throw new Error("no kit");
    expect(more.kit.motor).toEqual(own.kit.motor);
    const [slow, fast] = [own, more].map((each) => wheelOffGroundKmh(each.kit, FULL_DRIVE, null) ?? 0);
    expect((fast ?? 0) / (slow ?? 1)).toBeCloseTo(48 / 36, 2);
  },
);

it("steady riding at a 25 km/h cap takes 4 to 7 Wh a kilometre", () => {
  const capped: RideSetup = { ...kit(SMALL), capKmh: 25 };
  expect(steadySpeedKmh(capped, FULL_DRIVE, FLAT)).toBeGreaterThan(24);
  within(ridePoint(capped, FULL_DRIVE, FLAT).whPerKm ?? 0, 4, 7);
});
