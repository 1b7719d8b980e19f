// What the plan says of where assist really ends, and of each line: as it is, as it will be, and why.
import { describe, expect, it } from "vitest";
import { classById } from "@/catalog/classes/classes";
import { startProgram, withTyped, workOut, type Job } from "@/core/record";
import { AT, demo } from "../testing/jobs";
import { says, stageProps } from "../testing/says";
import { voiceOf } from "../job/voice";
import { Because } from "./Because";
import { TrueCap } from "./Standing";

const SNOWPLOUGH = demo(207);
const typed = (job: Job, code: string, shows: string): Job => withTyped(job, { in: "as-found", name: code }, shows);
const trueCap = (job: Job): string => says(<TrueCap workings={workOut(job)} />);
const under = (job: Job, classId: string): Job => ({
  ...job,
  classChoice: { ...job.classChoice, rule: classById(classId) ?? null },
});

function because(job: Job, code: string): string {
  const props = stageProps(job);
  const { sheet } = props.workings;
  const row = sheet?.rows.find((each) => each.code === code);
  if (!sheet || !row) throw new Error(`no line ${code}`);
  return says(<Because {...props} row={row} sheet={sheet} voice={voiceOf(props.workings)} />);
}

describe("where assist really ends", () => {
  it("tells the true speed of the plan, and what it was", () =>
    expect(trueCap(SNOWPLOUGH)).toMatch(
      /EU EPAC, as this display will really apply it:\n24\.96 km\/h true, was 27\.8 km\/h/,
    ));

  it("tells that there was no cap", () => {
    const uncapped = typed(SNOWPLOUGH, "53", "50");
    expect(trueCap(uncapped)).toMatch(/24\.96 km\/h true, was uncapped$/);
  });

  it("says what is missing in place of a number, and how to find out", () => {
    const unmeasured = withTyped(
      withTyped(SNOWPLOUGH, { in: "intake", name: "rolloutMm" }, ""),
      { in: "intake", name: "tyre" },
      "",
    );
    expect(trueCap(unmeasured)).toContain("not known");
    expect(trueCap(unmeasured)).toContain("measure the rollout, or give the tyre");
    expect(trueCap(unmeasured)).not.toMatch(/\d km\/h true/);
  });

  it("speaks miles where the display does", () => {
    const miles = { ...typed(SNOWPLOUGH, "63", "0"), unlocked: {}, overrides: {} };
    expect(trueCap(miles)).toContain("mph");
    expect(trueCap(miles)).not.toContain("km/h true");
  });

  it("says nothing of a class nobody chose", () =>
    expect(
      says(<TrueCap workings={workOut({ ...SNOWPLOUGH, classChoice: { ...SNOWPLOUGH.classChoice, rule: null } })} />),
    ).toBe(""));
});

describe("the reason for a line", () => {
  it("shows the wheel's working with this bike's numbers, and every code's error", () => {
    const words = because(SNOWPLOUGH, "51");
    expect(words).toContain("Line 51\nWheel 26 → 29");
    expect(words).toMatch(/2310/);
    expect(words).toMatch(/26 \|[^\n]*\n?.*%/);
    expect(words).toContain("Set by");
  });

  it("says what the plan mends, once, with its margin", () => {
    const words = because(SNOWPLOUGH, "53");
    expect(words).toContain("As it is: Assist really stops at 27.8 km/h; EU EPAC says 25 km/h. 2.8 km/h over.");
    expect(words.match(/The plan mends it/g)).toHaveLength(1);
  });

  it("says what stands in the way where the plan does not mend it", () => {
    const strong = withTyped(SNOWPLOUGH, { in: "intake", name: "motorRatedW" }, "1000");
    expect(workOut(strong).sheet?.target.findings.map(({ message }) => message.key)).toContain("motor.over");
    const { sheet } = workOut(under(strong, "us-class-2"));
    expect(sheet?.inForce.findings.map(({ message }) => message.key)).toContain("motor.over");
  });

  it("says of a line that is left alone that it is", () =>
    expect(because(SNOWPLOUGH, "31")).not.toContain("The plan mends it"));

  it("offers a maker-only line with a reason, and a sealed target not at all", () => {
    expect(because(SNOWPLOUGH, "52")).toContain("Unlock with a reason");
    const sealed = startProgram(SNOWPLOUGH, AT);
    for (const code of ["51", "52"]) {
      expect(because(sealed, code)).toContain("This target is fixed: the plan was sealed when the keys began");
      expect(because(sealed, code)).not.toContain("Unlock with a reason");
    }
  });

  it("gives a reason for every line of every demo bike, in whole sentences", () => {
    for (const number of [201, 203, 204, 205, 206, 207, 208, 209]) {
      const job = demo(number);
      for (const { code } of workOut(job).sheet?.rows ?? []) {
        const words = because(job, code);
        expect(words, `${number} line ${code}`).toMatch(/[.:]/);
        expect(words, `${number} line ${code}`).not.toMatch(/undefined|NaN|\[object|null/);
      }
    }
  });
});
