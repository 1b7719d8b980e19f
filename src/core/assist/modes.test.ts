import { describe, expect, it } from "vitest";
import { readLadders, withLadder } from "../facts/lists";
import { levelMode, levelModes, richestMode } from "./modes";

// Measured on a speed kit under a cap of 25, common practice, no source.
const THREE = [15, 20, 25.8];
const FIVE = [15, 17.5, 20, 23, 25.8];
const NINE = [0, 15, 15.4, 17.5, 20, 20.3, 23, 25.8, 25.8];

describe("ladders of different numbers of levels", () => {
  it("count what is real: nine steps on a speed kit hold six with the dead one, five hold five", () => {
    expect(levelMode(NINE)).toMatchObject({ real: 6, twins: [{ level: 2 }, { level: 5 }, { level: 8 }] });
    expect(levelMode(FIVE)).toMatchObject({ real: 5, twins: [], widestKmh: 3 });
    expect(levelMode(THREE).widestKmh).toBeCloseTo(5.8, 9);
    expect(levelMode([20])).toEqual({ speedsKmh: [20], twins: [], real: 1, widestKmh: null });
  });
  it("stand side by side, fewest first, and the richest is the one of fewest levels among equals", () => {
    const modes = levelModes([NINE.slice(1), FIVE, THREE]);
    expect(modes.map(({ speedsKmh }) => speedsKmh.length)).toEqual([3, 5, 8]);
    expect(modes.map(({ real }) => real)).toEqual([3, 5, 5]);
    expect(richestMode(modes)?.speedsKmh).toBe(FIVE);
    expect(richestMode([])).toBeNull();
  });
  it("are kept one for each number of levels, the newest in place of the one before", () => {
    const kept = withLadder(withLadder("", "15 17.5 20 23 25.8"), "15 20 25.8");
    expect(kept).toBe("15 20 25.8 | 15 17.5 20 23 25.8");
    expect(withLadder(kept, "9.3 12.4 16 mph")).toBe("9.3 12.4 16 mph | 15 17.5 20 23 25.8");
    expect(readLadders(kept)).toEqual([THREE, FIVE]);
    expect(readLadders("15 fast 20 || 12")).toEqual([]);
    expect(readLadders("10 20 mph")[0]?.[0]).toBeCloseTo(16.09, 2);
  });
});
