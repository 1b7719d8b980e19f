import { describe, expect, it } from "vitest";
import { readWinners, readWishes, WISH_IDS, withWinner, withWish } from ".";

describe("wishes as they are kept", () => {
  it("are names in a row, in the order they are listed, each once", () => {
    expect(withWish(withWish("", "kicks-hard", true), "cargo", true)).toBe("cargo kicks-hard");
    expect(withWish("cargo kicks-hard", "cargo", true)).toBe("cargo kicks-hard");
    expect(withWish("cargo kicks-hard", "cargo", false)).toBe("kicks-hard");
    expect(withWish("kicks-hard", "kicks-hard", false)).toBe("");
  });
  it("leave out what is none of ours, and say each once", () => {
    expect(readWishes("cargo  nonsense cargo\nhills")).toEqual(["cargo", "hills"]);
    expect(readWishes("")).toEqual([]);
    expect(readWishes(WISH_IDS.join(" "))).toEqual([...WISH_IDS]);
  });
});

describe("choices between wishes", () => {
  it("are kept by setting, the newest in place of the one before", () => {
    const one = withWinner("", "rampSoftness", "cargo");
    expect(one).toBe("rampSoftness:cargo");
    expect(withWinner(one, "startStrengthShare", "neither")).toBe("rampSoftness:cargo startStrengthShare:neither");
    expect(withWinner(one, "rampSoftness", "rental")).toBe("rampSoftness:rental");
  });
  it("that name nobody are no choices", () => {
    expect(readWinners("rampSoftness:somebody :cargo startPulses: startDelayS:late").size).toBe(1);
    expect(readWinners("startDelayS:late").get("startDelayS")).toBe("late");
  });
});
