// The benches on bikes known well, hardly and absurdly: a figure that cannot be worked out is missing, never a wrong
// number.
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import fc from "fast-check";
import type { ComponentType } from "react";
import { describe, expect, it } from "vitest";
import { MODEL_FIGURES, RIDE_FIGURES } from "@/core/benches/rideOf";
import { readFacts } from "@/core/facts/everyFact";
import { FIGURES } from "@/core/facts/figures";
import type { Job } from "@/core/record";
import { demo } from "../testing/jobs";
import { says, stageProps } from "../testing/says";
import { BatteryBench } from "./BatteryBench";
import type { BenchProps } from "./benchProps";
import { CurrentBench } from "./CurrentBench";
import { LadderBench } from "./LadderBench";
import { RideBench } from "./RideBench";
import { SpeedometerBench } from "./SpeedometerBench";
import { UpgradeBench } from "./UpgradeBench";
import { WheelBench } from "./WheelBench";

const BENCHES = {
  wheel: WheelBench,
  speedometer: SpeedometerBench,
  battery: BatteryBench,
  current: CurrentBench,
  ladder: LadderBench,
  ride: RideBench,
  upgrade: UpgradeBench,
} as const satisfies Readonly<Record<string, ComponentType<BenchProps>>>;
type BenchName = keyof typeof BENCHES;
const NAMES = Object.keys(BENCHES) as readonly BenchName[];

function bench(name: BenchName, job: Job): string {
  const props = stageProps(job);
  const Bench = BENCHES[name];
  const raws = props.workings.sheet?.rows.map((row) => row.inForce?.raw ?? null) ?? [];
  return says(<Bench {...props} facts={readFacts(job.intake)} raws={raws} />);
}

/** Words no bench may ever say. */
const NO_NUMBER = /NaN|Infinity|undefined|\[object|∞/;
const withFigures = (job: Job, typed: Readonly<Record<string, string>>): Job => ({
  ...job,
  intake: { ...job.intake, ...typed },
});

const TYPED_FIELDS = [
  ...Object.keys(FIGURES),
  "tyre",
  "rolloutMm",
  "rolloutTurns",
  "tapeErrorMm",
  "motorKind",
  "motorRatedW",
  "packV",
  "packAh",
  "bmsA",
  "controllerA",
  "throttleFitted",
];
const WILD = ["", "0", "-5", "1e9", "1e-9", "abc", "25,4", "0x10", "--", "0.0", "999999999", "20 mph", "12 12\n0 0"];

describe("every bench", () => {
  it.each(NAMES)("%s is whole for every demo bike", (name) => {
    for (const number of [201, 203, 204, 205, 206, 207, 208, 209, 210]) {
      const words = bench(name, demo(number));
      expect(words, `${number}`).not.toMatch(NO_NUMBER);
      expect(words.length).toBeGreaterThan(200);
    }
  });

  it.each(NAMES)("%s shows no figure in place of one that is not known", (name) => {
    const nothing = { ...demo(210), intake: {}, profile: null };
    expect(bench(name, nothing)).not.toMatch(NO_NUMBER);
  });

  it("never shows a number that is none, whatever is typed", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...NAMES),
        fc.constantFrom(204, 207, 210),
        fc.dictionary(fc.constantFrom(...TYPED_FIELDS), fc.constantFrom(...WILD), { maxKeys: 6 }),
        (name, number, typed) => {
          expect(bench(name, withFigures(demo(number), typed))).not.toMatch(NO_NUMBER);
        },
      ),
      { seed: 20261126, numRuns: 150 },
    );
  });
});

describe("the wheel bench", () => {
  it("shows the rollout with its working, and what each line would make of it", () => {
    const words = bench("wheel", demo(207));
    expect(words).toContain("4620 mm ÷ 2 = 2310 mm");
    expect(words).toContain("24.96 km/h");
  });

  it("asks for the rollout or the tyre where it has neither", () => {
    const unmeasured = withFigures(demo(207), { rolloutMm: "", tyre: "", sidewall: "", outerDiameterMm: "" });
    expect(bench("wheel", unmeasured)).toMatch(/measure the rollout|give the tyre/i);
    expect(bench("wheel", unmeasured)).not.toContain("24.96 km/h");
  });
});

describe("the speedometer bench", () => {
  it("says what one reading makes of the speedometer, and keeps the unit it was read in", () => {
    const words = bench("speedometer", demo(207));
    expect(words).toContain("18");
    expect(words).toMatch(/−10/);
  });

  it("shows no r from a reading of nothing", () => {
    const still = withFigures(demo(207), { oneShown: "0", runs: "", tripShown: "", trackKm: "" });
    expect(bench("speedometer", still)).not.toMatch(/r = 0\b/);
  });
});

describe("the battery bench", () => {
  it("takes the full pack from the charger's volts where they are said", () => {
    expect(bench("battery", withFigures(demo(207), { chargerV: "54.6" }))).toContain("54.6 V");
    expect(bench("battery", withFigures(demo(207), { chargerV: "58.8" }))).toContain("58.8 V");
  });

  it("names the field and what would be accepted, and leaves the rest standing", () => {
    const words = bench("battery", withFigures(demo(207), { chargerV: "9999" }));
    expect(words).toMatch(/12 to 130/);
    expect(words).toContain("54.6 V");
  });
});

describe("the current bench", () => {
  it("names the weakest part of those that are said", () => {
    expect(bench("current", demo(207))).toMatch(/motor|controller|BMS/);
    expect(bench("current", withFigures(demo(207), { bmsA: "6" }))).toContain("6 A");
  });
});

describe("figures", () => {
  it("each is asked for somewhere: by a bench, or by a stage before it", () => {
    const asking = ["numbers", "intake", "plan", "hand-over"].flatMap((folder) => {
      const path = join(__dirname, "..", folder);
      return readdirSync(path)
        .filter((name) => name.endsWith(".tsx") && !name.endsWith(".test.tsx"))
        .map((name) => readFileSync(join(path, name), "utf8"));
    });
    const code = asking.join("\n");
    const listed = new Set<string>([...RIDE_FIGURES, ...MODEL_FIGURES.hub, ...MODEL_FIGURES.mid]);
    expect(Object.keys(FIGURES).filter((key) => !listed.has(key) && !code.includes(`"${key}"`))).toEqual([]);
  });
});
