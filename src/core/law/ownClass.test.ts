import fc from "fast-check";
import * as v from "valibot";
import { describe, expect, it } from "vitest";
import { CLASSES } from "@/catalog/classes/classes";
import type { ClassRule } from "./classRule";
import { ClassRuleSchema } from "./classRuleSchema";
import {
  CLASS_CHOICES,
  CLASS_FIELDS,
  fieldsAsked,
  readClass,
  sameClass,
  typedFrom,
  type ClassField,
  type TypedClass,
} from "./ownClass";

const TOWN: TypedClass = {
  name: "Lake path",
  where: "Around the lake",
  speedUnit: "mph",
  assist: "limit",
  assistSpeed: "15",
  strict: "yes",
  throttle: "to-limit",
  throttleSpeed: "10",
  throttleStrict: "no",
  walk: "limit",
  walkSpeed: "6 km/h",
  motor: "limit",
  motorW: "0.5 kW",
  motorStrictness: "below",
  motorBasis: "continuous-rated",
  road: "yes",
  source: "Order of the lake council, section 4",
  knownOn: "2026-10-02",
  beyond: "A bell\n\n  Lights after dusk ",
};

const problems = (typed: TypedClass) => {
  const reading = readClass("own-1", typed);
  return reading.ok ? {} : reading.problems;
};

describe("a class of the shop's own", () => {
  it("is read field by field, each speed in the unit it names", () => {
    const reading = readClass("own-1", TOWN);
    expect(reading).toEqual({
      ok: true,
      rule: {
        id: "own-1",
        name: "Lake path",
        badge: "Lake path · 15 mph",
        where: "Around the lake",
        speedUnit: "mph",
        assist: { value: 15, unit: "mph", strict: true },
        acceptedReading: null,
        throttle: { kind: "to-limit", limit: { value: 10, unit: "mph", strict: false } },
        walkAssistKmh: 6,
        motor: { limitW: 500, strictness: "below", basis: "continuous-rated" },
        publicRoad: true,
        source: "Order of the lake council, section 4",
        knownOn: "2026-10-02",
        beyondTheDisplay: ["A bell", "Lights after dusk"],
      },
    });
    expect(v.is(ClassRuleSchema, reading.ok && reading.rule)).toBe(true);
  });

  it("takes a decimal comma, and a speed in the other unit as what it is", () => {
    const reading = readClass("own-1", { ...TOWN, speedUnit: "kmh", assistSpeed: "24,5", throttleSpeed: "12 mph" });
    expect(reading.ok && [reading.rule.assist, reading.rule.throttle]).toEqual([
      { value: 24.5, unit: "kmh", strict: true },
      { kind: "to-limit", limit: { value: 12, unit: "mph", strict: false } },
    ]);
  });

  it("keeps a walking aid in km/h, whatever unit the class speaks in", () => {
    const reading = readClass("own-1", { ...TOWN, walkSpeed: "4" });
    // 4 × 1.609344 km/h.
    expect(reading.ok && reading.rule.walkAssistKmh).toBeCloseTo(6.437376, 9);
  });

  it.each<[ClassField, string, object]>([
    ["assistSpeed", "fast", { key: "class.not-a-speed", typed: "fast", unit: "mph" }],
    ["assistSpeed", "0", { key: "class.not-a-speed", typed: "0", unit: "mph" }],
    ["assistSpeed", "-15", { key: "class.not-a-speed", typed: "-15", unit: "mph" }],
    ["assistSpeed", "150", { key: "class.not-a-speed", typed: "150", unit: "mph" }],
    ["assistSpeed", "  ", { key: "class.missing" }],
    ["motorW", "7 mph", { key: "class.not-watts", typed: "7 mph" }],
    ["motorW", "5", { key: "class.not-watts", typed: "5" }],
    ["knownOn", "2026-02-30", { key: "class.not-a-day", typed: "2026-02-30" }],
    ["knownOn", "yesterday", { key: "class.not-a-day", typed: "yesterday" }],
    ["source", "", { key: "class.missing" }],
    ["name", "x".repeat(61), { key: "class.too-long", longest: 60 }],
    ["throttle", "sometimes", { key: "class.missing" }],
  ])("%s typed as %j is refused by name", (field, typed, problem) => {
    expect(problems({ ...TOWN, [field]: typed })).toEqual({ [field]: problem });
  });

  it("does not end a throttle at a limit that is not there", () => {
    expect(problems({ ...TOWN, assist: "none", throttle: "to-assist-limit" })).toEqual({
      throttle: { key: "class.no-assist-limit" },
    });
  });

  it("asks for everything while nothing is said, and for a speed only where there is one", () => {
    const asked = fieldsAsked({});
    expect(Object.keys(problems({})).sort()).toEqual(asked.filter((field) => field !== "beyond").sort());
    expect(asked).not.toContain("assistSpeed");
    expect(fieldsAsked({ ...TOWN, walk: "none" })).not.toContain("walkSpeed");
    // What was typed before does not count once there is no limit.
    const none = readClass("own-1", { ...TOWN, walk: "none", motor: "none" });
    expect(none.ok && [none.rule.walkAssistKmh, none.rule.motor]).toEqual([null, null]);
  });

  it.each(CLASSES.map((rule) => [rule.name, rule] as const))(
    "%s amended says the same until it is changed",
    (_, rule) => {
      const reading = readClass(rule.id, { ...typedFrom(rule), knownOn: rule.knownOn });
      expect(reading.ok && { ...reading.rule, name: rule.name, badge: rule.badge }).toEqual(rule);
    },
  );

  it("is the same class in whatever order it was written down, and another once a word differs", () => {
    for (const rule of CLASSES) {
      const turned = Object.fromEntries(Object.entries(rule).reverse()) as unknown as ClassRule;
      expect(sameClass(rule, turned)).toBe(true);
      expect(sameClass(rule, { ...rule, knownOn: "2020-01-01" })).toBe(false);
      expect(sameClass(rule, { ...rule, throttle: { kind: "walking-pace", limitKmh: 9 } })).toBe(false);
    }
  });

  it("is never half a class, whatever is typed", () => {
    const value = fc.oneof(
      fc.constantFrom(...Object.values(CLASS_CHOICES).flat(), "", " ", "25", "15.5 mph", "6 km/h", "250", "2026-01-01"),
      fc.string({ maxLength: 70 }),
    );
    const typed = fc.record(
      Object.fromEntries(CLASS_FIELDS.map((field) => [field, value])) as Record<ClassField, typeof value>,
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(typed, (each) => {
        const reading = readClass("own-1", each);
        if (reading.ok) expect(v.is(ClassRuleSchema, reading.rule)).toBe(true);
        else expect(Object.keys(reading.problems).length).toBeGreaterThan(0);
      }),
    );
  });
});
