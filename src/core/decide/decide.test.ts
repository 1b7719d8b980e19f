// Decisions rest on what the other lines will hold, and on what the bike really gives.
import { describe, expect, it } from "vitest";
import { classById } from "@/catalog/classes/classes";
import { OSTLER } from "@/catalog/displays/ostler";
import { PINFOLD } from "@/catalog/displays/pinfold";
import { TARN } from "@/catalog/displays/tarn";
import { appliedCap, readOut } from "../applied";
import { decodeAll, factoryRaws, lineIndex, linesOf, PLAIN_CONTEXT, type DisplayProfile, type Line } from "../display";
import { readIntake, type IntakeText } from "../facts";
import { propose } from "./propose";
import type { ProposalContext, ProposedLine } from "./context";

const BIKE: IntakeText = {
  tyre: "47-622",
  rolloutMm: "2190",
  motorKind: "geared-hub",
  motorRatedW: "250",
  throttleFitted: "no",
  packV: "36",
  controllerA: "15",
};

function context(profile: DisplayProfile, intake: IntakeText, edit: Partial<ProposalContext> = {}): ProposalContext {
  const rule = classById("eu-epac");
  if (!rule) throw new Error("no class");
  return {
    profile,
    bike: readIntake({ ...BIKE, ...intake }).bike,
    choice: { rule, acceptedKmh: null },
    asFound: factoryRaws(profile),
    byHand: { overrides: {}, unlocked: {} },
    ...edit,
  };
}
const lineOf = (proposed: readonly ProposedLine[], code: string): ProposedLine => {
  const line = proposed.find((each) => each.line.code === code);
  if (!line) throw new Error(code);
  return line;
};
const columnOf = ({ asFound }: ProposalContext, proposed: readonly ProposedLine[]) =>
  proposed.map(({ raw }, i) => raw ?? asFound[i] ?? null);
const withLine = (profile: DisplayProfile, code: string, edit: Partial<Line>): DisplayProfile => ({
  ...profile,
  lines: profile.lines.map((line) => (line.code === code ? { ...line, ...edit } : line)),
});
const setting = (name: string): string => {
  const line = linesOf(TARN).find(({ encoding }) => encoding.setting === name);
  if (!line) throw new Error(name);
  return line.code;
};
const [WHEEL, PULSES] = [setting("circumferenceMm"), setting("pulsesPerTurn")];

describe("the wheel line", () => {
  // 16 poles by 5 to 1, common practice.
  const inMotor: IntakeText = { pickUp: "inside-motor", pulsesPerTurn: "80" };

  it("reads with the pulses that will be set, and tells the r the speedometer then has", () => {
    const unlocked = { overrides: {}, unlocked: { [PULSES]: "another motor" } };
    const asked = context(TARN, { ...inMotor, pulsesPerTurn: "20" }, { byHand: unlocked });
    const proposed = propose(asked);
    expect(lineOf(proposed, PULSES).reason).toMatchObject({ key: "reason.pulses", pulses: 20 });
    const { reason } = lineOf(proposed, WHEEL);
    if (reason.key !== "reason.wheel") throw new Error(reason.key);
    const meter = readOut(TARN, columnOf(asked, proposed), asked.bike);
    const chosen = reason.options.find(({ shows }) => shows === reason.chosen);
    expect(meter.kind === "known" && meter.r.nominal).toBeCloseTo(chosen?.r ?? Number.NaN, 12);
  });

  it("is left alone where the pulses are the mistake and their line is locked", () => {
    const { raw, reason } = lineOf(propose(context(TARN, inMotor)), WHEEL);
    expect(raw).toBeNull();
    expect(reason).toMatchObject({
      key: "reason.wheel-not-the-cause",
      // Its line ends at 24: it cannot count this motor at all.
      mistake: { cause: "pulses", code: PULSES, wants: 80, mends: null, locked: true },
    });
  });

  it("is not decided while nobody has counted what a pick-up in the motor gives", () => {
    const proposed = propose(context(TARN, { pickUp: "inside-motor" }));
    expect(lineOf(proposed, WHEEL)).toMatchObject({
      raw: null,
      reason: { key: "reason.no-read-out", needs: ["pick-up-pulses"] },
    });
    // The cap is held at the limit as shown meanwhile, and nobody calls that safe.
    expect(lineOf(proposed, setting("assistCapKmh"))).toMatchObject({
      raw: 25,
      reason: { key: "reason.cap-safe", basis: "shown", safe: false },
    });
  });

  it("is not decided where the display counts one sensor and the bike has the other", () => {
    const motor = factoryRaws(PINFOLD).with(lineIndex(PINFOLD, "q8"), 1);
    const needs = (intake: IntakeText) => lineOf(propose(context(PINFOLD, intake, { asFound: motor })), "qb").reason;
    expect(needs({ pickUp: "spoke-magnet" })).toMatchObject({ needs: ["other-sensor"] });
    // Nobody has said where the speed is picked up: a guess is no fact.
    expect(needs({})).toMatchObject({ needs: ["pick-up"] });
    expect(needs(inMotor)).toMatchObject({ key: "reason.wheel" });
    const wheel = lineOf(propose(context(PINFOLD, inMotor)), "qb").reason;
    expect(wheel).toMatchObject({ needs: ["other-sensor"] });
  });
});

describe("lines that hang on others", () => {
  it("are set by hand where the menu has them only with the targets set, whatever the menu's order", () => {
    // The wheel line shows only with the cap at its target, and stands before it in the menu.
    const cap = setting("assistCapKmh");
    const light =
      linesOf(TARN).find(({ encoding, makerOnly }) => encoding.setting === "startPulses" && !makerOnly)?.code ?? "";
    const target = lineOf(propose(context(TARN, {})), cap).raw ?? -1;
    const profile = withLine(TARN, light, { shownWhen: [{ line: cap, raws: [target] }] });
    const asFound = factoryRaws(profile).with(lineIndex(profile, cap), target + 1);
    const raw = (factoryRaws(profile)[lineIndex(profile, light)] ?? 0) === 1 ? 2 : 1;
    const asked = context(profile, {}, { asFound, byHand: { overrides: { [light]: raw }, unlocked: {} } });
    expect(lineOf(propose(asked), light)).toMatchObject({ raw, reason: { key: "reason.by-hand" } });
  });

  it("are decided once each even where they hang on each other", () => {
    const [a, b] = [WHEEL, setting("assistCapKmh")];
    const both = withLine(withLine(TARN, a, { mattersWhen: [{ line: b, raws: [1] }] }), b, {
      mattersWhen: [{ line: a, raws: [1] }],
    });
    expect(propose(context(both, {}))).toHaveLength(linesOf(both).length);
  });
});

describe("a cap written as a code", () => {
  // 0 to 4 for 15, 20, 25, 32 and none.
  const coded = (basis: "shown" | "own" | "unknown" | undefined) => {
    const cap = setting("assistCapKmh");
    const codes = [15, 20, 25, 32, "uncapped"] as const;
    const options = codes.map((means, raw) => ({ raw, shows: String(raw), means }));
    const encoding = { kind: "choice" as const, setting: "assistCapKmh" as const, options, ...(basis && { basis }) };
    return withLine(TARN, cap, { encoding, factoryRaw: 4 });
  };
  const decided = (basis: Parameters<typeof coded>[0], classId: string) => {
    const rule = classById(classId);
    const choice = rule ? { rule, acceptedKmh: null } : null;
    const profile = coded(basis);
    return { profile, line: lineOf(propose(context(profile, {}, { choice })), setting("assistCapKmh")) };
  };

  it("is the fastest code with which drive ends within the class, when it goes by the speed shown", () => {
    // Code 28 of a 47-622 of 2190 mm reads 2.0 % high or nearest to it: 20 mph is 32.19 km/h, so 32 fits or 25 does.
    const { profile, line } = decided("shown", "us-class-1");
    const asked = context(profile, {});
    const proposed = propose(asked);
    const r = readOut(profile, columnOf(asked, proposed), asked.bike);
    const least = r.kind === "known" ? r.r.low : Number.NaN;
    const wanted = [15, 20, 25, 32].findLastIndex((kmh) => kmh <= 20 * 1.609344 * least);
    expect(line).toMatchObject({ raw: wanted, reason: { key: "reason.cap", shows: String(wanted) } });
  });
  it("is held safe where nobody has said what it goes by, and says so", () => {
    expect(decided(undefined, "us-class-1").line).toMatchObject({
      reason: { key: "reason.cap-safe", basis: "unknown" },
    });
    const { profile } = decided(undefined, "us-class-1");
    expect(
      appliedCap(
        profile,
        factoryRaws(profile).with(lineIndex(profile, setting("assistCapKmh")), 2),
        context(profile, {}).bike,
      ),
    ).toEqual({
      kind: "unmeasured",
      basis: "unknown",
    });
  });
  it("is judged by where it really ends drive", () => {
    const profile = coded("shown");
    const raws = factoryRaws(profile).with(lineIndex(profile, setting("assistCapKmh")), 2);
    const { bike } = context(profile, {});
    const meter = readOut(profile, raws, bike);
    const cap = appliedCap(profile, raws, bike);
    if (cap.kind !== "true" || meter.kind !== "known") throw new Error(cap.kind);
    expect(cap.kmh.nominal).toBeCloseTo(25 / meter.r.nominal, 9);
  });
});

describe("a current held as a share", () => {
  it("is the share of the controller's own amps that the weakest part bears", () => {
    const share = linesOf(PINFOLD).find(({ encoding }) => encoding.setting === "currentShare");
    if (!share) throw new Error("no share line");
    // 10 A of the BMS out of 20 A of the controller: half, held at the next share below.
    const proposed = propose(context(PINFOLD, { controllerA: "20", bmsA: "10", motorRatedW: "" }));
    const line = lineOf(proposed, share.code);
    expect(line.reason).toMatchObject({ key: "reason.current", by: "bms", allowedA: 10 });
    expect(decodeAll(share, line.raw ?? -1, PLAIN_CONTEXT).currentShare).toBeLessThanOrEqual(0.5);
    expect(decodeAll(share, line.raw ?? -1, PLAIN_CONTEXT).currentShare).toBeGreaterThan(0.3);
  });
});

describe("a preset", () => {
  const preset = (options: readonly { raw: number; means: Record<string, number | boolean | string> }[]) =>
    withLine(OSTLER, "105", {
      encoding: {
        kind: "bundle",
        basis: "own",
        setting: null,
        options: options.map(({ raw, means }) => ({ raw, shows: String(raw), means })),
      },
      factoryRaw: options[0]?.raw ?? 0,
    });
  const decided = (options: Parameters<typeof preset>[0], found: number) => {
    const profile = preset(options);
    const asFound = factoryRaws(profile).with(lineIndex(profile, "105"), found);
    const rule = classById("us-class-1");
    return lineOf(propose(context(profile, {}, { asFound, choice: rule ? { rule, acceptedKmh: null } : null })), "105");
  };
  const CAPS = [
    { raw: 0, means: { assistCapKmh: "uncapped" } },
    { raw: 1, means: { assistCapKmh: 20 } },
    { raw: 2, means: { assistCapKmh: 32 } },
    { raw: 3, means: { assistCapKmh: 25 } },
    { raw: 4, means: { assistCapKmh: 45 } },
  ];

  it("is the one nearest under the limit, whatever the order", () => {
    expect(decided(CAPS, 0)).toMatchObject({ raw: 2, reason: { missed: [], changed: true } });
    expect(decided([...CAPS].reverse(), 4).raw).toBe(2);
  });
  it("takes a limit written through another unit for the same figure", () =>
    expect(
      decided(
        [
          { raw: 0, means: { assistCapKmh: 45 } },
          { raw: 1, means: { assistCapKmh: 20 * 1.609344 + 1e-12 } },
        ],
        0,
      ),
    ).toMatchObject({ raw: 1, reason: { missed: [] } }));
  it("bounds a current by the nearest step below what may be drawn", () => {
    // 10 A of 20: half; the steps of line 205 are 1, 0.8, 0.6 and 0.4.
    const intake: IntakeText = { controllerA: "20", bmsA: "10", motorRatedW: "" };
    expect(lineOf(propose(context(OSTLER, intake)), "205")).toMatchObject({ raw: 6 });
  });
  it("stays where it is within the limit: slower is no reason to change", () =>
    expect(decided(CAPS, 1)).toMatchObject({ raw: null, reason: { missed: [], changed: false } }));
  it("rather misses a wish than what matters in law, and names what it misses", () => {
    const options = [
      { raw: 0, means: { assistCapKmh: 45, batteryReadout: "volts", cruiseOn: false, levelZero: true } },
      { raw: 1, means: { assistCapKmh: 32, batteryReadout: "percent", cruiseOn: true, levelZero: false } },
    ];
    expect(decided(options, 0)).toMatchObject({
      raw: 1,
      reason: { changed: true, missed: ["batteryReadout", "cruiseOn", "levelZero"] },
    });
  });
});
