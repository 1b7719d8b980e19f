import { describe, expect, it } from "vitest";
import { classById } from "@/catalog/classes/classes";
import { BRACKEN } from "@/catalog/displays/bracken";
import { TARN } from "@/catalog/displays/tarn";
import { factoryRaws, lineIndex } from "../display";
import { readIntake, type IntakeText } from "../facts";
import { readOut } from "../applied";
import { dueChecks, verdictOn, type CheckContext, type DueCheck } from "./checks";
import { readBack } from "./readBack";

const INTAKE: IntakeText = {
  nickname: "Test",
  tyre: "40-622",
  rolloutMm: "2180",
  motorKind: "geared-hub",
  motorRatedW: "250",
  throttleFitted: "yes",
  brakeCutOff: "yes",
  packV: "36",
  controllerA: "15",
};
const rule = classById("eu-epac");
const context = (intake: Partial<IntakeText> = {}, edit: Partial<CheckContext> = {}): CheckContext => {
  const { bike } = readIntake({ ...INTAKE, ...intake });
  return {
    bike,
    choice: rule && { rule, acceptedKmh: null },
    unit: "kmh",
    cap: { kind: "true", unitOpen: false, shownKmh: 24, kmh: { nominal: 24.1, low: 23.9, high: 24.3 } },
    meter: readOut(TARN, factoryRaws(TARN), bike),
    throttleOn: true,
    walkAssistOn: true,
    ...edit,
  };
};
const ids = (checks: readonly DueCheck[]) => checks.map((check) => check.id);

describe("the checks a bike is due", () => {
  it("begin with the brakes, and end with the run against the cap", () => {
    const due = ids(dueChecks(context()));
    expect(due[0]).toBe("brake-cut-off");
    expect(due.at(-1)).toBe("top-speed-run");
    expect(due).toEqual([
      "brake-cut-off",
      "spin-speed",
      "levels",
      "throttle",
      "throttle-release",
      "walk-assist",
      "crawl-and-turn",
      "speedometer-run",
      "top-speed-run",
    ]);
  });
  it("leave out what the bike has not", () => {
    const due = ids(
      dueChecks(
        context(
          { throttleFitted: "no", brakeCutOff: "no", tyre: "", rolloutMm: "" },
          { walkAssistOn: false, choice: null },
        ),
      ),
    );
    expect(due).toEqual(["spin-speed", "levels", "crawl-and-turn"]);
  });
  it("carry the numbers to expect: the read-out's own interval, and the limit as it is written", () => {
    const due = dueChecks(context());
    const run = due.find((check) => check.id === "speedometer-run")?.expect;
    // Code 26 taken as 2075 mm on a rollout of 2180: 20 km/h shows as 19.0.
    expect(run?.kind === "between" && (run.lowKmh + run.highKmh) / 2).toBeCloseTo(19.03, 1);
    expect(due.find((check) => check.id === "top-speed-run")?.expect).toMatchObject({
      kind: "at-most",
      expectedKmh: 24.1,
      atMostKmh: 25,
      strict: false,
    });
    expect(due.find((check) => check.id === "walk-assist")?.expect).toMatchObject({ kind: "at-most", atMostKmh: 6 });
  });
});

describe("verdicts", () => {
  const check = (expect_: DueCheck["expect"]): DueCheck => ({
    id: "levels",
    expect: expect_,
    wheelTurns: true,
    unit: "kmh",
  });
  const measured = (text: string) => ({ answer: "", measured: text, askedIn: "kmh" as const });
  it("a yes or no is what was answered, and due until it is", () => {
    expect(verdictOn(check({ kind: "yes" }), undefined)).toBe("due");
    expect(verdictOn(check({ kind: "yes" }), { answer: "", measured: "", askedIn: "kmh" })).toBe("due");
    expect(verdictOn(check({ kind: "yes" }), { answer: "yes", measured: "", askedIn: "kmh" })).toBe("passed");
    expect(verdictOn(check({ kind: "yes" }), { answer: "no", measured: "", askedIn: "kmh" })).toBe("failed");
  });
  it.each([
    ["24,9", true, "passed"],
    ["25", true, "failed"],
    ["25", false, "passed"],
    ["25.1", false, "failed"],
    ["15.5 mph", true, "passed"],
    ["15.6 mph", true, "failed"],
    ["fast", false, "not-a-number"],
    ["-3", false, "not-a-number"],
    ["", false, "due"],
  ] as const)("%s under a limit of 25, strict %s: %s", (text, strict, verdict) =>
    expect(verdictOn(check({ kind: "at-most", expectedKmh: null, atMostKmh: 25, strict }), measured(text))).toBe(
      verdict,
    ),
  );
  it("a reading lies between or it does not", () => {
    const between = check({ kind: "between", lowKmh: 18, highKmh: 20, atTrueKmh: 20 });
    expect([
      verdictOn(between, measured("18")),
      verdictOn(between, measured("20")),
      verdictOn(between, measured("17.9")),
      verdictOn(between, measured("20.1")),
    ]).toEqual(["passed", "passed", "failed", "failed"]);
  });
});

describe("read-back", () => {
  const expected = factoryRaws(TARN);
  it("tells what agrees, what differs, what cannot be read and what is due", () => {
    const verdicts = readBack(TARN, { "31": "0", "51": "28", "53": "fast" }, expected);
    expect(verdicts[0]).toEqual({ kind: "as-planned", raw: 0 });
    expect(verdicts[lineIndex(TARN, "51")]).toEqual({ kind: "differs", raw: 8, expected: "26" });
    expect(verdicts[lineIndex(TARN, "53")]).toMatchObject({ kind: "unreadable" });
    expect(verdicts[lineIndex(TARN, "32")]).toEqual({ kind: "due" });
    expect(verdicts[lineIndex(TARN, "66")]).toMatchObject({ kind: "read-only" });
  });
  it("a line nobody planned is as planned whatever it shows, and one the menu does not show is not asked for", () => {
    expect(
      readBack(
        TARN,
        { "65": "7" },
        expected.map(() => null),
      )[lineIndex(TARN, "65")],
    ).toEqual({ kind: "as-planned", raw: 7 });
    const three = factoryRaws(BRACKEN).with(lineIndex(BRACKEN, "n1"), 0);
    expect(readBack(BRACKEN, {}, three)[lineIndex(BRACKEN, "s9")]).toEqual({ kind: "hidden" });
    expect(readBack(BRACKEN, {}, three)[lineIndex(BRACKEN, "s3")]).toEqual({ kind: "due" });
  });
});
