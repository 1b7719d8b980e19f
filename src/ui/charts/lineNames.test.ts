import { describe, expect, it } from "vitest";
import { mergedLines, placedNames } from "./lineNames";

const AREA = { left: 0, right: 200, top: 0, bottom: 100 };
const line = (name: string, from: number, to: number) => ({
  name,
  points: [
    { x: 0, y: from },
    { x: 200, y: to },
  ],
});

describe("names at their lines", () => {
  it("stand where the lines lie furthest apart, each on its own", () => {
    const placed = placedNames([line("a", 10, 50), line("b", 90, 52)], AREA);
    const [a, b] = [placed.find(({ name }) => name === "a"), placed.find(({ name }) => name === "b")];
    expect(a?.x).toBeLessThan(40);
    expect(Math.abs((a?.y ?? 0) - (10 + (40 * (a?.x ?? 0)) / 200))).toBeLessThan(1e-9);
    expect((b?.y ?? 0) - (a?.y ?? 0)).toBeGreaterThan(15);
  });
  it("never lie on one another, nor outside the picture", () => {
    const placed = placedNames([line("a", 98, 98), line("b", 98.5, 99), line("c", 99, 99.5)], AREA).map(({ y }) => y);
    expect((placed[1] ?? Number.NaN) - (placed[0] ?? Number.NaN)).toBeGreaterThanOrEqual(15);
    expect((placed[2] ?? Number.NaN) - (placed[1] ?? Number.NaN)).toBeGreaterThanOrEqual(15);
    expect(Math.max(...placed)).toBeLessThanOrEqual(100);
  });
  it("a line hidden under another is named with it", () => {
    expect(
      mergedLines([line("level 5", 1, 2), line("level 6", 1, 2), line("level 7", 1, 3)]).map(({ name }) => name),
    ).toEqual(["level 5, level 6", "level 7"]);
  });
  it("an upright line is named at its top", () => {
    const limit = {
      name: "limit",
      points: [
        { x: 80, y: 100 },
        { x: 80, y: 0 },
      ],
    };
    expect(placedNames([limit], AREA)).toEqual([{ name: "limit", x: 86, y: 7.5 }]);
  });
});
