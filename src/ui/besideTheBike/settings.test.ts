// What a device keeps of how it is used beside the bike: read whole, or as at first where it is damaged.
import { describe, expect, it } from "vitest";
import { TAUGHT_AT_FIRST, withTaught } from "@/core/programming/acts";
import { AT_FIRST, readSettings } from "./settings";
import { readTaught } from "./taught";

describe("kept settings", () => {
  it.each([
    ["nothing", null],
    ["no text at all", ""],
    ["a broken text", "{"],
    ["a number", "7"],
    ["null", "null"],
    ["an empty one", "{}"],
  ])("of %s are as at first: nothing sounds or speaks", (_, text) => expect(readSettings(text)).toEqual(AT_FIRST));

  it("come back as they were kept", () => {
    const all = {
      counts: true,
      volume: 0.4,
      speaks: true,
      voice: "urn:voice",
      rate: 1.3,
      oneKey: true,
      offerMs: 2400,
    };
    expect(readSettings(JSON.stringify(all))).toEqual(all);
  });

  it.each([
    ["a volume past the loudest", { volume: 4 }, { volume: 0 }],
    ["a volume that is a word", { volume: "loud" }, { volume: 0 }],
    ["a rate nobody follows", { rate: 9 }, { rate: 1 }],
    ["an offer nobody can take", { offerMs: 5 }, { offerMs: 1800 }],
    ["a voice that is none", { voice: 3 }, { voice: "" }],
    ["yes as a word", { counts: "true" }, { counts: false }],
  ])("with %s are as at first in that, and kept in the rest", (_, kept, expected) =>
    expect(readSettings(JSON.stringify({ speaks: true, ...kept }))).toEqual({ ...AT_FIRST, speaks: true, ...expected }),
  );
});

describe("hands that were taught", () => {
  it("come back as they were", () => {
    const taught = withTaught(TAUGHT_AT_FIRST, "done", "wheel:down");
    expect(readTaught(JSON.stringify(taught))).toEqual(taught);
  });
  it.each([
    ["nothing", null],
    ["a broken text", "{"],
    ["another shape", JSON.stringify({ done: ["key:a"] })],
    ["no words", JSON.stringify({ done: [1], other: [], again: [], back: [] })],
  ])("of %s are as at first", (_, text) => expect(readTaught(text)).toEqual(TAUGHT_AT_FIRST));
});
