// What each kind of line makes of the bike, held against figures worked out by hand.
import { describe, expect, it } from "vitest";
import { LATHE } from "@/catalog/displays/lathe";
import { OSTLER } from "@/catalog/displays/ostler";
import { PINFOLD } from "@/catalog/displays/pinfold";
import { SKERRY } from "@/catalog/displays/skerry";
import { TARN } from "@/catalog/displays/tarn";
import { WINDROW } from "@/catalog/displays/windrow";
import { factoryRaws, linesOf, settingsOf, type DisplayProfile, type SettingKey } from "../display";
import {
  appliedCap,
  appliedCurrentA,
  asApplied,
  decoded,
  pulsesSet,
  readOut,
  speedometer,
  type Raws,
} from "../applied/applied";
import { readIntake } from "../facts/bike";
import { hazards } from "./hazards";

const { bike } = readIntake({
  tyre: "50-559",
  rolloutMm: "2050",
  rolloutTurns: "1",
  tapeErrorMm: "5",
  controllerA: "20",
  packV: "36",
  throttleFitted: "yes",
});
const lineOf = (profile: DisplayProfile, setting: SettingKey): number =>
  linesOf(profile).findIndex((line) => settingsOf(line).includes(setting));
const withLine = (profile: DisplayProfile, setting: SettingKey, raw: number | null): Raws =>
  factoryRaws(profile).map((held, i) => (i === lineOf(profile, setting) ? raw : held));

describe("lines as they act on the bike", () => {
  it("a calibration of 90 % shows nine tenths of what 100 % shows", () => {
    const at = (percent: number) =>
      speedometer(OSTLER, withLine(OSTLER, "speedCalibrationPercent", percent), bike)?.r.nominal ?? Number.NaN;
    expect(at(90) / at(100)).toBeCloseTo(0.9, 12);
    expect(at(110) / at(100)).toBeCloseTo(1.1, 12);
  });
  it("a cap held in the unit shown is open in its unit while that line is unread; one held in km/h is not", () => {
    const throttleCap = (unit: number | null) => {
      const raws = withLine(OSTLER, "speedUnit", unit).map((raw, i) =>
        i === lineOf(OSTLER, "throttleCapKmh") ? 20 : raw,
      );
      return asApplied(OSTLER, raws, bike).throttleCap;
    };
    expect(throttleCap(null)).toMatchObject({ unitOpen: true, shownKmh: expect.closeTo(32.187, 3) });
    expect(throttleCap(0)).toMatchObject({ unitOpen: false, shownKmh: 20 });
    const inKmh = withLine(LATHE, "speedUnit", null).map((raw, i) => (i === lineOf(LATHE, "assistCapKmh") ? 25 : raw));
    expect(appliedCap(LATHE, inKmh, bike)).toMatchObject({ kind: "true", unitOpen: false });
  });
  it(
    "a switch between two sensors: the wheel's counts one a turn, the motor's " +
      "what its line says, unread is unknown",
    () => {
      const geared = { ...bike, pulsesPerTurn: 6 };
      expect(pulsesSet(PINFOLD, withLine(PINFOLD, "speedSensor", 0), geared)).toBe(1);
      const motor = withLine(PINFOLD, "speedSensor", 1);
      expect(pulsesSet(PINFOLD, motor, geared)).toBe(decoded(PINFOLD, motor, "motorPulses"));
      expect(pulsesSet(PINFOLD, withLine(PINFOLD, "speedSensor", null), geared)).toBeNull();
    },
  );
  it("a share of the current is one of what this controller gives, and unknown where nobody knows that", () => {
    expect(appliedCurrentA(PINFOLD, withLine(PINFOLD, "currentShare", 6), bike)).toBeCloseTo(12, 9);
    expect(appliedCurrentA(PINFOLD, withLine(PINFOLD, "currentShare", 6), { ...bike, controllerA: null })).toBeNull();
    expect(appliedCurrentA(PINFOLD, withLine(PINFOLD, "currentShare", null), bike)).toBeNull();
  });
  it("a drive mode that knows the pedals only switches the throttle off, whatever else is set", () => {
    for (const profile of [LATHE, WINDROW]) {
      const modes = [0, 1, 2].map((raw) => {
        const raws = withLine(profile, "driveMode", raw);
        return [decoded(profile, raws, "driveMode"), asApplied(profile, raws, bike).throttleMode] as const;
      });
      expect(modes.filter(([drive]) => drive === "assist-only").map(([, throttle]) => throttle)).toEqual(["off"]);
      // Where pedals and grip both drive, the throttle's own line says how.
      const both = modes.findIndex(([drive]) => drive === "both");
      const raws = withLine(profile, "driveMode", both);
      expect(modes[both]?.[1]).toBe(decoded(profile, raws, "throttleMode") ?? "full");
    }
  });
  it(
    "a cap of unknown scale is what was measured of it, half a kilometre an " + "hour either way, and else unmeasured",
    () => {
      const raws = withLine(SKERRY, "assistCapKmh", 12);
      expect(appliedCap(SKERRY, raws, bike)).toEqual({ kind: "unmeasured", basis: "unknown" });
      const measured = (on: { readonly rolloutMm: number; readonly r: number | null } | null): DisplayProfile => ({
        ...SKERRY,
        lines: SKERRY.lines.map((line) =>
          line.encoding.kind === "unknown-scale" && line.encoding.setting === "assistCapKmh"
            ? { ...line, encoding: { ...line.encoding, measured: [{ raw: 12, value: 24.6, ...(on ? { on } : {}) }] } }
            : line,
        ),
      });
      const meter = readOut(SKERRY, raws, bike);
      const rolloutMm = bike.rollout?.mm ?? Number.NaN;
      if (meter.kind === "unknown") throw new Error("no read-out");
      const r = meter.r.nominal;
      expect(appliedCap(measured({ rolloutMm, r }), raws, bike)).toMatchObject({
        kind: "true",
        kmh: { nominal: 24.6, low: expect.closeTo(24.1, 9), high: expect.closeTo(25.1, 9) },
      });
      // Nobody says on which bike, or what its display showed: it is to be measured again.
      const again = { kind: "unmeasured", basis: "unknown" };
      expect(appliedCap(measured(null), raws, bike)).toEqual(again);
      expect(appliedCap(measured({ rolloutMm, r: null }), raws, bike)).toEqual(again);
      expect(appliedCap(measured({ rolloutMm: 0.9 * rolloutMm, r: null }), raws, bike)).toEqual(again);
      // On a wheel a tenth larger than it was measured with, its display then as true: the motor's own ends it a tenth
      // faster, the speed shown where it did; with a display that then read a tenth low it is the other way round.
      expect(appliedCap(measured({ rolloutMm: rolloutMm / 1.1, r }), raws, bike)).toMatchObject({
        kmh: { nominal: 24.6, high: expect.closeTo(24.6 * 1.1 + 0.5, 6) },
      });
      expect(appliedCap(measured({ rolloutMm, r: 0.9 * r }), raws, bike)).toMatchObject({
        kmh: { nominal: expect.closeTo(24.6 * 0.9, 6), high: expect.closeTo(25.1, 6) },
      });
    },
  );
});

describe("hazards, to the half volt and by the motor", () => {
  const found = (raws: Raws, motorKind = "geared-hub", packV = "48") =>
    hazards(LATHE, raws, readIntake({ packV, chemistry: "nmc", motorKind }).bike).map(({ message }) => message.key);
  it("a cut-off half a volt under the cells' floor is under it; one at the floor is not", () => {
    // 13 cells at 3.0 V are 39 V.
    expect(found(withLine(LATHE, "cutOffV", 385))).toContain("hazard.cut-off-too-low");
    expect(found(withLine(LATHE, "cutOffV", 390))).not.toContain("hazard.cut-off-too-low");
  });
  it("a level above 0 at power-on moves a bike whose throttle is live; level 0 does not", () => {
    const live = (raw: number) => {
      const raws = withLine(TARN, "levelAtPowerOn", raw).map((held, i) =>
        i === lineOf(TARN, "throttleMode") ? 0 : held,
      );
      const rider = readIntake({ packV: "48", throttleFitted: "yes" }).bike;
      return hazards(TARN, raws, rider).map(({ message }) => message.key);
    };
    expect(live(1)).toContain("hazard.moves-at-power-on");
    expect(live(0)).not.toContain("hazard.moves-at-power-on");
  });
  it("regeneration works through a direct drive only: on any other motor it is cautioned", () => {
    const raws = withLine(LATHE, "regenShare", 2);
    expect(found(raws, "geared-hub")).toContain("hazard.regeneration");
    expect(found(raws, "mid-drive")).toContain("hazard.regeneration");
    expect(found(raws, "direct-drive-hub")).not.toContain("hazard.regeneration");
    expect(found(withLine(LATHE, "regenShare", 0), "geared-hub")).not.toContain("hazard.regeneration");
  });
});
