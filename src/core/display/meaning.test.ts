import { describe, expect, it } from "vitest";
import { meaning } from "./draft";
import { rawValues, shows } from "./encoding";
import { newLine } from "./lines";
import type { Encoding, Line } from "./profile";
import type { SettingKey } from "./settings";
import { asEven, reservedOf } from "./walk/values";

const seen = (...values: readonly string[]): Line =>
  newLine("7", reservedOf(asEven(values) ?? { kind: "listed", shows: values }));
const upTo = (first: number, last: number): readonly string[] =>
  Array.from({ length: last - first + 1 }, (_, i) => String(first + i));
const shownBy = ({ encoding }: { readonly encoding: Encoding }) =>
  rawValues(encoding).map((raw) => shows(encoding, raw));

describe("a line seen from end to end, given a meaning, shows what it showed", () => {
  it.each<[SettingKey, Line, Encoding["kind"]]>([
    ["assistCapKmh", seen(...upTo(12, 45)), "speed-cap"],
    ["assistCapKmh", seen(...upTo(12, 44), "open"), "speed-cap"],
    ["circumferenceMm", seen("16", "20", "24", "26", "27.5", "700"), "wheel-code"],
    ["circumferenceMm", seen("1900", "1901", "1902", "1903"), "wheel-size"],
    ["circumferenceMm", seen("26.0", "26.1", "26.2", "26.3"), "wheel-size"],
    ["nominalV", seen("24", "36", "48"), "number"],
    ["nominalV", seen("36", "48", "60", "72"), "number"],
    ["cutOffV", seen("31.0", "31.5", "32.0", "32.5"), "number"],
    ["currentLimitA", seen(...upTo(5, 25)), "number"],
    ["walkAssistOn", seen("off", "on"), "choice"],
    ["speedUnit", seen("0", "1"), "choice"],
    ["driveMode", seen("0", "1", "2"), "choice"],
    ["assistLevels", seen("3", "5", "9"), "choice"],
    ["rampSoftness", seen(...upTo(1, 5)), "unknown-scale"],
  ])("%s on %#", (setting, line, kind) => {
    const meant = meaning(line, setting);
    expect(meant.encoding.kind).toBe(kind);
    expect(shownBy(meant)).toEqual(shownBy(line));
    expect(meant.factoryRaw).toBeNull();
  });
  it("stands for what it shows, and is compared with nobody knows what", () => {
    const cap = meaning(seen(...upTo(12, 44), "open"), "assistCapKmh").encoding;
    expect(cap).toMatchObject({ rawMin: 12, rawMax: 45, uncappedRaw: 45, uncappedShows: "open", basis: "unknown" });
    expect(meaning(seen("16", "20", "700"), "circumferenceMm").encoding).toMatchObject({
      codes: [{ inch: 16 }, { inch: 20 }, { inch: 28 }],
    });
  });
  it("of which nothing was seen yet begins as such a line usually is", () =>
    expect(meaning(newLine("7"), "assistCapKmh").encoding).toMatchObject({
      kind: "speed-cap",
      rawMin: 10,
      rawMax: 50,
    }));
  it("that cannot stand for it begins as such a line usually is", () =>
    expect(meaning(seen("red", "green", "blue"), "walkAssistOn").encoding.kind).toBe("choice"));
});
