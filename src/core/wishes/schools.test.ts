// Where practice is divided: which side is taken for whom, and because of what.
import { describe, expect, it } from "vitest";
import { readIntake, WISH_IDS, type Rider } from "../facts";
import { SCHOOL_IDS, schoolsTaken, type SchoolId } from "./schools";

const bike = (rider: Rider, wishes = "", wishWinners = "") => readIntake({ rider, wishes, wishWinners }).bike;
const takes = (school: SchoolId, ...on: Parameters<typeof bike>) =>
  schoolsTaken(bike(...on), () => true).find((taken) => taken.school === school);

describe("both schools of a question", () => {
  it("are decided by the rider where no wish speaks", () => {
    expect(takes("throttle-strength", "novice")).toEqual({ school: "throttle-strength", side: "calm", for: "novice" });
    expect(takes("throttle-strength", "confident")?.side).toBe("lively");
    expect(takes("crank", "used-to-it")?.side).toBe("calm");
    expect(takes("crank", "confident")?.side).toBe("lively");
  });
  it("are decided by a wish that speaks for one, whoever rides", () => {
    expect(takes("start", "novice", "cargo")).toEqual({ school: "start", side: "lively", for: "cargo" });
    expect(takes("crank", "confident", "child-aboard")).toEqual({ school: "crank", side: "calm", for: "child-aboard" });
    expect(takes("power-on", "used-to-it", "delivery")?.side).toBe("lively");
  });
  it("stay with the rider while wishes speak for both, and follow the one that is chosen", () => {
    expect(takes("start", "used-to-it", "cargo kicks-hard")).toEqual({
      school: "start",
      side: "calm",
      for: "used-to-it",
    });
    const chosen = takes("start", "used-to-it", "cargo kicks-hard", "startStrengthShare:cargo");
    expect(chosen).toEqual({ school: "start", side: "lively", for: "cargo" });
  });
  it("are asked only of what a display can set", () => {
    expect(schoolsTaken(bike("novice"), (setting) => setting === "cruiseOn").map(({ school }) => school)).toEqual([
      "cruise",
    ]);
    expect(schoolsTaken(bike("novice"), () => false)).toEqual([]);
    expect(schoolsTaken(bike("novice"), () => true).map(({ school }) => school)).toEqual([...SCHOOL_IDS]);
  });
  it("are never left without a side, whatever is wished", () => {
    for (const a of WISH_IDS)
      for (const b of WISH_IDS)
        for (const { side } of schoolsTaken(bike("used-to-it", `${a} ${b}`), () => true))
          expect(["lively", "calm"]).toContain(side);
  });
});
