import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { TARN } from "@/catalog/displays/tarn";
import { decodeLine, encodeLine, rawValues, readShown, shows } from "./encoding";
import { linesOf, type Encoding } from "./profile";
import { SETTINGS } from "./settings";

const encodingOf = (code: string): Encoding => {
  const line = linesOf(TARN).find((each) => each.code === code);
  if (!line) throw new Error(code);
  return line.encoding;
};
const settable = linesOf(TARN).filter((line) => line.encoding.setting !== null);

describe("every line of the shipped display", () => {
  it("decodes what it encodes, for every value it holds", () => {
    for (const { encoding } of settable)
      for (const raw of rawValues(encoding)) {
        const value = decodeLine(encoding, raw);
        if (value === null) throw new Error(`raw ${raw} means nothing`);
        expect(encodeLine(encoding, value)).toMatchObject({ ok: true, raw, exact: true });
      }
  });
  it("reads back what it shows, to the letter", () => {
    for (const { encoding } of linesOf(TARN)) for (const raw of rawValues(encoding)) expect(readShown(encoding, shows(encoding, raw))).toEqual({ ok: true, raw });
  });
  it("holds any number on the safe side, nearest of what it can hold, or refuses", () => {
    const numeric = settable.filter(({ encoding }) => encoding.kind === "scaled" || encoding.kind === "count" || encoding.kind === "speed-cap");
    fc.assert(
      fc.property(fc.constantFrom(...numeric), fc.double({ min: -5, max: 80, noNaN: true }), ({ encoding }, value) => {
        const encoded = encodeLine(encoding, value);
        const held = rawValues(encoding).map((raw) => decodeLine(encoding, raw)).filter((each): each is number => typeof each === "number");
        const direction = encoding.setting ? SETTINGS[encoding.setting].safeDirection : null;
        const safe = held.filter((each) => (direction === "down" ? each <= value + 1e-9 : direction === "up" ? each >= value - 1e-9 : true));
        const nearest = safe.sort((a, b) => Math.abs(a - value) - Math.abs(b - value))[0];
        if (nearest === undefined) expect(encoded.ok).toBe(false);
        else expect(encoded.ok && typeof encoded.held === "number" && Math.abs(Math.abs(encoded.held - value) - Math.abs(nearest - value))).toBeLessThan(1e-6);
      }),
      { numRuns: 2000 },
    );
  });
});

describe("the cap line", () => {
  const cap = encodingOf("53");
  // Arithmetic on the 1959 mile; the limits are those of the classes.
  it.each([
    [20 * 1.609344, 32],
    [28 * 1.609344, 45],
    [15.5 * 1.609344, 24],
    [25, 25],
  ])("holds %d km/h as %d", (kmh, raw) => expect(encodeLine(cap, kmh)).toMatchObject({ ok: true, raw }));
  it("steps off the limit where it is strict", () => expect(encodeLine(cap, 25, true)).toMatchObject({ ok: true, raw: 24 }));
  it("never holds a number as the value that means no cap", () => expect(encodeLine(cap, 80)).toMatchObject({ ok: true, raw: 49, beyond: { key: "encode.above-range", most: 49 } }));
  it("refuses a cap under its range: the least it holds would be too fast", () => expect(encodeLine(cap, 6)).toEqual({ ok: false, problem: { key: "encode.below-range", asked: 6, least: 10 } }));
  it("decodes its top value as no cap", () => expect(decodeLine(cap, 50)).toBe("uncapped"));
  it("in mph keeps its own unit and stays under the limit", () => {
    const mph: Encoding = { kind: "speed-cap", setting: "assistCapKmh", heldIn: "mph", rawMin: 5, rawMax: 40, uncappedRaw: null, basis: "shown", endsThrottle: true };
    expect(encodeLine(mph, 25)).toMatchObject({ ok: true, raw: 15 });
    expect(encodeLine(mph, "uncapped").ok).toBe(false);
  });
});

describe("other encodings", () => {
  it("rounds a share down to the gentler choice and refuses a choice the line lacks", () => {
    expect(encodeLine(encodingOf("34"), 0.69)).toMatchObject({ ok: true, raw: 2, exact: false });
    expect(encodeLine(encodingOf("34"), 0.1)).toMatchObject({ ok: false });
    expect(encodeLine(encodingOf("43"), 72)).toMatchObject({ ok: false, problem: { key: "encode.no-such-choice", accepted: ["1", "2", "3"] } });
  });
  it("rounds a cut-off up and a current down, by half steps", () => {
    expect(encodeLine(encodingOf("42"), 40.3)).toMatchObject({ ok: true, held: 40.5 });
    expect(encodeLine(encodingOf("41"), 17.9)).toMatchObject({ ok: true, held: 17.5 });
  });
  it("takes a comma, names what would be accepted, and loses nothing typed", () => {
    expect(readShown(encodingOf("42"), "40,5")).toEqual({ ok: true, raw: 29 });
    expect(readShown(encodingOf("51"), "27.5")).toMatchObject({ ok: true });
    expect(readShown(encodingOf("31"), "7")).toEqual({ ok: false, problem: { key: "shown.not-a-value", typed: "7", accepted: ["0", "1", "2"] } });
    expect(readShown(encodingOf("53"), "fast")).toEqual({ ok: false, problem: { key: "shown.out-of-range", typed: "fast", min: "10", max: "50", step: 1 } });
    expect(readShown(encodingOf("41"), "")).toMatchObject({ ok: false });
  });
  it("a line that means nothing takes nothing", () => {
    expect(encodeLine(encodingOf("54"), 1).ok).toBe(false);
    expect(encodeLine(encodingOf("66"), 1).ok).toBe(false);
    expect(decodeLine(encodingOf("54"), 1)).toBeNull();
  });
});
