// Lines set by hand: why they are, and that they were, in the log; a sealed plan is not moved.
import { describe, expect, it } from "vitest";
import { demo, programmed } from "@/screens/testing/jobs";
import { clearByHand, setByHand } from "./byHand";
import { workOut } from "./workings";

const AT = "2026-11-20T08:00:00.000Z";
const SNOWPLOUGH = demo(207);
const targetOf = (job: typeof SNOWPLOUGH, code: string) =>
  workOut(job).sheet?.rows.find((row) => row.code === code)?.target?.shows;

describe("a line set by hand", () => {
  const set = setByHand(SNOWPLOUGH, { "33": 5, "34": 2 }, AT, "The owner asked for it");

  it("moves the plan, keeps why, and stands in the log as the display writes it", () => {
    expect(targetOf(set, "33")).toBe("5");
    expect(set.overrideReasons).toEqual({ "33": "The owner asked for it", "34": "The owner asked for it" });
    expect(set.events.at(-1)).toEqual({
      at: AT,
      kind: "set-by-hand",
      detail: "33 5, 34 2: The owner asked for it",
    });
  });
  it("is told once: the same value again is no deed", () => {
    expect(setByHand(set, { "33": 5 }, AT, "again")).toBe(set);
    const more = setByHand(set, { "33": 5, "51": 6 }, AT, "");
    expect(more.events.at(-1)?.detail).toBe("51 26");
  });
  it("goes back to its proposal with its reason, and that is told too", () => {
    const back = clearByHand(set, "33", AT);
    expect(targetOf(back, "33")).toBe(targetOf(SNOWPLOUGH, "33"));
    expect(back.overrideReasons).toEqual({ "34": "The owner asked for it" });
    expect(back.events.at(-1)?.detail).toBe("33: back to its proposal");
    expect(clearByHand(back, "33", AT)).toBe(back);
  });
  it("does not move a plan whose keys stand", () => {
    const sealed = programmed(SNOWPLOUGH);
    expect(setByHand(sealed, { "33": 5 }, AT, "late")).toBe(sealed);
    expect(clearByHand(programmed(set), "33", AT).overrides).toHaveProperty("33");
  });
  it("of a line nobody knows is told by its number", () =>
    expect(setByHand({ ...SNOWPLOUGH, profile: null }, { x9: 3 }, AT, "").events.at(-1)?.detail).toBe("x9 3"));
});
