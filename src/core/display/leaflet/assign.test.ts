// Checked against every assignment there is.
import { describe, expect, it } from "vitest";
import { seeded } from "../../units/seeded";
import { assigned } from "./assign";

const sumOf = (gains: readonly (readonly number[])[], given: readonly number[]): number =>
  given.reduce((sum, column, row) => sum + (column < 0 ? 0 : (gains[row]?.[column] ?? 0)), 0);

/** The greatest sum over every way of giving columns to rows, or none. */
function bestSum(gains: readonly (readonly number[])[], row = 0, used: ReadonlySet<number> = new Set()): number {
  const own = gains[row];
  if (!own) return 0;
  return Math.max(
    bestSum(gains, row + 1, used),
    ...own.flatMap((gain, column) =>
      used.has(column) ? [] : [gain + bestSum(gains, row + 1, new Set([...used, column]))],
    ),
  );
}

describe("the assignment", () => {
  it("is the best of all, and gives no column twice nor one at a loss", () => {
    const random = seeded(7);
    for (let n = 0; n < 300; n++) {
      const [rows, columns] = [1 + Math.floor(random() * 5), Math.floor(random() * 5)];
      const gains = Array.from({ length: rows }, () => Array.from({ length: columns }, () => random() * 2 - 0.8));
      const given = assigned(gains);
      const taken = given.filter((column) => column >= 0);
      expect(new Set(taken).size).toBe(taken.length);
      expect(sumOf(gains, given)).toBeCloseTo(bestSum(gains), 9);
    }
  });
  it("lets the better of two lines have what both could mean", () =>
    expect(
      assigned([
        [0.9, 0.8],
        [0, 0.7],
      ]),
    ).toEqual([0, 1]));
  it("of nothing is nothing", () => {
    expect(assigned([])).toEqual([]);
    expect(assigned([[], []])).toEqual([-1, -1]);
  });
});
