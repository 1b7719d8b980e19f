// The leaflet reader on texts of our own making, in thirteen shapes. None was taken from a real leaflet.
import { describe, expect, it } from "vitest";
import { LEAFLETS } from "./leaflet.corpus";
import { readLeaflet } from "./leaflet";
import { rawValues } from "./encoding";

const all = LEAFLETS.flatMap(({ shape, text, means }) => {
  const { lines } = readLeaflet(text);
  return Object.entries(means).map(([code, want]) => ({
    shape,
    code,
    want,
    line: lines.find((line) => line.code === code),
  }));
});

describe("the leaflet reader", () => {
  it("is tried on at least twelve shapes of text", () =>
    expect(new Set(LEAFLETS.map(({ shape }) => shape)).size).toBeGreaterThanOrEqual(12));
  it("finds every line and its meaning in nine of ten, and is never sure of a wrong one", () => {
    const right = all.filter(({ want, line }) => line !== undefined && line.setting === want);
    const wrongAndSure = all.filter(({ want, line }) => line?.sureness === "sure" && line.setting !== want);
    console.log(`leaflet reader: ${right.length} of ${all.length} lines right, ${wrongAndSure.length} wrong but sure`);
    expect(right.length / all.length).toBeGreaterThan(0.9);
    expect(wrongAndSure.map(({ shape, code, line }) => `${shape}: ${code} taken for ${line?.setting ?? ""}`)).toEqual(
      [],
    );
  });
  it("makes up no lines", () => {
    for (const { text, means } of LEAFLETS)
      expect(
        readLeaflet(text)
          .lines.map((line) => line.code)
          .filter((code) => !(code in means)),
      ).toEqual([]);
  });
  it("proposes only what the line can hold, with a default inside it", () => {
    for (const { text } of LEAFLETS)
      for (const line of readLeaflet(text).lines)
        expect([null, ...rawValues(line.encoding)], line.text).toContain(line.factoryRaw);
  });
  it("reads range, unit, options and default", () => {
    const of = (text: string) => readLeaflet(text).lines[0];
    expect(of("h2: Low voltage protection 28.0 - 44.0 V, default 31.5")).toMatchObject({
      setting: "cutOffV",
      factoryRaw: 315,
      encoding: { rawMin: 280, rawMax: 440, perRaw: 0.1 },
    });
    expect(of("h4: Speed limit 6-28 mph, default 20")).toMatchObject({
      setting: "assistCapKmh",
      factoryRaw: 20,
      encoding: { kind: "speed-cap", heldIn: "mph", basis: "unknown" },
    });
    expect(of("h6: Wheel size 20, 24, 26, 700. Default 26")).toMatchObject({
      setting: "circumferenceMm",
      encoding: { codes: [{ inch: 20 }, { inch: 24 }, { inch: 26 }, { shows: "700", inch: 28 }] },
    });
    expect(of("k01 | Speed unit | 0 km/h, 1 mph | default 0")).toMatchObject({
      setting: "speedUnit",
      sureness: "sure",
      encoding: { options: [{ means: "kmh" }, { means: "mph" }] },
    });
    expect(of("| h1 | Screen brightness | 1 - 5 | 3 |")?.doubts).toContain("no-default");
    expect(
      readLeaflet(
        "No | Name | Range | Default\nh1 | Screen brightness | 1 - 5 | 3\nh2 | Cruise | 0 off, 1 on | 1",
      ).lines.map((line) => line.factoryRaw),
    ).toEqual([3, 1]);
  });
  it("says when it does not know, and never fails on nonsense", () => {
    expect(readLeaflet("x1: parameter two, 0 to 9").lines[0]).toMatchObject({
      setting: null,
      sureness: "unknown",
      doubts: expect.arrayContaining(["no-setting"]),
    });
    for (const text of ["", "\n\n", "|||", "1", "😀", "a".repeat(5000), "1: 2: 3: 4", "-----\n=====", "0 0 0 0"])
      expect(() => readLeaflet(text)).not.toThrow();
  });
});
