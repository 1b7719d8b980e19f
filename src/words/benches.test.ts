import { describe, expect, it } from "vitest";
import type { Ride } from "@/core/benches/rideOf";
import { FIGURES, FIGURE_KEYS } from "@/core/facts/figures";
import { SMALL_HUB, FLAT } from "@/core/ride/testingRide";
import { FULL_DRIVE, ridePoint } from "@/core/ride";
import { calibrate } from "@/core/wheel/calibration";
import { cutOffOf, packOhm, type Pack } from "@/core/battery/gauge";
import { batteryWatts } from "@/core/battery/watts";
import { calibrationNoteText, chargerProblemText, listProblemText, mismatchText, trackProblemText } from "./benches";
import { FACT_WORDS } from "./facts";
import { partInSentence } from "./parts";
import { distance, speedList, whPer } from "./speak";
import {
  chargeWorking,
  cutOffWorking,
  fitWorking,
  halfWidthWords,
  impliedRolloutWorking,
  linesWorking,
  massWorking,
  offGroundWorking,
  packWorking,
  percentWorking,
  residualWorking,
  rideWorking,
  topSpeedWorking,
  wattsWorking,
} from "./workings";

const PACK: Pack = { chemistry: "nmc", series: 13, parallel: 4, cellOhm: 0.05, aged: true, temperatureC: 10 };
const RIDE: Ride = {
  setup: SMALL_HUB,
  road: FLAT,
  levels: [],
  kind: { kind: "current", topKmh: 25, topTimesRider: 3 },
  massKg: 101,
  motorKg: 3,
  packKg: 3.5,
  nominalWh: 444,
  capUnknown: null,
};

describe("figures in words", () => {
  it("every figure has a label, and every option of one too", () => {
    for (const key of FIGURE_KEYS) {
      const field = FIGURES[key];
      expect(FACT_WORDS[key].label.length, key).toBeGreaterThan(2);
      if (field.kind === "option")
        expect(Object.keys(FACT_WORDS[key].options ?? {}).sort(), key).toEqual([...field.options].sort());
    }
  });
  it("no two figures of one kind of number are called the same", () => {
    const labels = FIGURE_KEYS.map(
      (key) =>
        `${FACT_WORDS[key].label} ` +
        `${FIGURES[key].kind === "number" ? (FIGURES[key] as { unit: string | null }).unit : ""}`,
    );
    const twice = labels.filter((label, i) => labels.indexOf(label) !== i);
    // A course and a single reading both ask what the display showed.
    expect(twice).toEqual(["The display showed null"]);
  });
});

describe("what the benches say", () => {
  it("names what is wrong and what would be accepted", () => {
    expect(listProblemText({ key: "list.not-a-pair", line: 4, typed: "about 20" })).toBe(
      "Line 4, “about 20”: give two speeds, true then shown, such as 20.1 22.3.",
    );
    expect(listProblemText({ key: "list.not-a-number", typed: "x", min: 8, max: 60 })).toContain("8 to 60");
    expect(trackProblemText({ key: "gpx.not-xml", detail: "12:4: unclosed tag: trkpt" })).toBe(
      "This is not a whole GPX file: unclosed tag: trkpt",
    );
    expect(trackProblemText({ key: "track.too-few-fixes", fixes: 3 })).toContain("Only 3 fixes");
  });
  it("says an offset with its sign, and a jumping sensor with both scatters", () => {
    expect(calibrationNoteText({ key: "calibration.offset", offsetKmh: -1.6, t: 5, critical: 3 }, "kmh")).toContain(
      "−1.6 km/h at every speed",
    );
    expect(calibrationNoteText({ key: "calibration.jumping", scatterKmh: 2.1, expectedKmh: 0.2 }, "kmh")).toMatch(
      /2\.1 km\/h where 0\.2/,
    );
  });
  it("says what a wrong setting does to the pack", () => {
    expect(mismatchText({ key: "mismatch.early-cut", setV: 48, packV: 36, chargeLeft: 0.86 })).toContain(
      "86 % still in the pack",
    );
    expect(chargerProblemText({ key: "charger.other-pack", chargerV: 42, cells: 10, packV: 48, usual: [13] })).toBe(
      "A charger of 42 V is for 10 cells in series; a 48 V pack has 13. Do not charge until you know which is wrong.",
    );
    expect(partInSentence("bms")).toBe("BMS");
    expect(partInSentence("wire")).toBe("wire");
  });
});

describe("workings carry the bike's own numbers", () => {
  it("of a fit", () => {
    const fit = calibrate(
      [
        { trueKmh: 10, shownKmh: 9 },
        { trueKmh: 20, shownKmh: 18.1 },
        { trueKmh: 30, shownKmh: 26.9 },
      ],
      { stepKmh: 0.1, truncates: false },
    );
    expect(fit && fitWorking(fit, "kmh").join("\n")).toMatch(/over 3 runs[\s\S]*t\(0\.975, 2\)·SE = ± 4\.303/);
  });
  it("of a pack, its cut-off and its watts", () => {
    expect(packWorking(PACK, packOhm(PACK))[0]).toBe("R = 13 × 50 mΩ ÷ 4 × 2 (aged) × 1.5 (cold) = 488 mΩ");
    expect(cutOffWorking(PACK, cutOffOf(PACK, 20, 0.5), 20).join("\n")).toMatch(
      /cells: 13 × 3\.1 V = 40\.3 V[\s\S]*rounded up = 40\.5 V/,
    );
    expect(wattsWorking(batteryWatts(PACK, 48, 22), 48, 22)[0]).toBe("label: 48 V × 22 A = 1056 W");
  });
  it("of a ride", () => {
    const lines = rideWorking(RIDE, ridePoint(SMALL_HUB, FULL_DRIVE, FLAT), 0, "kmh").join("\n");
    expect(lines).toContain("½ × 1.225 × 0.52");
    expect(lines).toContain("101 kg × 9.807");
    expect(lines).toMatch(/range = 400 Wh usable/);
  });
  it("speaks in the class's unit", () => {
    expect(distance(40, "mph")).toBe("25 mi");
    expect(whPer(10, "kmh")).toBe("10.0 Wh/km");
    expect(whPer(10, "mph")).toBe("16.1 Wh/mi");
    expect(speedList([24.1, 32.2], "mph")).toBe("15 20 mph");
  });
});

describe("workings of the benches", () => {
  it("show a run against the factor, in the unit shown", () => {
    expect(residualWorking(18.2, 20.2, 0.9, "kmh")[0]).toBe("shown − r × true = 18.2 km/h − 0.9000 × 20.2 km/h");
    expect(residualWorking(16.09344, 16.09344, 1, "mph")[0]).toBe("shown − r × true = 10 mph − 1.0000 × 10 mph");
  });

  it("show what calibrated lines come to, and the rollout that follows", () => {
    expect(linesWorking(0.9, 1.0026)).toEqual([
      "calibrated r = 0.9000 with the lines as they stand",
      "r with these lines = 0.9000 × new circumference ÷ old × old pulses ÷ new = 1.0026",
    ]);
    // 100 % ÷ 0.9 = 111.11 %; 2075 mm ÷ 0.9 = 2305.6 mm.
    expect(percentWorking(100, 0.9, 100 / 0.9)).toEqual(["set 100 % ÷ r 0.9000 = 111.11 %"]);
    expect(impliedRolloutWorking(2075, 0.9, 2075 / 0.9)[1]).toBe("÷ r 0.9000 = 2305.6 mm");
  });

  it("tell half the width of an interval as a share of its factor", () =>
    expect(halfWidthWords({ r: 0.9, low: 0.882, high: 0.918 })).toBe("±2 %"));

  it("show a hub's free speed out of volts, resistance and Kv, and none for a mid-drive", () => {
    const [line] = offGroundWorking(RIDE);
    expect(line).toMatch(/^\(37\.9 V − [\d.]+ A × \d+ mΩ\) × [\d.]+ rpm\/V × rollout$/);
    const mid = { kind: "mid", efficiency: 0.8, crankTorqueNm: 80 } as unknown as Ride["setup"]["kit"]["motor"];
    expect(offGroundWorking({ ...RIDE, setup: { ...RIDE.setup, kit: { ...RIDE.setup.kit, motor: mid } } })).toEqual([]);
  });

  it("show the charge that can be used, or none where the pack's is not known", () => {
    const known = { ...RIDE, nominalWh: 360, setup: { ...RIDE.setup, usableWh: 324 } };
    expect(chargeWorking(known)[0]).toBe("360 Wh × 0.9 at this temperature = 324 Wh");
    expect(chargeWorking({ ...known, nominalWh: null })).toEqual([]);
    expect(chargeWorking({ ...known, setup: { ...known.setup, usableWh: null } })).toEqual([]);
    expect(massWorking({ ...RIDE, motorKg: 3.2, packKg: 2.4 })[0]).toBe(
      "rider, bike and load + motor 3.2 kg + pack 2.4 kg",
    );
    expect(topSpeedWorking(RIDE, "kmh")[0]).toMatch(/^load = ½ × /);
  });
});
