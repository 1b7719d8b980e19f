// The pace a device keeps: read whole or not at all.
import { describe, expect, it } from "vitest";
import { USUAL_PACE } from "@/core/keys/pace";
import { readOwnPace } from "./ownPace";

const SAMPLE = { taps: 4, holds: 0, looks: 2, fixedMs: 0, tookMs: 4200 };
const PACE = { ...USUAL_PACE, lookMs: 800 };
const USUAL = { pace: USUAL_PACE, samples: [] };

describe("a kept pace", () => {
  it("comes back with the steps it was learnt from", () =>
    expect(readOwnPace(JSON.stringify({ pace: PACE, samples: [SAMPLE] }))).toEqual({ pace: PACE, samples: [SAMPLE] }));

  it.each([
    ["nothing", null],
    ["a broken text", '{"pace":'],
    ["no steps", JSON.stringify({ pace: PACE })],
    ["a step without its time", JSON.stringify({ pace: PACE, samples: [{ ...SAMPLE, tookMs: null }] })],
    ["a time nobody needs", JSON.stringify({ pace: { ...PACE, answerMs: 1e7 }, samples: [] })],
    ["a part that is missing", JSON.stringify({ pace: { tapMs: 350 }, samples: [] })],
  ])("of %s is the usual one", (_, text) => expect(readOwnPace(text)).toEqual(USUAL));
});
