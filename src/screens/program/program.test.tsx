// What stands on the way to the keys, what they will change, and how one step is read from a metre away.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { BRACKEN } from "@/catalog/displays/bracken";
import { TARN } from "@/catalog/displays/tarn";
import { atHome, standInRaws, type DisplayProfile } from "@/core/display";
import { keyWork, programOutlook, withTyped, workOut, type Job } from "@/core/record";
import { demo, programmed } from "../testing/jobs";
import { keysStageProps, says, stageProps } from "../testing/says";
import { BeforeTheKeys } from "./BeforeTheKeys";
import { ChangeList } from "./ChangeList";
import { InForce } from "./InForce";
import { KeyCardStep } from "./KeyCardStep";
import { StrokeRuns } from "./StrokeRuns";

const SNOWPLOUGH = demo(207);
const before = (job: Job): string => {
  const props = stageProps(job);
  if (!job.profile) throw new Error("no display");
  return says(<BeforeTheKeys {...props} profile={job.profile} />);
};
const changes = (job: Job): readonly string[] => {
  const outlook = programOutlook(job, workOut(job));
  if (!outlook || !job.profile) throw new Error("no keys to plan");
  return says(<ChangeList profile={job.profile} outlook={outlook} />).split("\n");
};

describe("before the keys", () => {
  it("asks for whose land it is before anything else", () => {
    const unsaid = withTyped(demo(206), { in: "acknowledged" }, " ");
    expect(before(unsaid)).toContain("Write down whose land it is");
    expect(before(unsaid)).not.toContain("Start the keys");
  });

  it("plans no keys without a baseline, and counts what is missing", () => {
    expect(before(demo(208))).toContain("8 lines of 18 not written down.");
    expect(before(demo(208))).not.toContain("Start the keys on the bike");
  });

  it("lets a written reason stand for the baseline, and stops at every unread line then", () => {
    const waived = withTyped(demo(208), { in: "waived-reason" }, "No leaflet, and it locks after two lines.");
    expect(before(waived)).toContain("8 lines nobody has read: the card stops at each.");
    expect(before(waived)).toContain("Start the keys on the bike");
    expect(before(withTyped(demo(208), { in: "waived-reason" }, "no"))).not.toContain("Start the keys on the bike");
  });

  it("tells keys and time against walking the leaflet, and what starting seals", () => {
    expect(before(SNOWPLOUGH)).toMatch(/16 key presses, 13 s\n/);
    expect(before(SNOWPLOUGH)).toMatch(
      /About \d+ s with reading and answering.* would take \d+ presses and about (\d+ min )?\d+ s\./,
    );
    expect(before(SNOWPLOUGH)).toContain("Wheel clear of the floor or brake held, before any chord.");
    expect(before(SNOWPLOUGH)).toContain("Starting seals the as-found and the target sheet of Tarn");
  });

  it("says again what the plan does not mend", () => {
    const strong = withTyped(SNOWPLOUGH, { in: "intake", name: "motorRatedW" }, "1000");
    expect(before(strong)).toContain(
      "The motor is rated 1000 W; EU EPAC says 250 W. No line mends that. The plan does not mend this.",
    );
    expect(before(SNOWPLOUGH)).not.toContain("The plan does not mend this.");
  });
});

describe("the list of changes", () => {
  it("names every change once, from what to what, in the order the keys come to it", () => {
    const list = changes(SNOWPLOUGH);
    expect(list[0]).toBe("What will change, in this order");
    const wheel = list.find((words) => words.startsWith("51"));
    expect(wheel).toBe("51Wheel26 → 29");
    const codes = list.slice(1, -1).map((words) => words.slice(0, 2));
    expect(new Set(codes).size).toBe(codes.length);
    expect(list.at(-1)).toBe(`${18 - codes.length} other lines stay as they are.`);
  });

  it("shows a line nobody has read as one to be read", () => {
    const waived = withTyped(demo(209), { in: "waived-reason" }, "Out of the box, no leaflet.");
    expect(changes(waived).some((words) => words.includes("unread → read it, then plan"))).toBe(true);
  });
});

describe("keys that are done", () => {
  it("claim no more than was told, and say how it came in force", () => {
    const done = programmed(SNOWPLOUGH);
    expect(says(<InForce {...keysStageProps(done)} />)).toContain(
      "The keys of the bike were pressed, as you said. Saved, and switched off and on. What it holds is still a claim until it is read back.",
    );
    const atOnce = { ...keysStageProps(done), profile: { ...TARN, inForce: "at-once" } as DisplayProfile };
    expect(says(<InForce {...atOnce} />)).toContain("Saved, and it acts at once.");
  });
});

describe("a step of the card", () => {
  const steps = (profile: DisplayProfile) => {
    const start = atHome(profile, standInRaws(profile));
    const work = keyWork(profile, start, {
      targets: start.saved.map((raw, i) => (profile.lines[i]?.code === "51" ? 5 : raw)),
    });
    return work.steps;
  };

  it("says the line, what it holds, what it must show, and the keys", () => {
    const step = steps(TARN).find(({ line }) => line !== null && TARN.lines[line]?.code === "51");
    if (!step) throw new Error("no step to line 51");
    const words = says(<KeyCardStep profile={TARN} step={step} unread={[]} />);
    expect(words).toContain("It must show");
    expect(words).toContain("Wheel");
    expect(words).toMatch(/instead of/);
    expect(words).toMatch(/\d taps?|hold/);
    const unread = says(
      <KeyCardStep
        profile={TARN}
        step={{ ...step, after: step.before }}
        unread={step.line === null ? [] : [step.line]}
      />,
    );
    expect(unread).not.toContain("undefined");
  });

  it("opens, saves and switches off with words of its own", () => {
    const words = steps(TARN)
      .map((step) => says(<KeyCardStep profile={TARN} step={step} unread={[]} />))
      .join("\n");
    expect(words).toContain("Open the menu");
    expect(words).toContain("Save and leave");
    expect(words).toContain("Back on the home screen. It is saved, and not yet in force.");
    expect(words).toContain("Switch it off");
    expect(words).toContain("Switch it on");
    expect(words).toContain("Only now is it in force.");
  });

  it("draws every key of every shipped display by its name, with how it is pressed", () => {
    for (const profile of SHIPPED_DISPLAYS) {
      const raws = standInRaws(profile);
      const at = profile.lines.findIndex((line) => !line.makerOnly && line.encoding.kind === "number");
      const wanted = raws.map((raw, i) => (i === at ? raw + 1 : raw));
      const { steps: all, plan } = keyWork(profile, atHome(profile, raws), { targets: wanted });
      if (!plan.ok) continue;
      for (const { runs } of all) {
        const words = says(<StrokeRuns profile={profile} runs={runs} />);
        expect(words, profile.name).not.toMatch(/undefined|NaN|^$/);
        expect(words, profile.name).toMatch(/tap|hold|wait|together|press/i);
      }
    }
    expect(BRACKEN.lines.length).toBeGreaterThan(0);
  });
});
