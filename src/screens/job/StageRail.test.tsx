// How far each stage of a job has come, as its rail says.
import { describe, expect, it } from "vitest";
import { startProgram, startRehearsal, withTyped, type Job } from "@/core/record";
import { AT, checked, demo, handedOver, programmed, readBack } from "../testing/jobs";
import { says, stageProps } from "../testing/says";
import { StageRail } from "./StageRail";

/** The captions of the six stages, in order. */
function captions(job: Job): readonly string[] {
  const words = says(<StageRail {...stageProps(job)} at="plan" />).split("\n");
  return words.slice(0, 6).map((each) => each.replace(/^(Intake|As found|Plan|Program|Prove|Hand over)(done)?\s*/, ""));
}

const READ = readBack(programmed(demo(207)));

describe("the rail of a job", () => {
  it("counts what is missing where nothing but a name is known", () => {
    const [intake, ...rest] = captions(demo(210));
    expect(intake).toMatch(/^\d+ facts missing$/);
    expect(rest).toEqual(["—", "—", "—", "—", "—"]);
  });

  it("counts lines written down, and asks for a baseline before keys", () => {
    expect(captions(demo(208))).toEqual([
      "all known",
      "10 of 18 lines",
      expect.stringMatching(/^\d+ odd/),
      "baseline first",
      "—",
      "—",
    ]);
  });

  it("tells the time the keys take with a person, until they are begun", () => {
    expect(captions(demo(207))[3]).toBe("about 31 s");
    expect(captions(startRehearsal(demo(207)))[3]).toBe("about 31 s");
    expect(captions(startProgram(demo(207), AT))[3]).toBe("under way");
    expect(captions(programmed(demo(207)))[3]).toBe("in force, as told");
  });

  it("says how many odd lines and breaches the plan has, and that it is sealed", () => {
    expect(captions(demo(207))[2]).toMatch(/^\d odd · 1 breach$/);
    expect(captions(programmed(demo(207)))[2]).toMatch(/^sealed/);
  });

  it("counts checks due, and says when all passed", () => {
    expect(captions(programmed(demo(207)))[4]).toBe("7 checks due");
    expect(captions(checked(READ))[4]).toBe("3 checks due");
  });

  it("says that it was handed over", () => {
    expect(captions(READ)[5]).toBe("—");
    expect(captions(handedOver(checked(READ)))[5]).toBe("handed over");
  });

  it("names a fact that is missing again when it is taken away", () => {
    expect(captions(withTyped(demo(207), { in: "intake", name: "packV" }, ""))[0]).toBe("1 fact missing");
    expect(captions({ ...demo(207), classChoice: { ...demo(207).classChoice, rule: null } })[0]).toBe(
      "display or class missing",
    );
  });
});
