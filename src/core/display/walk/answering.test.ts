import { describe, expect, it } from "vitest";
import { EMPTY_DRAFT, readAnswer, valuesOf } from "./answering";
import type { Question, Seen } from "./questions";

const BEFORE: Seen = { kind: "line", code: "07", shows: "3", blinks: false };
const TAP: Question = { ask: "press", press: { kind: "tap", keys: ["a"] }, expect: null, purpose: "step" };
const HOLD: Question = {
  ask: "press",
  press: { kind: "hold", keys: ["a"], atMostMs: 4000 },
  expect: null,
  purpose: "way-in",
};

describe("values typed one after the other", () => {
  it.each<[string, readonly string[]]>([
    ["1, 2, 3", ["1", "2", "3"]],
    ["16; 18; 700", ["16", "18", "700"]],
    ["off\nlow\nhigh", ["off", "low", "high"]],
    ["1, 2, … 6", ["1", "2", "3", "4", "5", "6"]],
    ["1,2,...,6", ["1", "2", "3", "4", "5", "6"]],
    ["31.5, 32.0, … 33.5", ["31.5", "32.0", "32.5", "33.0", "33.5"]],
    ["9, 8 … 5", ["9", "8", "7", "6", "5"]],
    ["3 … 9", ["3", "9"]],
    ["", []],
    [" , ", []],
  ])("%j", (typed, values) => expect(valuesOf(typed)).toEqual(values));
});

describe("an answer", () => {
  it("names what is missing, in turn", () => {
    expect(readAnswer(TAP, EMPTY_DRAFT, BEFORE)).toEqual({ ok: false, missing: "what" });
    expect(readAnswer(TAP, { ...EMPTY_DRAFT, what: "line" }, BEFORE)).toEqual({ ok: false, missing: "code" });
    expect(readAnswer(TAP, { ...EMPTY_DRAFT, what: "line", code: "07" }, BEFORE)).toEqual({
      ok: false,
      missing: "value",
    });
    expect(readAnswer(HOLD, { ...EMPTY_DRAFT, what: "home" }, BEFORE)).toEqual({ ok: false, missing: "seconds" });
  });
  it("that nothing changed is what was there before, and takes no seconds", () =>
    expect(readAnswer(HOLD, { ...EMPTY_DRAFT, what: "same", seconds: "3" }, BEFORE)).toEqual({
      ok: true,
      answer: { is: "seen", seen: BEFORE, afterMs: null },
    }));
  it("takes seconds with a comma", () =>
    expect(readAnswer(HOLD, { ...EMPTY_DRAFT, what: "home", seconds: "1,8" }, BEFORE)).toMatchObject({
      ok: true,
      answer: { afterMs: 1800 },
    }));
  it("reads a line to the letter, spaces aside", () =>
    expect(
      readAnswer(TAP, { ...EMPTY_DRAFT, what: "line", code: " 08 ", shows: " 0.5 ", blinks: true }, BEFORE),
    ).toEqual({
      ok: true,
      answer: { is: "seen", seen: { kind: "line", code: "08", shows: "0.5", blinks: true }, afterMs: null },
    }));
  it("a run that stops has nothing after its last value", () => {
    const run: Question = { ask: "run", keys: ["a"], from: "3" };
    expect(readAnswer(run, { ...EMPTY_DRAFT, shows: "60" }, BEFORE)).toMatchObject({
      answer: { last: "60", then: null },
    });
    expect(readAnswer(run, { ...EMPTY_DRAFT, shows: "60", then: "0" }, BEFORE)).toMatchObject({
      answer: { then: "0" },
    });
    expect(readAnswer(run, EMPTY_DRAFT, BEFORE)).toEqual({ ok: false, missing: "last" });
  });
  it("values come round unless it is said that they stop; none at all is said so", () => {
    const through: Question = { ask: "through", keys: ["a"], from: "0" };
    expect(readAnswer(through, { ...EMPTY_DRAFT, values: "1, 2" }, BEFORE)).toMatchObject({
      answer: { values: ["1", "2"], then: "comes-round" },
    });
    expect(readAnswer(through, { ...EMPTY_DRAFT, what: "same" }, BEFORE)).toMatchObject({
      answer: { values: [], then: "stops" },
    });
    expect(readAnswer(through, EMPTY_DRAFT, BEFORE)).toEqual({ ok: false, missing: "values" });
  });
});
