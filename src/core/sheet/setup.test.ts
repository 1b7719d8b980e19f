import { describe, expect, it } from "vitest";
import { classById } from "@/catalog/classes/classes";
import { TARN } from "@/catalog/displays/tarn";
import { standInRaws, lineIndex, type DisplayProfile } from "../display";
import type { ClassChoice } from "../law";
import { appliedCap, speedometer } from "../applied/applied";
import { fieldProblem } from "../facts/fields";
import { readIntake } from "../facts/bike";
import { INTAKE_FIELDS, type IntakeText } from "../facts/intake";
import { hazards } from "./hazards";
import { countSheet, makeSheet, type SheetContext } from "./sheet";

const FAT: IntakeText = {
  nickname: "Test",
  tyre: "100-559",
  rolloutMm: "4620",
  rolloutTurns: "2",
  tapeErrorMm: "6",
  motorKind: "geared-hub",
  motorRatedW: "250",
  throttleFitted: "no",
  brakeCutOff: "yes",
  packV: "48",
  bmsA: "25",
  controllerA: "20",
  controllerV: "36/48",
};
const class_ = (id: string): ClassChoice => {
  const rule = classById(id);
  if (!rule) throw new Error(id);
  return { rule, acceptedKmh: null };
};
const at = (code: string) => lineIndex(TARN, code);
const found = standInRaws(TARN).with(at("53"), 25).with(at("31"), 2);
const context = (edit: Partial<SheetContext> = {}): SheetContext => ({
  profile: TARN,
  bike: readIntake(FAT).bike,
  choice: class_("eu-epac"),
  asFound: found,
  inForce: found,
  byHand: { overrides: {}, unlocked: {} },
  ...edit,
});
const targetOf = (sheet: ReturnType<typeof makeSheet>, code: string) => sheet.rows[at(code)]?.target?.raw;
const keys = (findings: readonly { message: { key: string } }[]) => findings.map((finding) => finding.message.key);

describe("the fat tyre set as 26", () => {
  const sheet = makeSheet(context());
  it("really assists to 27.8 km/h as found, and to 24.96 with the code that mends it", () => {
    expect(sheet.inForce.cap.kind === "true" && sheet.inForce.cap.kmh.nominal).toBeCloseTo(27.8, 1);
    expect(targetOf(sheet, "51")).toBe(9);
    expect(targetOf(sheet, "53")).toBe(25);
    expect(sheet.target.cap.kind === "true" && sheet.target.cap.kmh.nominal).toBeCloseTo(24.96, 2);
    expect(keys(sheet.inForce.findings)).toContain("cap.over");
    expect(keys(sheet.target.findings)).not.toContain("cap.over");
    expect(keys(sheet.mended)).toContain("cap.over");
  });
  it("brings the finding back when 26 and 25 are set by hand", () => {
    const byHand = makeSheet(context({ byHand: { overrides: { "51": 6, "53": 25 }, unlocked: {} } }));
    expect(keys(byHand.target.findings)).toContain("cap.over");
  });
  it("follows with a lower cap when only the wheel is set by hand", () => {
    const byHand = makeSheet(context({ byHand: { overrides: { "51": 6 }, unlocked: {} } }));
    expect(targetOf(byHand, "53")).toBe(22);
    expect(keys(byHand.target.findings)).not.toContain("cap.over");
  });
  it("keeps three per cent in hand while the display's code is only assumed", () => {
    const unproven: DisplayProfile = {
      ...TARN,
      lines: TARN.lines.map((line) =>
        line.encoding.kind === "wheel-code"
          ? { ...line, encoding: { ...line.encoding, circumferenceUncertainty: 0.03 } }
          : line,
      ),
    };
    expect(targetOf(makeSheet(context({ profile: unproven })), "53")).toBe(24);
  });
});

describe("what the sheet leaves alone", () => {
  const sheet = makeSheet(context());
  it("is maker-only, reserved and read-only lines, marked so", () => {
    for (const code of ["52", "54", "66"])
      expect(sheet.rows[at(code)]).toMatchObject({ changes: false, mark: "left-alone" });
  });
  it("until a maker-only line is unlocked with a reason", () => {
    const bike = { ...context().bike, pulsesPerTurn: 2 };
    expect(makeSheet(context({ bike })).rows[at("52")]).toMatchObject({ locked: true, changes: false });
    expect(
      targetOf(
        makeSheet(context({ bike, byHand: { overrides: {}, unlocked: { "52": "second magnet fitted" } } })),
        "52",
      ),
    ).toBe(2);
  });
  it("never raises the current of its own accord, and lowers it to what the parts bear", () => {
    const target = (intake: IntakeText, raw: number) =>
      targetOf(
        makeSheet(
          context({
            bike: readIntake({ ...FAT, motorRatedW: "1000", ...intake }).bike,
            asFound: found.with(at("41"), raw),
            inForce: found,
          }),
        ),
        "41",
      );
    expect(target({}, 30)).toBe(30);
    expect(target({}, 60)).toBe(40);
    expect(target({ connectorA: "16" }, 60)).toBe(32);
    // 18 AWG is 0.82 mm² (ASTM B258), at 12 A/mm².
    expect(target({ wireGauge: "18" }, 60)).toBe(19);
    // What a motor bears is from memory, and moves no line.
    expect(target({ motorRatedW: "250" }, 60)).toBe(40);
  });
  it("counts what is to be done", () => {
    const counts = countSheet(sheet);
    expect(counts.odd).toBe(sheet.rows.filter((row) => row.changes).length);
    expect(counts).toMatchObject({ breaches: 1, unknown: 0, leftAlone: 3 });
  });
});

describe("lines nobody has read", () => {
  const asFound = found.map((raw, i) => (i === at("53") || i === at("62") ? null : raw));
  const sheet = makeSheet(context({ asFound, inForce: asFound }));
  it("are unknown, with a target where one can be worked out", () => {
    expect(sheet.rows[at("53")]).toMatchObject({ inForce: null, changes: null, mark: "unknown" });
    expect(targetOf(sheet, "53")).toBe(25);
    expect(targetOf(sheet, "62")).toBe(0);
    expect(keys(sheet.inForce.findings)).toContain("cap.not-read");
  });
});

describe("missing facts narrow the plan and never fake a figure", () => {
  it("no rollout: no wheel target, no cap target, no true cap", () => {
    const bike = readIntake({ ...FAT, tyre: "", rolloutMm: "" }).bike;
    const sheet = makeSheet(context({ bike }));
    expect(sheet.rows[at("51")]?.reason).toEqual({ key: "reason.no-fact", needs: "rollout" });
    expect(sheet.target.cap).toEqual({ kind: "no-read-out", shownKmh: 25, needs: ["rollout"], unitOpen: false });
    expect(speedometer(TARN, found, bike)).toBeNull();
  });
  it("no class: nothing judged, nothing capped", () => {
    const sheet = makeSheet(context({ choice: null }));
    expect(sheet.rows[at("53")]?.reason).toEqual({ key: "reason.no-fact", needs: "class" });
    expect(keys(sheet.inForce.findings).filter((key) => key.startsWith("cap."))).toEqual([]);
  });
  it("a cap of another basis is never turned into a true speed", () => {
    for (const basis of ["own", "unknown"] as const) {
      const profile: DisplayProfile = {
        ...TARN,
        lines: TARN.lines.map((line) =>
          line.encoding.kind === "speed-cap" ? { ...line, encoding: { ...line.encoding, basis } } : line,
        ),
      };
      expect(appliedCap(profile, found, context().bike)).toEqual({ kind: "unmeasured", basis });
      expect(makeSheet(context({ profile })).rows[at("53")]?.reason).toMatchObject({ key: "reason.cap-safe", basis });
    }
  });
});

describe("hazards", () => {
  const of = (edit: IntakeText, raws: readonly number[] = found) =>
    hazards(TARN, raws, readIntake({ ...FAT, ...edit }).bike).map(
      ({ severity, message }) => `${severity} ${message.key}`,
    );
  it.each<[string, IntakeText, readonly number[], string]>([
    ["a pack the controller does not take", { packV: "52" }, found, "breach hazard.pack-not-taken"],
    ["a nominal voltage set too low", {}, found.with(at("43"), 1), "breach hazard.nominal-too-low"],
    ["one set too high", {}, found.with(at("43"), 3), "caution hazard.nominal-too-high"],
    ["a cut-off under the cells' floor", {}, found.with(at("42"), 20), "breach hazard.cut-off-too-low"],
    [
      "current past the BMS",
      { motorRatedW: "1000", controllerA: "40" },
      found.with(at("41"), 60),
      "breach hazard.current-over",
    ],
    [
      "current past the connector",
      { motorRatedW: "1000", connectorA: "15" },
      found.with(at("41"), 60),
      "breach hazard.current-over",
    ],
    ["current past what the motor bears", {}, found.with(at("41"), 60), "note hazard.current-over"],
    [
      "a line above what the controller gives, which does nothing",
      { motorRatedW: "1000" },
      found.with(at("41"), 60),
      "caution hazard.current-over",
    ],
    [
      "a live throttle at power-on",
      { throttleFitted: "yes" },
      found.with(at("31"), 0).with(at("62"), 1),
      "caution hazard.moves-at-power-on",
    ],
    ["no brake cut-off", { brakeCutOff: "no" }, found, "caution hazard.no-brake-cut-off"],
  ])("finds %s", (_, edit, raws, expected) => expect(of(edit, raws)).toContain(expected));
  it("finds nothing on a bike set as it should be", () =>
    expect(of({}, found.with(at("42"), 29).with(at("62"), 0).with(at("41"), 23))).toEqual([]));
});

describe("intake", () => {
  // Markings of sidewalls and the rims they mean: ISO 5775-1 for the bead seats, common practice, no source, for the
  // rest.
  it.each([
    ["29 x 2.25", 57, 622],
    ["26 x 4", 102, 559],
    ["700 x 38C", 38, 622],
    ["650B x 47", 47, 584],
    ["27,5 × 2.8", 71, 584],
  ])("a tyre marked %s is taken as %d-%d", (tyre, widthMm, beadSeatMm) => {
    const reading = readIntake({ ...FAT, tyre });
    expect(reading.problems.tyre).toBeUndefined();
    expect(reading.bike.tyre).toEqual({ widthMm, beadSeatMm });
  });
  it.each<[keyof typeof INTAKE_FIELDS, string, string]>([
    ["motorRatedW", "lots", "field.not-a-number"],
    ["motorRatedW", "20", "field.out-of-range"],
    ["rolloutTurns", "1.5", "field.not-whole"],
    ["motorKind", "rocket", "field.not-an-option"],
    ["nickname", "x".repeat(41), "field.too-long"],
    ["controllerV", "mains", "field.not-volts"],
    ["tyre", "fat one", "tyre.not-a-designation"],
    ["tyre", "26 x 1 3/8", "tyre.ambiguous"],
    ["tyre", "29", "tyre.width-missing"],
  ])("%s of %j is refused as %s and stays out of the bike", (key, typed, problem) => {
    expect(fieldProblem(INTAKE_FIELDS[key], typed)?.key).toBe(problem);
    expect(readIntake({ ...FAT, [key]: typed }).problems[key]?.key).toBe(problem);
  });
  it("takes commas, marks guesses, names what is missing and what disagrees", () => {
    const reading = readIntake({ nickname: "A", rolloutMm: "2055,5", tyre: "50-559" });
    expect(reading.bike.rollout).toMatchObject({ mm: 2055.5, from: "measured" });
    expect(reading.guessed).toEqual(expect.arrayContaining(["crankPulses", "pulsesPerTurn", "chemistry"]));
    expect(reading.missing).toEqual(["motorKind", "motorRatedW", "packV", "throttleFitted", "controllerA"]);
    expect(readIntake({ rolloutMm: "4110", tyre: "50-559" }).disagreement).toMatchObject({ measuredMm: 4110 });
    expect(readIntake({ tyre: "50-559" }).bike.rollout?.from).toBe("tyre");
  });
});
