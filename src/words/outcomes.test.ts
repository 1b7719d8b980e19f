// What a set of values comes to, row by row, for bikes known well and hardly: figures in words, or none.
import { describe, expect, it } from "vitest";
import { demoJobs } from "@/catalog/demo/workshop";
import { columnOf } from "@/core/sheet";
import { workOut, type Job } from "@/core/record";
import { readFacts } from "@/core/facts/everyFact";
import { movableRows, outcomeOf, withMoved, type Outcome } from "@/core/benches/outcome";
import type { Voice } from "./findings";
import { OUTCOMES } from "./outcomes";

const KMH: Voice = { unit: "kmh", className: "EU EPAC", classUnit: "kmh" };
const MPH: Voice = { ...KMH, unit: "mph" };
const demo = (number: number): Job => {
  const job = demoJobs().find((each) => each.number === number);
  if (!job) throw new Error(`no demo bike ${number}`);
  return job;
};

/** What a bike comes to as found, or with lines moved off their targets. */
function outcome(job: Job, moved: ReadonlyMap<string, number> | null = null): Outcome {
  const { bike, choice, sheet } = workOut(job);
  const { profile } = job;
  if (!profile || !sheet) throw new Error("no sheet");
  const ask = { profile, bike, facts: readFacts(job.intake) };
  const at = new Map([...(moved ?? [])].map(([code, raw]) => [sheet.rows.findIndex((row) => row.code === code), raw]));
  return outcomeOf(
    ask,
    moved === null ? sheet.found : columnOf("tried", withMoved(sheet.target.raws, at), { profile, bike, choice }),
  );
}
const rowOf = (what: string) => {
  const row = OUTCOMES.find((each) => each.what === what);
  if (!row) throw new Error(`no row ${what}`);
  return row;
};
const said = (what: string, of: Outcome, voice = KMH): string | null => rowOf(what).of(of, voice);

describe("the rows of the comparison", () => {
  it("are called differently, and say nothing that is no number, for every demo bike in either unit", () => {
    expect(new Set(OUTCOMES.map(({ what }) => what)).size).toBe(OUTCOMES.length);
    for (const number of [201, 203, 204, 205, 206, 207, 208, 209]) {
      const of = outcome(demo(number));
      for (const voice of [KMH, MPH])
        for (const row of OUTCOMES)
          for (const words of [row.of(of, voice) ?? "", ...row.working(of, voice)])
            expect(words, `${number} ${row.what}`).not.toMatch(/NaN|Infinity|undefined|\[object/);
    }
  });

  it("open a working under every figure that was worked out", () => {
    const of = outcome(demo(207));
    for (const row of OUTCOMES)
      if (row.of(of, KMH) !== null && row.what !== "Findings")
        expect(row.working(of, KMH).length, row.what).toBeGreaterThan(0);
  });
});

describe("the true cap", () => {
  const SNOWPLOUGH = demo(207);

  it("is told as found, with the division behind it", () => {
    // By hand: 26 × 25.4 × π ÷ 2310 = 0.8981, and 25 ÷ 0.8981 = 27.84.
    const of = outcome(SNOWPLOUGH);
    expect(said("Assist really ends at", of)).toBe("27.84 km/h");
    expect(rowOf("Assist really ends at").working(of, KMH)[0]).toBe("cap set 25 km/h ÷ r 0.8981 = 27.84 km/h");
    expect(said("The speed shown reads", of)).toBe("−10.2 %");
  });

  it("is told in the display's unit", () =>
    expect(said("Assist really ends at", outcome(SNOWPLOUGH), MPH)).toBe("17.3 mph"));

  it("moves with the line that is moved", () => {
    const slower = outcome(SNOWPLOUGH, new Map([["53", 20]]));
    expect(said("Assist really ends at", slower)).toBe("19.96 km/h");
    expect(said("Assist really ends at", outcome(SNOWPLOUGH, new Map()))).toBe("24.96 km/h");
  });

  it("is not told where nothing ends assist, nothing was read, or the wheel is not known", () => {
    const typed = (code: string, shows: string): Job => ({
      ...SNOWPLOUGH,
      asFound: { ...SNOWPLOUGH.asFound, shown: { ...SNOWPLOUGH.asFound.shown, [code]: shows } },
    });
    expect(said("Assist really ends at", outcome(typed("53", "50")))).toBe("no cap");
    expect(said("Assist really ends at", outcome(typed("53", "")))).toBe("not read");
    const unmeasured = { ...SNOWPLOUGH, intake: { ...SNOWPLOUGH.intake, rolloutMm: "", tyre: "" } };
    expect(said("Assist really ends at", outcome(unmeasured))).toBe("not known: measure the rollout, or give the tyre");
    expect(said("The speed shown reads", outcome(unmeasured))).toBeNull();
    expect(rowOf("The speed shown reads").working(outcome(unmeasured), KMH)).toEqual([]);
  });
});

describe("watts, levels and range", () => {
  it("need the pack and the controller", () => {
    const bare = { ...demo(207), intake: { ...demo(207).intake, packV: "", controllerA: "", packAh: "" } };
    for (const what of [
      "Label watts",
      "Watts from a full pack",
      "Range, top level on the flat",
      "Top speed of the kit",
    ])
      expect(said(what, outcome(bare)), what).toBeNull();
    expect(outcome(bare).missing).toContain("packV");
  });

  it("count label watts as volts times amps, and say whose watts they are", () => {
    // 48 V × 18 A, as found.
    expect(said("Label watts", outcome(demo(207)))).toBe("864 W");
    expect(
      rowOf("Label watts")
        .working(outcome(demo(207)), KMH)
        .join(" "),
    ).toContain("not the motor’s rating");
  });

  it("say what the brakes are asked, in metres or feet, the faster the more by the square", () => {
    const slow = outcome(demo(207), new Map([["53", 15]]));
    const fast = outcome(demo(207), new Map([["53", 32]]));
    const metres = (of: Outcome) => Number(/^([\d.]+) m, /.exec(said("Brakes, from the fastest level", of) ?? "")?.[1]);
    const kmh = (of: Outcome) => Math.max(...of.levels.map(({ flat }) => flat.speedKmh));
    expect(metres(fast) / metres(slow)).toBeCloseTo((kmh(fast) / kmh(slow)) ** 2, 0);
    expect(said("Brakes, from the fastest level", slow, MPH)).toMatch(/^\d+ ft, [\d.]+ kJ$/);
  });

  it("count findings that are more than a note, and read them out", () => {
    const of = outcome(demo(207));
    const words = rowOf("Findings").working(of, KMH);
    expect(said("Findings", of)).toBe(String(words.length));
    expect(words.join(" ")).toContain("Assist really stops at 27.8 km/h; EU EPAC says 25 km/h.");
  });

  it("offer only lines that can be moved", () => {
    const { sheet } = workOut(demo(207));
    const codes = movableRows(sheet?.rows ?? []).map(({ row }) => row.code);
    expect(codes).toContain("53");
    expect(codes).not.toContain("52");
    for (const { raws } of movableRows(sheet?.rows ?? [])) expect(raws.length).toBeGreaterThan(1);
  });
});
