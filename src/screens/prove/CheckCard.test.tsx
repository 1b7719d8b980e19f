// What a check asks, in whose unit, and what it says of the answer.
import { describe, expect, it } from "vitest";
import { TARN } from "@/catalog/displays/tarn";
import { CHECK_IDS, type CheckId, type Expectation } from "@/core/proof";
import { withCheck, workOut, type CheckState, type Job } from "@/core/record";
import { CHECK_WORDS } from "@/words";
import { checked, demo, programmed, readBack } from "../testing/jobs";
import { says, stageProps } from "../testing/says";
import { CheckCard } from "./CheckCard";
import { FailedCheck } from "./FailedCheck";

const READ = readBack(programmed(demo(207)));

const stateOf = (job: Job, id: CheckId): CheckState => {
  const state = workOut(job).checks.find(({ check }) => check.id === id);
  if (!state) throw new Error(`${id} is not due`);
  return state;
};
const card = (job: Job, id: CheckId): string => says(<CheckCard {...stageProps(job)} state={stateOf(job, id)} />);
const given = (expect: Expectation, unit: "kmh" | "mph"): string =>
  says(
    <CheckCard
      {...stageProps(READ)}
      state={{
        check: { id: "walk-assist", expect, unit, needed: true, wheelTurns: true },
        verdict: "due",
        changed: [],
        changedFacts: [],
      }}
    />,
  );

const never = (): never => {
  throw new Error("not answered");
};

describe("a check that asks for a yes", () => {
  it.each([
    ["due", READ, "due"],
    ["answered as it should", withCheck(READ, "brake-cut-off", { answer: "yes" }), "passed"],
    ["answered not so", withCheck(READ, "brake-cut-off", { answer: "no" }), "failed"],
  ] as const)("%s", (_, job, verdict) => {
    const words = card(job, "brake-cut-off").split("\n");
    expect(words.slice(0, 2).join(" ")).toContain(`Brake cut-off ${verdict}`);
    expect(words).toContain("As it should");
  });

  it("answered not so, says what comes next, and where", () => {
    const failed = withCheck(READ, "brake-cut-off", { answer: "no" });
    const { check } = stateOf(failed, "brake-cut-off");
    const words = says(<FailedCheck {...stageProps(failed)} check={check} />);
    expect(words).toContain("Do not let it leave.");
    expect(words).toContain("Find what is behind it");
  });
  it("stands aside for what blocks it, and asks for nothing", () => {
    const words = says(
      <CheckCard {...stageProps(READ)} state={stateOf(READ, "brake-cut-off")} blocked={<p>Not this step yet</p>} />,
    );
    expect(words).toContain("Not this step yet");
    expect(words).not.toContain("As it should");
  });

  it("is due again, by name of the line, when a line it rests on has changed since", () => {
    const done = checked(READ);
    const program = done.program;
    if (!program) throw new Error("no keys");
    const at = TARN.lines.findIndex(({ code }) => code === "34");
    const moved = {
      ...done,
      program: { ...program, targets: program.targets.with(at, 5) },
      readBack: { ...done.readBack, "34": "5" },
    };
    expect(card(moved, "brake-cut-off")).toContain("It was done before line 34 changed. Do it again.");
    expect(card(moved, "crawl-and-turn")).toContain("due again");
    expect(card(moved, "spin-speed")).toContain("passed");
  });

  it("only notes a figure nothing is foretold of", () => {
    const noted = card(withCheck(READ, "coast-down", { measured: "38" }), "coast-down");
    expect(noted.split("\n").slice(0, 2).join(" ")).toContain("Coast-down, no motor brake noted");
    expect(noted).not.toContain("passed");
    expect(card(withCheck(READ, "coast-down", { measured: "ages" }), "coast-down")).toContain("due");
  });

  it("is due again, by name of the part, when a fact it rests on has changed since", () => {
    const done = withCheck(checked(READ), "speedometer-run", { measured: "20" });
    const tyred = { ...done, intake: { ...done.intake, tyre: "47-622", rolloutMm: "" } };
    expect(card(tyred, "speedometer-run")).toContain(
      "It was done before the tyre and the rollout changed. Do it again.",
    );
    expect(card(tyred, "crawl-and-turn")).toContain("passed");
    const driven = { ...done, intake: { ...done.intake, controllerA: "30", motorRatedW: "750" } };
    expect(card(driven, "brake-cut-off")).toContain("before the motor and the controller changed");
    expect(
      card({ ...done, intake: { ...done.intake, tyre: ` ${done.intake.tyre ?? ""} ` } }, "speedometer-run"),
    ).toContain("passed");
    const padded = withCheck(
      { ...done, intake: { ...done.intake, tyre: ` ${done.intake.tyre ?? ""} ` } },
      "levels",
      {},
    );
    const run = withCheck(padded, "speedometer-run", { measured: "20" });
    expect(card({ ...run, intake: done.intake }, "speedometer-run")).toContain("passed");
    // Answered before facts were kept beside the answer: it stands as far as its lines do.
    const answered = done.checks["speedometer-run"] ?? never();
    const older = { ...answered, facts: undefined };
    const from = { ...tyred, checks: { ...tyred.checks, "speedometer-run": older } };
    expect(card(from, "speedometer-run")).not.toContain("due again");
  });
});

describe("a check that asks for a speed", () => {
  it("says what to expect and what must not be passed, in the unit asked", () => {
    const atMost = { kind: "at-most", expectedKmh: 24.14, atMostKmh: 25, strict: false } as const;
    expect(given(atMost, "kmh")).toContain("Expect about 24.1 km/h. At most 25 km/h.");
    expect(given({ ...atMost, strict: true }, "kmh")).toContain("Below 25 km/h.");
    expect(given(atMost, "mph")).toContain("Expect about 15 mph. At most 15.53 mph.");
    expect(given({ ...atMost, expectedKmh: null }, "mph")).not.toContain("Expect about");
    const between = { kind: "between", lowKmh: 19.5, highKmh: 20.6, atTrueKmh: 20 } as const;
    expect(given(between, "kmh")).toContain("Expect 19.5 to 20.6 km/h shown.");
    expect(given(between, "mph")).toContain("Expect 12.1 to 12.8 mph shown.");
  });

  it.each([
    ["23.9", "passed"],
    ["26", "failed"],
    ["15 mph", "passed"],
    ["16 mph", "failed"],
    ["7 m/s", "failed"],
    ["6,9 m/s", "passed"],
    ["fast", "due"],
    ["-3", "due"],
    ["1e9", "due"],
    ["", "due"],
  ])("takes %j as %s", (measured, verdict) => {
    const words = card(withCheck(READ, "top-speed-run", { measured }), "top-speed-run");
    expect(words.split("\n").slice(0, 2).join(" ")).toContain(`Top assisted speed ${verdict}`);
    expect(words.includes("Give a speed from 0 to 200 km/h")).toBe(verdict === "due" && measured !== "");
  });

  it.each([
    ["15.2", "passed"],
    ["15.9", "failed"],
  ])("keeps the unit %s was asked for in, when it is asked for in another since", (measured, verdict) => {
    const answer = { answer: "", measured, askedIn: "mph", note: "", rests: {} } as const;
    const inMiles = { ...READ, checks: { ...READ.checks, "top-speed-run": answer } };
    expect(stateOf(inMiles, "top-speed-run").verdict).toBe(verdict);
    expect(says(<CheckCard {...stageProps(inMiles)} state={stateOf(inMiles, "top-speed-run")} />)).not.toContain(
      "Give a speed",
    );
  });
});

describe("the words of the checks", () => {
  it("tell for every one how it is done, in either unit, and what next where it failed", () => {
    for (const id of CHECK_IDS) {
      const { title, how, next } = CHECK_WORDS[id];
      for (const words of [title, how("kmh"), how("mph"), next]) expect(words.trim().length).toBeGreaterThan(5);
      expect(how("mph")).not.toContain("km/h");
      expect(how("kmh")).not.toContain("mph");
    }
  });

  it("send no bike out whose brakes, throttle or cap failed", () => {
    for (const id of ["brake-cut-off", "throttle-release", "top-speed-run"] as const)
      expect(CHECK_WORDS[id].next).toMatch(/^Do not let it leave/);
  });
});
