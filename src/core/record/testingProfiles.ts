/**
 * Displays nobody has described: any mixture of lines as leaflets have them, each in any way it can be written down,
 * some of them locked, guessed, without effect, or only there while another stands so. For property tests.
 */
import fc from "fast-check";
import { rawValues, type Claim, type DisplayProfile, type Line, type SettingKey, type SettingValue } from "../display";
import { cap, counted, displayOf, oneOf, preset, unscaled, wheelCodes, wheelMm } from "../sheet/cases/lines";

type Made = (code: string) => fc.Arbitrary<Line>;

const always =
  (make: (code: string) => Line): Made =>
  (code) =>
    fc.constant(make(code));
const anyOf =
  (...makers: readonly Made[]): Made =>
  (code) =>
    fc.oneof(...makers.map((make) => make(code)));
const flag = (setting: SettingKey): Made =>
  anyOf(
    always((code) => oneOf(code, setting, { no: false, yes: true })),
    always((code) => oneOf(code, setting, { on: true, off: false })),
  );
const choiceOf =
  (setting: SettingKey, values: readonly SettingValue[]): Made =>
  (code) =>
    fc
      .shuffledSubarray([...values], { minLength: 2 })
      .map((some) => oneOf(code, setting, Object.fromEntries(some.map((value, i) => [String(i), value]))));
const amount =
  (setting: SettingKey, min: number, max: number, steps: readonly number[]): Made =>
  (code) =>
    fc.record({ step: fc.constantFrom(...steps), back: fc.boolean() }).map(({ step, back }) => {
      const most = Math.floor((max - min) / step);
      return counted(code, setting, { max: most, perRaw: back ? -step : step, offset: back ? min + most * step : min });
    });

const BASES = ["shown", "own", "unknown"] as const;
const LARGER = ["more", "less", "unknown"] as const;
const basis = fc.constantFrom(...BASES);

/** A line of plain numbers or choices that holds a cap, and what its number is compared with. */
const comparing =
  (make: Made): Made =>
  (code) =>
    fc.record({ line: make(code), of: basis }).map(({ line, of }) => ({
      ...line,
      encoding: { ...line.encoding, basis: of } as Line["encoding"],
    }));
const capLine =
  (setting: "assistCapKmh" | "throttleCapKmh"): Made =>
  (code) =>
    fc
      .record({
        heldIn: fc.constantFrom("kmh", "mph", "shown"),
        basis,
        none: fc.boolean(),
        rawMin: fc.integer({ min: 5, max: 15 }),
        rawMax: fc.integer({ min: 28, max: 60 }),
        endsThrottle: fc.boolean(),
      })
      .map((how) => cap(code, { ...how, setting } as Parameters<typeof cap>[1]));
const presetLine: Made = (code) =>
  fc
    .record({
      of: basis,
      options: fc.array(
        fc.record({
          assistCapKmh: fc.constantFrom<number | "uncapped">(15, 20, 25, 32, 32.18688, 45, "uncapped"),
          throttleMode: fc.constantFrom("off", "full", "follows-level"),
        }),
        { minLength: 2, maxLength: 5 },
      ),
    })
    .map(({ of, options }) => preset(code, of, options));

/** Lines by what they are about; at most one of each is on a display. */
const LINES: readonly Made[] = [
  anyOf(
    always((code) => wheelMm(code)),
    always((code) => wheelCodes(code, [16, 18, 20, 24, 26, 27.5, 28, 29])),
    always((code) => wheelCodes(code, [12, 20, 28])),
    amount("circumferenceMm", 800, 2600, [5, 10]),
  ),
  anyOf(amount("pulsesPerTurn", 1, 120, [1]), amount("motorPulses", 1, 120, [1])),
  choiceOf("speedSensor", ["wheel", "motor"]),
  amount("speedCalibrationPercent", 60, 140, [1]),
  choiceOf("speedUnit", ["kmh", "mph"]),
  anyOf(
    capLine("assistCapKmh"),
    comparing(amount("assistCapKmh", 8, 50, [1, 0.5])),
    comparing(choiceOf("assistCapKmh", [15, 20, 25, 32, "uncapped"])),
    (code) =>
      fc
        .record({ larger: fc.constantFrom(...LARGER), noneRaw: fc.constantFrom(null, 0, 9) })
        .map((how) => unscaled(code, "assistCapKmh", 9, how)),
    choiceOf("capPowerShare", [0.3, 0.5, 0.8, "uncapped"]),
    presetLine,
  ),
  anyOf(capLine("throttleCapKmh"), comparing(amount("throttleCapKmh", 5, 50, [1]))),
  choiceOf("throttleMode", ["off", "full", "follows-level"]),
  anyOf(flag("throttleAfterPedalling"), flag("throttleWalkingPace"), flag("throttleFromStandstill")),
  choiceOf("driveMode", ["assist-only", "throttle-only", "both"]),
  anyOf(amount("currentLimitA", 5, 40, [1, 0.5]), choiceOf("currentShare", [0.4, 0.6, 0.8, 1])),
  amount("cutOffV", 18, 60, [0.5, 0.1]),
  choiceOf("nominalV", [24, 36, 48, 52, 60, 72]),
  choiceOf("packChemistry", ["nmc", "lfp", "lead-acid", "own"]),
  choiceOf("motorPresetKind", ["geared-hub", "direct-drive-hub", "mid-drive", "own"]),
  flag("walkAssistOn"),
  amount("walkAssistKmh", 2, 10, [0.5, 1]),
  choiceOf("levelAtPowerOn", [0, 1, 3, "last-used"]),
  flag("cruiseOn"),
  amount("regenShare", 0, 1, [0.25]),
  amount("startPulses", 1, 24, [1]),
  amount("startStrengthShare", 0.2, 1, [0.2]),
  amount("crankPulses", 1, 36, [1]),
];

const GUESS: Claim = { from: "video", on: null, confidence: 0.4, says: "so they say", setting: null, chosen: false };

/** Any display. A line may be there only while an earlier one stands as it does. */
export const anyDisplay: fc.Arbitrary<DisplayProfile> = fc
  .tuple(...LINES.map((make, i) => fc.option(make(String.fromCharCode(97 + i)), { nil: null, freq: 2 })))
  .chain((some) => {
    const lines = some.filter((line): line is Line => line !== null);
    const twist = fc.record({
      makerOnly: fc.integer({ min: 0, max: 6 }).map((n) => n === 0),
      guessed: fc.integer({ min: 0, max: 12 }).map((n) => n === 0),
      dead: fc.integer({ min: 0, max: 15 }).map((n) => n === 0),
      hangs: fc.integer({ min: 0, max: 8 }).map((n) => n === 0),
      on: fc.nat(),
    });
    return fc.array(twist, { minLength: lines.length, maxLength: lines.length }).map((twists) =>
      displayOf(
        lines.map((line, i): Line => {
          const { makerOnly = false, guessed = false, dead = false, hangs = false, on = 0 } = twists[i] ?? {};
          const other = hangs && i > 0 ? lines[on % i] : undefined;
          const raws = other ? rawValues(other.encoding).slice(0, 1 + (on % 3)) : [];
          return {
            ...line,
            makerOnly,
            effect: dead ? "none" : "works",
            claims: guessed ? [{ ...GUESS, setting: line.encoding.setting }] : [],
            shownWhen: other ? [{ line: other.code, raws }] : null,
          };
        }),
      ),
    );
  })
  .filter(({ lines }) => lines.length > 0);
