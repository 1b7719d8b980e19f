import { describe, expect, it } from "vitest";
import { isUnsure } from "..";
import { newLine } from "../lines";
import type { Line } from "../profile";
import { newProfile } from "../draft";
import { guessOf, withGuesses } from "./guess";
import { asEven, reservedOf } from "./values";

const ON = "2026-05-01";
const seen = (code: string, ...values: readonly string[]): Line =>
  newLine(code, reservedOf(asEven(values) ?? { kind: "listed", shows: values }));
const upTo = (first: number, last: number, step = 1, decimals = 0): readonly string[] =>
  Array.from({ length: Math.round((last - first) / step) + 1 }, (_, i) => (first + i * step).toFixed(decimals));
const withLines = (...lines: readonly Line[]) => ({ ...newProfile("own-guess", "Guess"), lines: [...lines] });

describe("a guess from what a line shows", () => {
  it.each<[string | null, readonly string[]]>([
    ["nominalV", ["36", "48", "52"]],
    ["circumferenceMm", ["20", "24", "26", "28", "700"]],
    ["circumferenceMm", upTo(1900, 2300)],
    ["assistLevels", ["3", "5", "9"]],
    ["speedUnit", ["km/h", "mph"]],
    ["cutOffV", upTo(28, 46, 0.5, 1)],
    ["assistCapKmh", upTo(10, 50)],
    ["assistCapKmh", [...upTo(12, 44), "open"]],
    // What could be many things is none.
    [null, ["0", "1"]],
    [null, ["0", "1", "2"]],
    [null, upTo(1, 5)],
    [null, upTo(5, 25)],
    [null, upTo(0, 255)],
    [null, ["24", "26"]],
    [null, ["off", "low", "high"]],
    [null, upTo(1, 24)],
  ])("%s", (setting, values) => expect(guessOf(seen("7", ...values))?.setting ?? null).toBe(setting));
  it("is told as a guess, on the day of the look, and no plan rests on it", () => {
    const [line] = withGuesses(withLines(seen("7", "36", "48")), ON).lines;
    expect(line?.encoding.setting).toBe("nominalV");
    expect(line?.claims).toMatchObject([{ from: "seen-here", on: ON, setting: "nominalV", chosen: false }]);
    expect(line && isUnsure(line)).toBe(true);
  });
  it("is none where two lines could mean the same, or one is said to already", () => {
    const twice = withGuesses(withLines(seen("7", ...upTo(10, 50)), seen("8", ...upTo(12, 45))), ON).lines;
    expect(twice.map(({ encoding }) => encoding.setting)).toEqual([null, null]);
    const said: Line = {
      ...seen("9", "36", "48"),
      encoding: { kind: "choice", setting: "nominalV", options: [{ raw: 36, shows: "36", means: 36 }] },
    };
    expect(withGuesses(withLines(seen("7", "36", "48"), said), ON).lines[0]?.encoding.setting).toBeNull();
  });
});
