import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { MUTANTS, TESTS } from "./lib/mutants";

describe("mutants", () => {
  it("stand once in their files, and change them", () => {
    for (const { file, find, replace } of MUTANTS) {
      expect(readFileSync(file, "utf8").split(find).length, `${file}: ${find}`).toBe(2);
      expect(replace).not.toBe(find);
    }
  });
  it("are sixty or more, in every folder whose tests are named", () => {
    expect(MUTANTS.length).toBeGreaterThanOrEqual(60);
    expect(new Set(MUTANTS.map(({ file }) => file.split("/")[2]))).toEqual(new Set(Object.keys(TESTS)));
  });
});
