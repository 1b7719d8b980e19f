// The pace a device keeps: read whole, or the usual one; and the steps it was learnt from.
import { describe, expect, it } from "vitest";
import { USUAL_PACE } from "@/core/keys/usualPace";
import { readPace } from "./ownPace";
import { readSamples } from "./paceLearning";

const SAMPLE = { taps: 4, holds: 0, looks: 2, fixedMs: 0, tookMs: 4200 };
const PACE = { ...USUAL_PACE, lookMs: 800 };

describe("a kept pace", () => {
  it("comes back with the steps it was learnt from", () => {
    const text = JSON.stringify({ pace: PACE, samples: [SAMPLE] });
    expect(readPace(text)).toEqual(PACE);
    expect(readSamples(text)).toEqual([SAMPLE]);
  });

  it.each([
    ["nothing", null],
    ["a broken text", '{"pace":'],
    ["a time nobody needs", JSON.stringify({ pace: { ...PACE, answerMs: 1e7 }, samples: [] })],
    ["a part that is missing", JSON.stringify({ pace: { tapMs: 350 }, samples: [] })],
    ["no pace", JSON.stringify({ samples: [] })],
  ])("of %s is the usual one", (_, text) => expect(readPace(text)).toEqual(USUAL_PACE));

  it("leaves out a step without its time, and has none where there are none", () => {
    expect(readSamples(JSON.stringify({ samples: [{ ...SAMPLE, tookMs: null }, SAMPLE, 7] }))).toEqual([SAMPLE]);
    expect([null, "{", '{"samples":3}'].map(readSamples)).toEqual([[], [], []]);
  });
});
