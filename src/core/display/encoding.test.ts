import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { TARN } from "@/catalog/displays/tarn";
import {
  decodeAll,
  decodeLine,
  encodeLine,
  PLAIN_CONTEXT,
  rawValues,
  readShown,
  shows,
  type EncodingContext,
} from "./encoding";
import { linesOf, type Encoding, type Line } from "./profile";
import { SETTINGS } from "./settings";

const encodingOf = (code: string): Encoding => {
  const line = linesOf(TARN).find((each) => each.code === code);
  if (!line) throw new Error(code);
  return line.encoding;
};
/** Every line of every shipped display, with the display it stands on. */
const all = SHIPPED_DISPLAYS.flatMap((profile) =>
  linesOf(profile).map((line) => ({ profile, line, name: `${profile.name} ${line.code}` })),
);
const contexts: readonly EncodingContext[] = [
  PLAIN_CONTEXT,
  { shownUnit: "mph", nominalV: 48 },
  { shownUnit: "kmh", nominalV: 36 },
];
/** All of a short range; every seventh and the ends of a long one. */
const sampled = (raws: readonly number[]) =>
  raws.length <= 300 ? raws : raws.filter((_, i) => i % 7 === 0 || i === raws.length - 1);
const settable = all.filter(({ line }) => line.encoding.setting !== null);

describe("every line of every shipped display", () => {
  it("decodes what it encodes, for every value it holds, under every context", () => {
    for (const context of contexts)
      for (const { line, name } of settable)
        for (const raw of sampled(rawValues(line.encoding))) {
          const value = decodeLine(line.encoding, raw, context);
          // A value nobody knows is never made up.
          if (value === null)
            expect(["unknown-scale", "around-default", "pulses-or-other"], name).toContain(line.encoding.kind);
          else {
            const encoded = encodeLine(line.encoding, value, false, context);
            expect(encoded, `${name} ${raw}`).toMatchObject({ ok: true, exact: true, held: value });
          }
        }
  });
  it("reads back what it shows, to the letter", () => {
    for (const {
      line: { encoding },
    } of all)
      for (const raw of rawValues(encoding))
        expect(readShown(encoding, shows(encoding, raw))).toEqual({ ok: true, raw });
  });
  it("holds any number on the safe side, nearest of what it can hold, or refuses", () => {
    const numeric = settable.filter(
      ({ line }) =>
        line.encoding.kind === "number" ||
        line.encoding.kind === "around-default" ||
        line.encoding.kind === "speed-cap",
    );
    fc.assert(
      fc.property(
        fc.constantFrom(...numeric),
        fc.constantFrom(...contexts),
        fc.oneof(fc.double({ min: -5, max: 80, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true })),
        ({ line: { encoding } }, context, value) => {
          const encoded = encodeLine(encoding, value, false, context);
          // A number that stands for something of its own, such as 0 for never, is near to nothing.
          const own = new Set(encoding.kind === "number" ? encoding.special.map((special) => special.raw) : []);
          fc.pre(encoding.kind !== "number" || encoding.special.every((special) => special.means !== value));
          const held = rawValues(encoding)
            .filter((raw) => !own.has(raw))
            .map((raw) => decodeLine(encoding, raw, context))
            .filter((each): each is number => typeof each === "number");
          const direction = encoding.setting ? SETTINGS[encoding.setting].safeDirection : null;
          const safe = held.filter((each) =>
            direction === "down" ? each <= value + 1e-9 : direction === "up" ? each >= value - 1e-9 : true,
          );
          const nearest = safe.sort((a, b) => Math.abs(a - value) - Math.abs(b - value))[0];
          if (nearest === undefined) expect(encoded.ok).toBe(false);
          else
            expect(
              encoded.ok &&
                typeof encoded.held === "number" &&
                Math.abs(Math.abs(encoded.held - value) - Math.abs(nearest - value)),
            ).toBeLessThan(1e-6);
        },
      ),
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
  it("steps off the limit where it is strict", () =>
    expect(encodeLine(cap, 25, true)).toMatchObject({ ok: true, raw: 24 }));
  it("never holds a number as the value that means no cap", () =>
    expect(encodeLine(cap, 80)).toMatchObject({ ok: true, raw: 49, beyond: { key: "encode.above-range", most: 49 } }));
  it("refuses a cap under its range: the least it holds would be too fast", () =>
    expect(encodeLine(cap, 6)).toEqual({ ok: false, problem: { key: "encode.below-range", asked: 6, least: 10 } }));
  it("decodes its top value as no cap", () => expect(decodeLine(cap, 50)).toBe("uncapped"));
  it("in mph keeps its own unit and stays under the limit", () => {
    const mph: Encoding = {
      kind: "speed-cap",
      setting: "assistCapKmh",
      heldIn: "mph",
      rawMin: 5,
      rawMax: 40,
      uncappedRaw: null,
      uncappedShows: null,
      basis: "shown",
      endsThrottle: true,
      lowersPower: false,
    };
    expect(encodeLine(mph, 25)).toMatchObject({ ok: true, raw: 15 });
    expect(encodeLine(mph, "uncapped").ok).toBe(false);
  });
});

describe("other encodings", () => {
  it("rounds a share down to the gentler choice and refuses a choice the line lacks", () => {
    expect(encodeLine(encodingOf("34"), 0.69)).toMatchObject({ ok: true, raw: 2, exact: false });
    expect(encodeLine(encodingOf("34"), 0.1)).toMatchObject({ ok: false });
    expect(encodeLine(encodingOf("43"), 72)).toMatchObject({
      ok: false,
      problem: { key: "encode.no-such-choice", accepted: ["1", "2", "3"] },
    });
  });
  it("rounds a cut-off up and a current down, by half steps", () => {
    expect(encodeLine(encodingOf("42"), 40.3)).toMatchObject({ ok: true, held: 40.5 });
    expect(encodeLine(encodingOf("41"), 17.9)).toMatchObject({ ok: true, held: 17.5 });
  });
  it("takes a comma, names what would be accepted, and loses nothing typed", () => {
    expect(readShown(encodingOf("42"), "40,5")).toEqual({ ok: true, raw: 29 });
    expect(readShown(encodingOf("51"), "27.5")).toMatchObject({ ok: true });
    expect(readShown(encodingOf("31"), "7")).toEqual({
      ok: false,
      problem: { key: "shown.not-a-value", typed: "7", accepted: ["0", "1", "2"] },
    });
    expect(readShown(encodingOf("53"), "fast")).toEqual({
      ok: false,
      problem: { key: "shown.out-of-range", typed: "fast", min: "10", max: "50", step: 1 },
    });
    expect(readShown(encodingOf("41"), "")).toMatchObject({ ok: false });
  });
  it("a line that means nothing takes nothing", () => {
    expect(encodeLine(encodingOf("54"), 1).ok).toBe(false);
    expect(encodeLine(encodingOf("66"), 1).ok).toBe(false);
    expect(decodeLine(encodingOf("54"), 1)).toBeNull();
  });
});

describe("encodings one meets on other displays", () => {
  const on = (display: string, code: string): Line => {
    const line = SHIPPED_DISPLAYS.find(({ id }) => id === display)?.lines.find((each) => each.code === code);
    if (!line) throw new Error(`${display} ${code}`);
    return line;
  };
  it("a reversed cap of unknown scale: 0 is no cap, nothing else is aimed for until somebody measures it", () => {
    const { encoding } = on("skerry-words", "Ease off");
    expect(decodeLine(encoding, 0)).toBe("uncapped");
    expect(decodeLine(encoding, 12)).toBeNull();
    expect(encodeLine(encoding, 25)).toEqual({ ok: false, problem: { key: "encode.unknown-scale", asked: "25" } });
    if (encoding.kind !== "unknown-scale") throw new Error("kind");
    const measured: Encoding = {
      ...encoding,
      measured: [
        { raw: 12, value: 24.4 },
        { raw: 10, value: 26.1 },
      ],
    };
    expect(encodeLine(measured, 25)).toMatchObject({ ok: true, raw: 12, held: 24.4 });
  });
  it("a cap in the shown unit follows the unit", () => {
    const { encoding } = on("ostler-14", "110");
    expect(decodeLine(encoding, 20, { shownUnit: "mph", nominalV: null })).toBeCloseTo(32.187, 3);
    expect(decodeLine(encoding, 20, { shownUnit: "kmh", nominalV: null })).toBe(20);
    expect(shows(encoding, 60)).toBe("FrE");
  });
  it("a cut-off around a default follows the nominal volts, and is unknown without them", () => {
    const { encoding } = on("ostler-14", "210");
    expect(decodeLine(encoding, -1, { shownUnit: "kmh", nominalV: 48 })).toBe(40.5);
    expect(decodeLine(encoding, -1, PLAIN_CONTEXT)).toBeNull();
    expect(shows(encoding, 2)).toBe("+2");
    expect(readShown(encoding, "+2")).toEqual({ ok: true, raw: 2 });
  });
  it("softness that runs backwards rounds to the softer side", () => {
    const { encoding } = on("bracken-2", "n4");
    expect(decodeLine(encoding, 1)).toBe(1);
    expect(decodeLine(encoding, 5)).toBeCloseTo(0.2, 9);
    expect(encodeLine(encoding, 0.5)).toMatchObject({ ok: true, raw: 3 });
  });
  it("a share per level shows per cent and keeps its floor and ceiling", () => {
    const { encoding } = on("bracken-2", "s1");
    expect(shows(encoding, 28)).toBe("28");
    expect(encodeLine(encoding, 0.1)).toMatchObject({ ok: false, problem: { key: "encode.below-range", least: 0.2 } });
    expect(encodeLine(encoding, 1)).toMatchObject({ ok: true, raw: 99 });
  });
  it("a class preset stands for several settings", () => {
    const line = on("ostler-14", "105");
    expect(decodeAll(line, 1, PLAIN_CONTEXT)).toEqual({
      assistCapKmh: 25,
      throttleMode: "off",
      driveMode: "assist-only",
    });
  });
  it("low numbers of a current line are full power with a slower ramp, not smaller limits", () => {
    const line = on("ostler-14", "205");
    expect([1, 2, 3].map((raw) => decodeAll(line, raw, PLAIN_CONTEXT).currentShare)).toEqual([1, 1, 1]);
    expect(decodeAll(line, 6, PLAIN_CONTEXT).currentShare).toBe(0.4);
  });
  it("a wheel in inches to a tenth, in millimetres, and by a step number", () => {
    expect(decodeLine(on("ostler-14", "115").encoding, 260)).toBeCloseTo(2074.7, 1);
    expect(shows(on("ostler-14", "115").encoding, 275)).toBe("27.5");
    expect(encodeLine(on("skerry-words", "Rim roll").encoding, 2310)).toMatchObject({
      ok: true,
      raw: 2310,
      exact: true,
    });
    expect(decodeLine(on("pinfold-q", "qb").encoding, 4)).toBe(2070);
    expect(shows(on("bracken-2", "n8").encoding, 6)).toBe("700");
  });
  it("a share of power as a cap is never a speed", () =>
    expect(decodeLine(on("pinfold-q", "q6").encoding, 100)).toBe("uncapped"));
});
