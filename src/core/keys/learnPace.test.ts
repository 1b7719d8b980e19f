// A technician's own pace from how long steps took: found again from made-up hands, and never thrown by a coffee break.
import jstat from "jstat";
import { describe, expect, it } from "vitest";
import { seeded } from "../units/seeded";
import { isAtTheKeys, learnPace, sampleOf, type PaceSample } from "./learnPace";
import { USUAL_PACE, type Pace } from "./pace";

const HANDS: readonly (readonly [string, Pace])[] = [
  ["quick", { tapMs: 260, settleMs: 300, lookMs: 700, answerMs: 900 }],
  ["slow", { tapMs: 620, settleMs: 900, lookMs: 2100, answerMs: 2600 }],
  ["usual", USUAL_PACE],
];

const tookBy = (hand: Pace, { taps, holds, looks, fixedMs }: Omit<PaceSample, "tookMs">): number =>
  fixedMs + taps * hand.tapMs + holds * hand.settleMs + looks * hand.lookMs + hand.answerMs;

/** Steps of all kinds as this hand presses them, each off by up to a share. */
function steps(hand: Pace, count: number, off: number, seed = 8): readonly PaceSample[] {
  const random = seeded(seed);
  const upTo = (most: number) => Math.floor(random() * (most + 1));
  return Array.from({ length: count }, () => {
    const step = { taps: upTo(14), holds: upTo(1), looks: 1 + upTo(2), fixedMs: upTo(2) * 1000 };
    return { ...step, tookMs: tookBy(hand, step) * (1 + off * (2 * random() - 1)) };
  });
}

describe("a pace", () => {
  it("nobody has shown yet is the usual one", () => expect(learnPace([])).toEqual(USUAL_PACE));

  it.each(HANDS)("of a %s hand foretells steps it was not learnt from within a tenth", (_, hand) => {
    const learnt = learnPace(steps(hand, 60, 0.15));
    for (const step of steps(hand, 40, 0, 99)) {
      const foretold = tookBy(learnt, step);
      expect(Math.abs(foretold - step.tookMs) / step.tookMs).toBeLessThan(0.1);
    }
  });

  it("is what a general ridge regression finds, with the usual pace believed for three steps before", () => {
    // Source: closed form (XᵀX + Λ)⁻¹(Xᵀy + Λβ₀), Hoerl and Kennard 1970, by npm package jstat.
    const [, hand] = HANDS[1] ?? HANDS[0] ?? ["", USUAL_PACE];
    const samples = steps(hand, 25, 0.1);
    const rows = samples.map(({ taps, holds, looks }) => [taps, holds, looks, 1]);
    const usual = [USUAL_PACE.tapMs, USUAL_PACE.settleMs, USUAL_PACE.lookMs, USUAL_PACE.answerMs];
    const believed = [6, 1, 2, 1].map((count) => 3 * count ** 2);
    const below = usual.map((_, i) =>
      usual.map((__, j) =>
        rows.reduce((sum, row) => sum + (row[i] ?? 0) * (row[j] ?? 0), i === j ? (believed[i] ?? 0) : 0),
      ),
    );
    const above = usual.map((ms, i) =>
      rows.reduce(
        (sum, row, k) => sum + (row[i] ?? 0) * ((samples[k]?.tookMs ?? 0) - (samples[k]?.fixedMs ?? 0)),
        (believed[i] ?? 0) * ms,
      ),
    );
    const inverse = (jstat as unknown as { inv: (matrix: number[][]) => number[][] }).inv(below);
    const expected = inverse.map((row) => row.reduce((sum, part, i) => sum + part * (above[i] ?? 0), 0));
    const { tapMs, settleMs, lookMs, answerMs } = learnPace(samples);
    [tapMs, settleMs, lookMs, answerMs].forEach((ms, i) => expect(Math.abs(ms - (expected[i] ?? 0))).toBeLessThan(1));
  });

  it("is not thrown by a step left alone, nor by one answered before its keys were pressed", () => {
    const [, hand] = HANDS[0] ?? ["", USUAL_PACE];
    const kept = steps(hand, 30, 0.1);
    const away = { taps: 2, holds: 0, looks: 1, fixedMs: 0, tookMs: 240_000 };
    const doubled = { taps: 12, holds: 1, looks: 2, fixedMs: 2000, tookMs: 300 };
    expect([away, doubled].map(isAtTheKeys)).toEqual([false, false]);
    expect(learnPace([...kept, away, doubled])).toEqual(learnPace(kept));
  });

  it("stays within what is believed of anybody", () => {
    const never = steps({ tapMs: 20, settleMs: 0, lookMs: 0, answerMs: 0 }, 60, 0).map((step) => ({
      ...step,
      tookMs: step.fixedMs + 150 * step.taps + 1,
    }));
    const { lookMs, answerMs } = learnPace(never);
    expect(lookMs).toBeGreaterThanOrEqual(200);
    expect(answerMs).toBeGreaterThanOrEqual(300);
  });
});

it("a sample keeps what the display asked for apart from what the hand did", () =>
  expect(
    sampleOf(
      {
        runs: [
          { stroke: { kind: "tap", keys: ["plus"] }, count: 4 },
          { stroke: { kind: "hold", keys: ["set", "plus"], holdMs: 2000 }, count: 1 },
          { stroke: { kind: "wait", ms: 5000, for: "menu-closes" }, count: 1 },
        ],
      },
      12_345,
    ),
  ).toEqual({ taps: 4, holds: 1, looks: 3, fixedMs: 300 + 2150 + 5000, tookMs: 12_345 }));
