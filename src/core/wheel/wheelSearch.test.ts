import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bestPair, PULSE_RANGE } from "./pairSearch";
import { pickUpHypotheses, workBack } from "./pickUp";
import { readSidewall } from "./sidewall";
import { rolloutSources } from "./sources";

const tyres = (typed: string) => {
  const reading = readSidewall(typed);
  return reading.ok ? reading.candidates.map(({ tyre }) => `${tyre.widthMm}-${tyre.beadSeatMm}`) : [];
};

describe("what stands on a sidewall", () => {
  it.each([
    // Source of the pairs that carry both: ISO 5775-1 names the bead seat; the older names beside it are common
    // practice, no source.
    ["50-559", ["50-559"]],
    ["TOUR 40-622 (28 x 1.50, 700x38C) MIN 3.5 BAR", ["40-622"]],
    ["26 x 4.0", ["102-559"]],
    ['27.5" x 2.40', ["61-584"]],
    ["29x2.25", ["57-622"]],
    ["28 x 1.60", ["41-622"]],
    ["20 × 1,75", ["44-406"]],
    ["24 x 2", ["51-507"]],
    ["26 x 1 3/8", ["35-590", "35-597", "35-584", "35-571"]],
    ["28 x 1 1/2", ["38-622", "38-635"]],
    ["27 x 1 1/4", ["32-630"]],
    ["20 x 1⅜", ["35-451"]],
    ["700 x 38C", ["38-622"]],
    ["700x25", ["25-622"]],
    ["650 x 48B", ["48-584"]],
    ["650B x 48", ["48-584"]],
    ["650 x 35 A", ["35-590"]],
  ])("%s", (typed, expected) => expect(tyres(typed)).toEqual(expected));

  it("asks for the width where only a size stands there, and says which rims it could be", () => {
    expect(readSidewall("26")).toMatchObject({
      ok: false,
      problem: { key: "sidewall.width-missing", beadSeatsMm: expect.arrayContaining([559, 590]) },
    });
    expect(readSidewall("650B")).toMatchObject({
      ok: false,
      problem: { key: "sidewall.width-missing", beadSeatsMm: [584] },
    });
  });
  it.each(["", "puncture proof", "33 x 2", "26 x 9", "20-999"])("knows nothing of %j", (typed) =>
    expect(readSidewall(typed)).toMatchObject({ ok: false, problem: { key: "sidewall.nothing-known" } }),
  );
  it("whatever is typed, gives only tyres there are, or says what it lacks", () => {
    const bits = fc.constantFrom(
      "26",
      "28",
      "700",
      "x",
      " ",
      "1 3/8",
      "2.1",
      "-",
      "622",
      "C",
      "40",
      "650",
      "B",
      "½",
      "999",
    );
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 40 }),
          fc.array(bits, { maxLength: 8 }).map((parts) => parts.join("")),
        ),
        (typed) => {
          const reading = readSidewall(typed);
          if (!reading.ok) {
            expect(reading.problem.typed).toBe(typed);
            return;
          }
          expect(reading.candidates.length).toBeGreaterThan(0);
          for (const { tyre } of reading.candidates)
            expect([
              tyre.widthMm >= 18 && tyre.widthMm <= 130,
              tyre.beadSeatMm >= 150 && tyre.beadSeatMm <= 642,
            ]).toEqual([true, true]);
        },
      ),
      { numRuns: 2000 },
    );
  });
});

describe("sources of a rollout", () => {
  const tyre = { widthMm: 100, beadSeatMm: 559 };
  it("stand in order of trust, and say which cannot be right", () => {
    const found = rolloutSources({
      measured: { mm: 2310, uncertaintyMm: 3, from: "measured" },
      gps: { mm: 2330, uncertaintyMm: 25 },
      outerDiameterMm: 739,
      tyre,
    });
    expect(found.map(({ source, agrees }) => [source, agrees])).toEqual([
      ["rollout", true],
      ["gps", true],
      ["outer-diameter", true],
      ["sidewall", true],
    ]);
    const wrong = rolloutSources({
      measured: { mm: 2055, uncertaintyMm: 3, from: "measured" },
      gps: null,
      outerDiameterMm: null,
      tyre,
    });
    expect(wrong[1]).toMatchObject({ source: "sidewall", agrees: false });
    expect(rolloutSources({ measured: null, gps: null, outerDiameterMm: null, tyre: null })).toEqual([]);
  });
});

describe("the best pair", () => {
  const grid = fc.record({
    wheels: fc.uniqueArray(fc.integer({ min: 1000, max: 2600 }), { minLength: 1, maxLength: 40 }),
    pulses: fc.uniqueArray(fc.integer({ min: 1, max: 120 }), { minLength: 1, maxLength: 40 }),
    rollout: fc.double({ min: 1000, max: 2600, noNaN: true }),
    physical: fc.integer({ min: 1, max: 120 }),
  });
  const ask = (wheels: readonly number[], pulses: readonly number[], rollout: number, physical: number) => ({
    wheels: wheels.map((mm) => ({ code: mm, circumferenceMm: mm })),
    pulses: pulses.map((count) => ({ code: count, count })),
    asFound: { wheel: wheels[0] ?? null, pulse: pulses[0] ?? null },
    pulsesPerMm: physical / rollout,
    physicalPulses: physical,
  });
  it("has no better neighbour, nor any better pair at all", () => {
    fc.assert(
      fc.property(grid, ({ wheels, pulses, rollout, physical }) => {
        const best = bestPair(ask(wheels, pulses, rollout, physical));
        const allowed = pulses.filter((count, i) => i === 0 || Math.abs(count / physical - 1) <= PULSE_RANGE + 1e-9);
        const all = wheels.flatMap((mm) => allowed.map((count) => ((physical / rollout) * mm) / count));
        const least = Math.min(...all.map((r) => Math.abs(Math.log(r))));
        expect(best).not.toBeNull();
        if (!best) return;
        expect(Math.abs(Math.log(best.r))).toBeLessThanOrEqual(least + 0.003 + 1e-12);
        const asGood = all.filter((r) => Math.abs(Math.log(r)) <= least + 0.003);
        // Binary noise just under 1 does not read low.
        const notLow = asGood.filter((r) => r >= 1 - 1e-9);
        expect(best.r).toBeCloseTo(notLow.length > 0 ? Math.min(...notLow) : Math.max(...asGood), 8);
      }),
      { numRuns: 500 },
    );
  });
  it("changes fewest lines among pairs that are one as good as the other", () => {
    // 2000/20 and 2200/22 give the same factor; the second is what stands there.
    const asked = { ...ask([2000, 2200], [20, 22], 2000, 20), asFound: { wheel: 2200, pulse: 22 } };
    expect(bestPair(asked)).toMatchObject({ wheel: 2200, pulse: 22, changed: 0 });
    expect(bestPair({ ...asked, asFound: { wheel: null, pulse: null } })).toMatchObject({ wheel: 2000, pulse: 20 });
  });
  it("has nothing to say without candidates", () => expect(bestPair(ask([], [1], 2000, 1))).toBeNull());
});

describe("which pick-up it is", () => {
  // Common practice, no source: 16 pole pairs through a 5:1 gear give 80 pulses a wheel turn; a direct drive has 46
  // poles.
  it("works 80 back from one reading of a geared hub", () => {
    const facts = pickUpHypotheses({ spokeMagnets: null, motorPoles: 32, gearRatio: 5 });
    const found = workBack(
      {
        trueKmh: 20,
        trueUncertaintyKmh: 0.3,
        shownKmh: 40.2,
        shownStepKmh: 0.1,
        pulsesSet: 40,
        circumferenceSetMm: 2180,
        rolloutMm: 2180,
        rolloutUncertaintyMm: 5,
      },
      facts,
    );
    expect(found.pulses).toBeCloseTo(80.4, 1);
    expect(found.ranked[0]).toMatchObject({ meaning: "pole-pairs-geared", pulses: 80, possible: true });
    expect(found.ranked.filter(({ possible }) => possible)).toHaveLength(1);
  });
  it("keeps two that a coarse reading cannot tell apart", () => {
    const facts = pickUpHypotheses({ spokeMagnets: 22, motorPoles: 46, gearRatio: 1 });
    const found = workBack(
      {
        trueKmh: 9,
        trueUncertaintyKmh: 0.5,
        shownKmh: 9,
        shownStepKmh: 1,
        pulsesSet: 23,
        circumferenceSetMm: 2180,
        rolloutMm: 2180,
        rolloutUncertaintyMm: 20,
      },
      facts,
    );
    expect(
      found.ranked
        .filter(({ possible }) => possible)
        .map(({ meaning }) => meaning)
        .sort(),
    ).toEqual(["pole-pairs", "spoke-magnets"]);
  });
});
