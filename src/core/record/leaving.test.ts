// What keeps a bike from being called ready, and what settles it.
import { describe, expect, it } from "vitest";
import type { CheckId, Verdict } from "../proof";
import type { SheetFinding } from "../sheet";
import { isDecision, standingAgainst } from "./leaving";

const finding = (
  severity: SheetFinding["severity"],
  subject: SheetFinding["subject"],
  message: SheetFinding["message"],
): SheetFinding => ({ severity, subject, message, lines: [] });
const OVER = finding("breach", "assist-cap", { key: "cap.uncapped", limitKmh: 25 });
const UNKNOWN = finding("unknown", "assist-cap", { key: "cap.measure-it", basis: "unknown", limitKmh: 25 });
const NO_LINE = finding("unknown", "assist-cap", { key: "cap.no-line", limitKmh: 25 });
const THROTTLE = finding("unknown", "throttle", { key: "throttle.cap-unknown", limitKmh: 32 });
const VOLTS = finding("breach", "nominal", { key: "hazard.nominal-too-low", nominalV: 36, packV: 48 });
const RATING = finding("unknown", "motor", { key: "motor.not-known", limitW: 250 });
const check = (id: CheckId, verdict: Verdict) => ({ check: { id }, verdict });

describe("what stands against a bike", () => {
  it("every breach does, of law or of what can be hurt, whatever has been ridden", () => {
    expect(standingAgainst([OVER, VOLTS], [check("top-speed-run", "passed")])).toEqual([OVER, VOLTS]);
  });
  it("a cap of which nobody has shown where it ends drive does, until a ride has", () => {
    for (const cap of [UNKNOWN, NO_LINE]) {
      expect(standingAgainst([cap], [])).toEqual([cap]);
      expect(standingAgainst([cap], [check("top-speed-run", "due")])).toEqual([cap]);
      expect(standingAgainst([cap], [check("top-speed-run", "failed")])).toEqual([cap]);
      expect(standingAgainst([cap], [check("top-speed-run", "due-again")])).toEqual([cap]);
      expect(standingAgainst([cap], [check("speedometer-run", "passed")])).toEqual([cap]);
      expect(standingAgainst([cap], [check("top-speed-run", "passed")])).toEqual([]);
    }
  });
  it("a throttle whose end is not known does, and a run by pedals shows nothing of it", () => {
    expect(standingAgainst([THROTTLE], [check("top-speed-run", "passed")])).toEqual([THROTTLE]);
  });
  it("a rating nobody knows is said and does not", () => {
    expect(standingAgainst([RATING], [])).toEqual([]);
  });
});

describe("a decision in writing", () => {
  it.each([
    [undefined, false],
    ["", false],
    ["   ok    ", false],
    ["Owner's own yard, agreed with her.", true],
  ])("%s", (text, taken) => expect(isDecision(text)).toBe(taken));
});
