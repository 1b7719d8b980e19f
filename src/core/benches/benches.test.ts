// The benches on whole bikes: what they say, what they refuse to say, and that nothing on them is guessed where a fact
// is missing.
import { describe, expect, it } from "vitest";
import { classById } from "@/catalog/classes/classes";
import { BRACKEN } from "@/catalog/displays/bracken";
import { LATHE } from "@/catalog/displays/lathe";
import { OSTLER } from "@/catalog/displays/ostler";
import { PINFOLD } from "@/catalog/displays/pinfold";
import { QUILLON } from "@/catalog/displays/quillon";
import { TARN } from "@/catalog/displays/tarn";
import { WINDROW } from "@/catalog/displays/windrow";
import { standInRaws, linesOf, rawValues, readShown, settingsOf, shows, type DisplayProfile } from "../display";
import { appliedCap } from "../applied/applied";
import { readIntake } from "../facts/bike";
import type { IntakeText } from "../facts/intake";
import { takenAs } from "../facts/fields";
import { calibrationBench } from "./calibrationBench";
import { readFacts } from "../facts/everyFact";
import { FIGURES, FIGURE_KEYS } from "../facts/figures";
import { readNumbers, readSpeeds, readRuns, runRows, withRunCell, withRunsPasted, withSteadyRun } from "../facts/lists";
import { readPack } from "../facts/pack";
import { currentSense, ladderBench, startBench } from "./ladderBench";
import { movableRows, outcomeOf, withMoved } from "./outcome";
import { batteryBench, currentBench } from "./packBench";
import { sharesOn } from "../applied/levels";
import { levelsOf, rideOf } from "./rideOf";
import { INTAKE_FIELDS } from "../facts/intake";
import { columnOf, makeSheet } from "../sheet";
import { pickUpBench, wheelBench } from "./wheelBench";

const FAT: IntakeText = {
  tyre: "100-559",
  rolloutMm: "4620",
  rolloutTurns: "2",
  tapeErrorMm: "6",
  motorKind: "geared-hub",
  motorRatedW: "250",
  packV: "48",
  packAh: "15",
  bmsA: "25",
  controllerA: "20",
};
const epac = {
  rule:
    classById("eu-epac") ??
    (() => {
      throw new Error("no class");
    })(),
  acceptedKmh: null,
};
const bikeOf = (intake: IntakeText = FAT) => readIntake(intake).bike;
/** Maker's values with some lines set to what they show, by code. */
const rawsOf = (profile: DisplayProfile, set: Readonly<Record<string, string>> = {}): readonly number[] =>
  linesOf(profile).map(({ code, encoding, factoryRaw }) => {
    const wanted = set[code];
    if (wanted === undefined) return factoryRaw ?? 0;
    const reading = readShown(encoding, wanted);
    if (!reading.ok) throw new Error(`${code} never shows ${wanted}`);
    return reading.raw;
  });
const tarn26 = rawsOf(TARN, { "43": "2", "51": "26", "53": "25" });

describe("figures", () => {
  it("share no name with the intake, since both are kept in one record", () => {
    expect(FIGURE_KEYS.filter((key) => key in INTAKE_FIELDS)).toEqual([]);
  });
  it("a figure that cannot be taken is named and counts as not said; its guess stands in", () => {
    const facts = readFacts({ riderKg: "heavy", bikeKg: "19", runs: "" });
    expect(facts.problems.riderKg).toMatchObject({ key: "field.not-a-number", min: 25, max: 200 });
    expect([facts.number("riderKg"), facts.said("riderKg"), facts.number("bikeKg")]).toEqual([80, false, 19]);
  });
  it("runs are taken a pair a line, and the lines that are none are named", () => {
    const { runs, problems } = readRuns("12,1 10.9\n\n16.0;14.3\nabout 20\n24.1\t21.6");
    expect(runs).toEqual([
      { trueKmh: 12.1, shown: 10.9 },
      { trueKmh: 16, shown: 14.3 },
      { trueKmh: 24.1, shown: 21.6 },
    ]);
    expect(problems).toEqual([{ key: "list.not-a-pair", line: 4, typed: "about 20" }]);
    expect(readRuns("12 11\n16\n999\n20 1 1")).toMatchObject({ unfinished: [2], problems: [{ line: 3 }, { line: 4 }] });
  });
  it("a run is typed cell by cell, loses nothing, and goes when it is emptied", () => {
    const first = withRunCell("", 0, 0, "12.1");
    const both = withRunCell(first, 0, 1, "10.9");
    expect([first, both, runRows(both)]).toEqual(["12.1 ", "12.1 10.9", ["12.1 10.9", ""]]);
    expect(withRunCell(withRunCell(both, 0, 0, ""), 0, 1, "")).toBe("");
    expect(withSteadyRun(both, 18.04)).toBe("12.1 10.9\n18");
    expect(withRunsPasted(both, 1, "16\t14.3\n20;18")).toBe("12.1 10.9\n16 14.3\n20 18");
  });
  it("a figure may name a unit of its own, and says what it is taken as", () => {
    const facts = readFacts({ riderKg: "170 lb", offGroundKmh: "20 mph", bikeKg: "4 kW" });
    expect(facts.number("riderKg")).toBeCloseTo(77.11, 2);
    expect(facts.number("offGroundKmh")).toBeCloseTo(32.187, 3);
    expect(facts.problems.bikeKg?.key).toBe("field.not-a-number");
    expect(takenAs(FIGURES.riderKg, "170 lb")).toBeCloseTo(77.11, 2);
    expect([
      takenAs(FIGURES.riderKg, "80"),
      takenAs(FIGURES.riderKg, "80 kg"),
      takenAs(FIGURES.riderKg, "900 lb"),
    ]).toEqual([null, null, null]);
    expect(readIntake({ rolloutMm: "90.9 in" }).bike.rollout?.mm).toBeCloseTo(2308.86, 2);
    expect(readSpeeds("10 15 20 mph").values.map((kmh) => Number(kmh.toFixed(3)))).toEqual([16.093, 24.14, 32.187]);
    expect(readSpeeds("10 fast").problem).toMatchObject({ typed: "fast" });
  });
  it("numbers in a row, or the one that is none", () => {
    expect(readNumbers("15 17.5/20", 1, 50)).toEqual({ values: [15, 17.5, 20], problem: null });
    expect(readNumbers("15 fast", 1, 50).problem).toEqual({ key: "list.not-a-number", typed: "fast", min: 1, max: 50 });
  });
  it("cells in series: said before the charger, the charger before what is usual", () => {
    const series = (intake: IntakeText, typed: Record<string, string> = {}) =>
      readPack(readIntake({ ...intake, ...typed }).bike, readFacts(typed));
    expect(series({ packV: "48" })).toMatchObject({ seriesFrom: "nominal", pack: { series: 13 } });
    expect(series({ packV: "48", chemistry: "lfp" }, { chargerV: "58.4" })).toMatchObject({
      seriesFrom: "charger",
      pack: { series: 16 },
    });
    expect(series({ packV: "48", series: "14" }, { chargerV: "54.6" })).toMatchObject({
      seriesFrom: "said",
      pack: { series: 14 },
    });
    expect(series({}).pack).toBeNull();
    expect(series({ packV: "48" }, { chargerV: "54.6" }).chargerProblem).toBeNull();
    expect(series({ packV: "48" }, { chargerV: "42" }).chargerProblem).toMatchObject({
      key: "charger.other-pack",
      cells: 10,
      usual: [13],
    });
    expect(series({ packV: "48" }, { chargerV: "45" }).chargerProblem).toMatchObject({ key: "charger.no-whole-cells" });
  });
});

describe("the wheel bench", () => {
  const ask = { bike: bikeOf(), facts: readFacts({}), profile: TARN, raws: tarn26, choice: epac };
  // Common practice, no source: the worked example of the trade.
  it("finds code 29 for a fat tyre set as 26, and where the cap bites before and after", () => {
    const { choices } = wheelBench(ask);
    const [now, best] = choices;
    expect(now).toMatchObject({
      what: "as-found",
      r: expect.closeTo(0.898, 3),
      capNow: { nominal: expect.closeTo(27.84, 1) },
    });
    expect(best).toMatchObject({
      what: "best-wheel",
      changes: [{ code: "51", from: "26", to: "29" }],
      r: expect.closeTo(1.0018, 4),
      capToSet: { shown: "25", trueKmh: { nominal: expect.closeTo(24.96, 2) } },
    });
  });
  it("sees the cap exactly as the sheet does, on every shipped display with a wheel line", () => {
    for (const profile of [TARN, WINDROW, LATHE, OSTLER]) {
      const raws = standInRaws(profile);
      const bike = { ...bikeOf(), pulsesPerTurn: profile === WINDROW ? 6 : 1 };
      const now = wheelBench({ ...ask, profile, raws, bike }).choices.find(({ what }) => what === "as-found");
      const cap = appliedCap(profile, raws, bike);
      if (!now?.capNow || cap.kind !== "true") continue;
      expect([now.capNow.low, now.capNow.nominal, now.capNow.high].map((kmh) => kmh.toFixed(6))).toEqual(
        [cap.kmh.low, cap.kmh.nominal, cap.kmh.high].map((kmh) => kmh.toFixed(6)),
      );
    }
  });
  it("says what it lacks instead of a figure", () => {
    expect(wheelBench({ ...ask, profile: null }).lacks).toBe("display");
    expect(wheelBench({ ...ask, bike: bikeOf({}) }).lacks).toBe("rollout");
    expect(wheelBench({ ...ask, raws: [] }).choices.find(({ what }) => what === "as-found")).toBeUndefined();
  });
  it("best of both is never worse than best of one, on every shipped display with both lines", () => {
    for (const profile of [TARN, WINDROW, LATHE, QUILLON]) {
      const off = (what: string) =>
        Math.abs(
          Math.log(
            wheelBench({
              ...ask,
              profile,
              raws: standInRaws(profile),
              bike: { ...bikeOf(), pulsesPerTurn: profile === WINDROW ? 6 : 1 },
            }).choices.find((each) => each.what === what)?.r ?? Number.NaN,
          ),
        );
      if (Number.isNaN(off("best-pair"))) continue;
      expect(off("best-pair")).toBeLessThanOrEqual(off("best-wheel") + 0.003);
    }
  });
  it(
    "counts one pulse where a switch has the wheel's own sensor in use, and " +
      "says so where a preset hides the count",
    () => {
      const bench = (sensor: string, intake: IntakeText) =>
        wheelBench({ ...ask, profile: PINFOLD, raws: rawsOf(PINFOLD, { q8: sensor }), bike: bikeOf(intake) });
      const counting = (sensor: string, intake: IntakeText) =>
        bench(sensor, intake).choices.find(({ what }) => what === "as-found")?.counting;
      const rolled: IntakeText = { rolloutMm: "2100", pickUp: "spoke-magnet", pulsesPerTurn: "1" };
      const inMotor: IntakeText = { rolloutMm: "2100", pickUp: "inside-motor", pulsesPerTurn: "80" };
      const [wheel = "", motor = ""] = ["0", "1"];
      expect(counting(wheel, rolled)).toMatchObject({ given: 1, set: 1 });
      expect(counting(motor, inMotor)).toMatchObject({ given: 80, set: 80 });
      // One sensor on the bike, the other counted: no number follows from that.
      expect(bench(motor, rolled).lacks).toBe("pulses");
      expect(bench(wheel, inMotor).lacks).toBe("pulses");
      expect(bench(motor, { ...inMotor, pulsesPerTurn: "" }).lacks).toBe("pulses");
      const preset = linesOf(QUILLON).find(({ code }) => code === "3-1");
      const lacks = (preset ? rawValues(preset.encoding) : []).map(
        (raw) =>
          wheelBench({
            ...ask,
            profile: QUILLON,
            raws: rawsOf(QUILLON, { "3-1": preset ? shows(preset.encoding, raw) : "" }),
          }).lacks,
      );
      expect(lacks).toContain("pulses");
    },
  );
  it("works a pick-up back in the display's own unit", () => {
    const facts = readFacts({ oneTrueKmh: "20", oneShown: "18.0", spokeMagnets: "1" });
    expect(pickUpBench({ ...ask, facts })?.ranked[0]).toMatchObject({ meaning: "spoke-magnets", possible: true });
    expect(pickUpBench(ask)).toBeNull();
  });
});

describe("the calibration bench", () => {
  const ask = {
    bike: bikeOf(),
    facts: readFacts({ runs: "12.1 10.9\n16.0 14.3\n20.2 18.2\n24.1 21.6\n22.0 19.9" }),
    profile: TARN,
    raws: tarn26,
    choice: epac,
  };
  it("gives r with its interval, meets the prediction, and puts it right with the lines there are", () => {
    const bench = calibrationBench(ask);
    expect(bench.best).toMatchObject({ by: "runs", factor: { r: expect.closeTo(0.899, 2) } });
    expect(bench.disagrees).toBe(false);
    expect(bench.settings?.choices.find(({ what }) => what === "best-wheel")?.changes).toEqual([
      expect.objectContaining({ code: "51", to: "29" }),
    ]);
    expect(bench.impliedRollout?.mm).toBeCloseTo(2307, -1);
  });
  it("offers no lines for a sensor that jumps", () => {
    const bench = calibrationBench({ ...ask, facts: readFacts({ runs: "12 10.8\n16 11\n20 18\n24 15\n22 19.8" }) });
    expect(bench.fit?.notes.map(({ key }) => key)).toContain("calibration.jumping");
    expect([bench.settings, bench.impliedRollout]).toEqual([null, null]);
  });
  it(
    "takes a trip against a track where there are no runs, and says when it " + "and the wheel cannot both be right",
    () => {
      const bench = calibrationBench({ ...ask, facts: readFacts({ tripShown: "9.4", trackKm: "10" }) });
      expect(bench.best).toMatchObject({ by: "trip", factor: { r: expect.closeTo(0.94, 6) } });
      expect(bench.disagrees).toBe(true);
    },
  );
  it("a display in miles is compared in miles", () => {
    const ostler = rawsOf(OSTLER);
    const unitLine = linesOf(OSTLER).findIndex((line) => settingsOf(line).includes("speedUnit"));
    const { encoding } = linesOf(OSTLER)[unitLine] ?? { encoding: null };
    const found = (encoding ? rawValues(encoding) : []).map(
      (raw) =>
        calibrationBench({
          ...ask,
          profile: OSTLER,
          raws: ostler.map((each, i) => (i === unitLine ? raw : each)),
          facts: readFacts({ runs: "16.09344 10\n24.14016 15\n32.18688 20" }),
        }).fit?.r ?? Number.NaN,
    );
    // The same figures: miles an hour read as such are exact, read as km/h 38 % low.
    expect(found.map((r) => Number(r.toFixed(3))).sort()).toEqual([0.621, 1]);
    // A GPS that reads in miles, with the same ride.
    const inMiles = calibrationBench({
      ...ask,
      facts: readFacts({ runs: "10 16.09344\n15 24.14016\n20 32.18688", trueUnit: "mph" }),
    });
    expect(inMiles.fit?.r).toBeCloseTo(1, 9);
    expect(withSteadyRun("", 32.18688, "mph")).toBe("20");
  });
});

describe("battery and current", () => {
  it("a display set for 36 V on a 48 V pack: gauge full to the end, and a cut-off that runs it flat", () => {
    const raws = rawsOf(TARN, { "43": "1" });
    const bench = batteryBench(bikeOf(), readFacts({}), TARN, raws);
    expect(bench?.setV).toBe(36);
    expect(bench?.mismatches.map(({ key }) => key)).toEqual(["mismatch.gauge-always-full", "mismatch.run-flat"]);
    expect(bench?.wrongGauge?.every((row) => row.barsShown === 5)).toBe(true);
  });
  it("nothing without volts", () => expect(batteryBench(bikeOf({}), readFacts({}), null, [])).toBeNull());
  it("the current is bounded by the weakest part that is known, and the rest is named", () => {
    const bench = currentBench(bikeOf({ ...FAT, wireMm2: "0.75" }), readFacts({}), TARN, tarn26, epac, null);
    expect(bench.allowed).toMatchObject({ by: "wire", allowedA: 9 });
    expect(bench.unknown).toEqual(["connector"]);
    expect(bench.classW).toBe(250);
  });
  it("a line whose lower numbers are all full power is called what it is", () => {
    const sense = currentSense(OSTLER, standInRaws(OSTLER), bikeOf());
    expect(sense.kind === "ramp-modes" && sense.full.length).toBeGreaterThan(1);
    expect(currentSense(TARN, tarn26, bikeOf()).kind).toBe("amps");
  });
});

describe("ride and ladder", () => {
  it("names the facts it lacks, and works nothing out without them", () => {
    expect(rideOf({ bike: bikeOf({ packV: "48" }), facts: readFacts({}), on: null, cap: null })).toEqual({
      ok: false,
      missing: ["tyre", "motorKind", "motorRatedW", "controllerA"],
    });
  });
  it("a measured wheel-off-ground speed sets the machine", () => {
    const speed = (typed: Record<string, string>) => {
      const reading = rideOf({ bike: bikeOf(), facts: readFacts(typed), on: null, cap: null });
      return reading.ok && reading.ride.setup.kit.motor.kind === "hub"
        ? reading.ride.setup.kit.motor.kvRpmPerV
        : Number.NaN;
    };
    expect(speed({ offGroundKmh: "45" }) / speed({ offGroundKmh: "30" })).toBeCloseTo(1.5, 6);
  });
  it("a level's shares come from the display's lines where it has them", () => {
    for (const profile of [LATHE, QUILLON]) {
      const { shares, from } = sharesOn(profile, standInRaws(profile));
      if (from === "display") expect(shares.every((share) => share > 0 && share <= 1)).toBe(true);
      expect(shares.length).toBeGreaterThan(0);
    }
  });
  it("a designed ladder has no fewer real levels than the one that comes with the kit", () => {
    const reading = rideOf({
      bike: bikeOf(),
      facts: readFacts({}),
      on: { profile: TARN, raws: tarn26 },
      cap: appliedCap(TARN, tarn26, bikeOf()),
    });
    if (!reading.ok) throw new Error("no ride");
    const bench = ladderBench(reading.ride, readFacts({}), TARN, tarn26);
    expect(bench.designed.real).toBeGreaterThanOrEqual(bench.present.real);
    const byHand = ladderBench(reading.ride, readFacts({ shape: "by-hand", byHand: "10 x" }), TARN, tarn26);
    expect(byHand.byHandProblem).toMatchObject({ typed: "x" });
  });
  it("a ladder of tens is 20, 30 … as far as the line goes, whatever is typed of its ends", () => {
    const shares = (profile: DisplayProfile, typed: Readonly<Record<string, string>>) => {
      const on = { profile, raws: rawsOf(profile) };
      const reading = rideOf({ bike: bikeOf(), facts: readFacts({}), on, cap: null });
      if (!reading.ok) throw new Error("no ride");
      const { designed } = ladderBench(reading.ride, readFacts({ shape: "tens", ...typed }), profile, on.raws);
      return designed.rows.slice(1).map(({ share }) => Math.round(100 * share));
    };
    expect(shares(BRACKEN, { levels: "9" })).toEqual([20, 30, 40, 50, 60, 70, 80, 90, 99]);
    expect(shares(BRACKEN, { levels: "9", firstPercent: "40", topPercent: "60" })[0]).toBe(20);
    expect(shares(BRACKEN, { levels: "5" })).toEqual([20, 40, 60, 80, 99]);
    // A line in steps of five that goes to a hundred.
    expect(shares(LATHE, { levels: "9" })).toEqual([20, 30, 40, 50, 60, 70, 80, 90, 100]);
  });
  it("measured levels stand as measured, whoever the model takes the rider for", () => {
    const measured = (typed: Record<string, string>) => {
      const reading = rideOf({
        bike: bikeOf(),
        facts: readFacts({ levelKind: "speed", ...typed }),
        on: { profile: LATHE, raws: rawsOf(LATHE) },
        cap: null,
      });
      if (!reading.ok) throw new Error("no ride");
      const { rows } = ladderBench(
        {
          ...reading.ride,
          levels: levelsOf(
            Array.from(
              { length: readNumbers(typed.measuredSpeeds ?? "", 1, 150).values.length },
              (_, i) => (i + 1) / 9,
            ),
            "usual",
            readNumbers(typed.measuredSpeeds ?? "", 1, 150).values,
            readFacts(typed).number("freeKmh"),
            reading.ride.kind,
            reading.ride.setup,
            reading.ride.road,
          ),
        },
        readFacts(typed),
        LATHE,
        rawsOf(LATHE),
      ).present;
      return rows;
    };
    // Common practice, no source: five levels under a 25 cap are five, nine are five real ones. The guessed rider alone
    // is faster than some.
    const five = measured({ measuredSpeeds: "15 17.5 20 23 25.8" });
    expect(five.filter(({ twinOf }) => twinOf !== null)).toEqual([]);
    expect(five[1]).toMatchObject({ measuredKmh: 15, explained: false });
    const nine = measured({ freeKmh: "12", measuredSpeeds: "12 17 17.4 19.5 22 22.3 24 25.8 25.8" });
    expect(nine.flatMap(({ level, twinOf }) => (twinOf === null ? [] : [[level, twinOf]]))).toEqual([
      [1, 0],
      [3, 2],
      [6, 5],
      [9, 8],
    ]);
  });
  it("a start angle becomes the display's own number, whichever way it counts", () => {
    const bike = bikeOf();
    expect(startBench(bike, readFacts({ startAngleDeg: "150" }), TARN, tarn26).line).toMatchObject({
      code: "33",
      shows: "5",
      larger: "later",
      angle: { leastDeg: 120, mostDeg: 150 },
    });
    expect(startBench(bike, readFacts({ startAngleDeg: "30" }), QUILLON, standInRaws(QUILLON)).line?.larger).toBe(
      "sooner",
    );
    const sooner = Number(
      startBench(bike, readFacts({ startAngleDeg: "30" }), QUILLON, standInRaws(QUILLON)).line?.shows,
    );
    const later = Number(
      startBench(bike, readFacts({ startAngleDeg: "270" }), QUILLON, standInRaws(QUILLON)).line?.shows,
    );
    expect(sooner).toBeGreaterThan(later);
  });
});

describe("what a column of values comes to", () => {
  const bike = bikeOf();
  const sheet = makeSheet({
    profile: TARN,
    bike,
    choice: epac,
    asFound: tarn26,
    inForce: tarn26,
    byHand: { overrides: {}, unlocked: {} },
  });
  const at = (raws: readonly (number | null)[]) =>
    outcomeOf(
      { profile: TARN, bike, facts: readFacts({}) },
      columnOf("tried", raws, { profile: TARN, bike, choice: epac }),
    );
  it("the plan mends what was found, and moving the wheel back breaks it again", () => {
    const [found, target] = [at(tarn26), at(sheet.target.raws)];
    expect(found.findings.some(({ severity }) => severity === "breach")).toBe(true);
    expect(target.findings.some(({ severity }) => severity === "breach")).toBe(false);
    expect(target.levels.at(-1)?.flat.speedKmh).toBeLessThan(found.levels.at(-1)?.flat.speedKmh ?? 0);
    const wheel = sheet.rows.find(({ code }) => code === "51");
    const back = at(withMoved(sheet.target.raws, new Map([[wheel?.index ?? 0, tarn26[wheel?.index ?? 0] ?? 0]])));
    expect(back.cap).toEqual(found.cap);
  });
  it("only lines that can be set can be moved", () => {
    const codes = movableRows(sheet.rows).map(({ row }) => row.code);
    expect(codes).toContain("51");
    expect(sheet.rows.filter(({ locked }) => locked).some(({ code }) => codes.includes(code))).toBe(false);
  });
  it("without facts there are findings, and no invented levels", () => {
    const judged = { profile: TARN, bike: bikeOf({}), choice: epac };
    const outcome = outcomeOf({ ...judged, facts: readFacts({}) }, columnOf("tried", tarn26, judged));
    expect(outcome).toMatchObject({ levels: [], watts: null, topKmh: null, realLevels: null });
    expect(outcome.missing.length).toBeGreaterThan(0);
  });
});
