import { describe, expect, it } from "vitest";
import { CLASSES, classById } from "@/catalog/classes/classes";
import { parse } from "valibot";
import { assistLimit, type ClassChoice } from "./classRule";
import { ClassRuleSchema } from "./classRuleSchema";
import { judge, type AppliedCap, type AsApplied } from "./judge";

const choice = (id: string, acceptedKmh: number | null = null): ClassChoice => {
  const rule = classById(id);
  if (!rule) throw new Error(`no class ${id}`);
  return { rule, acceptedKmh };
};
const capAt = (nominal: number, half = 0): AppliedCap => ({
  kind: "true",
  unitOpen: false,
  shownKmh: nominal,
  kmh: { nominal, low: nominal - half, high: nominal + half },
});
const bike = (edit: Partial<AsApplied> = {}): AsApplied => ({
  assistCap: capAt(20),
  throttleCap: capAt(20),
  throttleFitted: false,
  throttleMode: "off",
  throttleHasLine: true,
  throttleAfterPedalling: null,
  throttleWalkingPace: null,
  walkAssistOn: false,
  walkAssistKmh: null,
  walkAssistTrueKmh: null,
  motorRatedW: 250,
  nominalV: 36,
  currentLimitA: 6,
  ...edit,
});
const found = (id: string, edit: Partial<AsApplied>, accepted: number | null = null) =>
  judge(choice(id, accepted), bike(edit)).map((finding) => `${finding.severity} ${finding.message.key}`);

describe("shipped classes", () => {
  it("fit their schema and name source and date", () => {
    for (const rule of CLASSES) expect(parse(ClassRuleSchema, rule)).toEqual(rule);
  });
  // Sources stand beside each class; the speeds themselves are from memory.
  it.each([
    ["us-class-1", 32.187],
    ["us-class-2", 32.187],
    ["us-class-3", 45.062],
    ["eu-epac", 25],
    ["uk-eapc", 24.945],
  ])("%s ends assist at %d km/h", (id, kmh) => expect(assistLimit(choice(id))?.kmh).toBeCloseTo(kmh, 3));
  it("private land sets no limit", () => expect(assistLimit(choice("private-land"))).toBeNull());
});

describe("the cap", () => {
  it("is judged on the true speed, with its margin", () => {
    const [finding] = judge(choice("eu-epac"), bike({ assistCap: capAt(27.8) }));
    expect(finding).toMatchObject({ severity: "breach", message: { key: "cap.over", limitKmh: 25 } });
    expect(finding?.message.key === "cap.over" && finding.message.overKmh).toBeCloseTo(2.8, 9);
  });
  it("is judged at its likeliest, and tells how far that is over, wherever the ends of the measurement lie", () => {
    for (const half of [0.4, 3.5]) {
      const [finding] = judge(choice("eu-epac"), bike({ assistCap: capAt(27.8, half) }));
      expect(finding).toMatchObject({ severity: "breach", message: { key: "cap.over", trueKmh: 27.8 } });
      expect(finding?.message.key === "cap.over" && finding.message.overKmh).toBeCloseTo(2.8, 9);
    }
  });
  it("passes at the limit itself, and fails just over it", () => {
    // A cut-off at exactly 25.0 is accepted.
    expect(found("eu-epac", { assistCap: capAt(25) })).toEqual([]);
    expect(found("eu-epac", { assistCap: capAt(25.01) })).toContain("breach cap.over");
    expect(found("us-class-1", { assistCap: capAt(20 * 1.609344) })).toEqual([]);
  });
  it("is a caution when only the far end of the measurement passes the limit", () => {
    expect(found("eu-epac", { assistCap: capAt(24.9, 0.3) })).toContain("caution cap.may-be-over");
  });
  it("is never made into a true speed where its basis is not the speed shown", () => {
    for (const basis of ["own", "share", "unknown"] as const)
      expect(found("eu-epac", { assistCap: { kind: "unmeasured", basis } })).toContain("unknown cap.measure-it");
  });
  it.each<[AppliedCap, string]>([
    [{ kind: "uncapped" }, "breach cap.uncapped"],
    [{ kind: "no-read-out", shownKmh: 25, needs: ["rollout"], unitOpen: false }, "unknown cap.needs-read-out"],
    [{ kind: "not-read" }, "unknown cap.not-read"],
    [{ kind: "no-line" }, "unknown cap.no-line"],
  ])("of kind %j is said to be so", (assistCap, expected) =>
    expect(found("us-class-1", { assistCap })).toContain(expected),
  );
  it("read as accepted reports how far that lies from the text", () => {
    expect(found("uk-eapc", { assistCap: capAt(25) })).toContain("breach cap.over");
    const accepted = judge(choice("uk-eapc", 25), bike({ assistCap: capAt(25) }));
    expect(accepted.map((finding) => finding.message.key)).toEqual(["cap.accepted-reading"]);
    const [note] = accepted;
    expect(note?.message.key === "cap.accepted-reading" && note.message.aboveTextKmh).toBeCloseTo(0.055, 3);
  });
});

describe("throttle, walk assist and motor", () => {
  const live = { throttleFitted: true, throttleMode: "full" } as const;
  it.each([
    ["us-class-1", "breach throttle.not-in-class"],
    ["us-class-3", "breach throttle.not-in-class"],
    ["eu-epac", "breach throttle.walking-pace-only"],
    ["uk-eapc", "breach throttle.walking-pace-only"],
  ])("%s with a live throttle: %s", (id, expected) => expect(found(id, live)).toContain(expected));
  it("class 2 allows it up to the cap, if the cap ends it", () => {
    expect(found("us-class-2", live)).toEqual([]);
    expect(found("us-class-2", { ...live, throttleCap: capAt(35) })).toContain("breach throttle.over");
    expect(found("us-class-2", { ...live, throttleCap: { kind: "no-line" } })).toContain(
      "unknown throttle.cap-unknown",
    );
  });
  it("a throttle's own cap is judged at its likeliest, and cautioned where only its far end passes the limit", () => {
    for (const half of [0.4, 5]) {
      const finding = judge(choice("us-class-2"), bike({ ...live, throttleCap: capAt(35, half) })).find(
        ({ subject }) => subject === "throttle",
      );
      expect(finding).toMatchObject({ severity: "breach", message: { key: "throttle.over", trueKmh: 35 } });
      expect(finding?.message.key === "throttle.over" && finding.message.overKmh).toBeCloseTo(35 - 32.18688, 6);
    }
    expect(found("us-class-2", { ...live, throttleCap: capAt(32, 0.5) })).toEqual(["caution throttle.may-be-over"]);
    // The cap that ends both is said once.
    const both = capAt(32, 0.5);
    expect(found("us-class-2", { ...live, assistCap: both, throttleCap: { ...both } })).toEqual([
      "caution cap.may-be-over",
    ]);
  });
  it("a throttle off by its line only is noted, one not fitted is not mentioned, one not read is unknown", () => {
    expect(found("us-class-1", { throttleFitted: true, throttleMode: "off" })).toEqual([
      "note throttle.off-by-line-only",
    ]);
    expect(found("us-class-1", { throttleFitted: false, throttleMode: "full" })).toEqual([]);
    expect(found("us-class-1", { throttleFitted: true, throttleMode: null })).toContain("unknown throttle.not-read");
  });
  it("walk assist is to be measured where the class limits it", () => {
    expect(found("eu-epac", { walkAssistOn: true })).toContain("note walk.measure");
    expect(found("us-class-1", { walkAssistOn: true })).toEqual([]);
    expect(found("eu-epac", { walkAssistOn: true, walkAssistKmh: 7 })).toContain("breach walk.over");
    expect(found("eu-epac", { walkAssistOn: true, walkAssistKmh: 6 })).toEqual(["note walk.measure"]);
    expect(found("eu-epac", { walkAssistOn: false, walkAssistKmh: 7 })).toEqual([]);
  });
  it("judges the motor's rating, never the battery's watts, and tells the two apart", () => {
    expect(found("eu-epac", { motorRatedW: 500 })).toContain("breach motor.over");
    expect(found("us-class-1", { motorRatedW: 750 })).toContain("caution motor.at-limit");
    // A rating that must lie below the limit is over it at the limit; one that may reach it is not.
    const below = {
      ...choice("us-class-1").rule,
      motor: { limitW: 750, strictness: "below", basis: "not-stated" },
    } as const;
    expect(
      judge({ rule: below, acceptedKmh: null }, bike({ motorRatedW: 750 })).map(({ message }) => message.key),
    ).toEqual(["motor.over"]);
    expect(found("eu-epac", { motorRatedW: 250 })).toEqual([]);
    // 36 V times 6.9 A is 248 W: more than a small motor's rating, and still under the limit.
    expect(found("eu-epac", { motorRatedW: 200, currentLimitA: 6.9 })).toEqual([]);
    expect(found("us-class-1", { motorRatedW: null })).toContain("unknown motor.not-known");
    expect(found("eu-epac", { motorRatedW: 250, nominalV: 48, currentLimitA: 22 })).toEqual([
      "note motor.battery-watts",
    ]);
  });
  it("come gravest first", () => {
    const severities = judge(
      choice("eu-epac"),
      bike({
        assistCap: capAt(24.9, 0.3),
        motorRatedW: 500,
        walkAssistOn: true,
        throttleFitted: true,
        throttleMode: null,
      }),
    ).map(({ severity }) => severity);
    expect(severities).toEqual(["breach", "caution", "unknown", "note"]);
  });
  it("private land cautions and judges nothing else", () => {
    expect(found("private-land", { ...live, assistCap: { kind: "uncapped" }, motorRatedW: 3000 })).toEqual([
      "caution class.private-land",
    ]);
  });
});
