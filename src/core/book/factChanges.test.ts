// What counts as another part: what was written down, read as it is meant and not by its letters.
import { describe, expect, it } from "vitest";
import { factChanges } from "./factChanges";

describe("another part than at the visit before", () => {
  it.each<[string, Record<string, string>, Record<string, string>]>([
    ["a pack told with its unit", { packV: "48" }, { packV: "48 V" }],
    ["a rating in kilowatts", { motorRatedW: "500" }, { motorRatedW: "0.5 kW" }],
    ["a tyre with spaces", { tyre: "50-559" }, { tyre: "50 - 559" }],
    ["spaces around", { controllerA: " 15 " }, { controllerA: "15" }],
    ["nothing then and nothing now", { bmsA: "" }, {}],
    // Two turns of 2053 mm.
    ["a rollout over two turns", { rolloutMm: "2053" }, { rolloutMm: "4106", rolloutTurns: "2" }],
    ["a rollout measured anew within both tapes", { rolloutMm: "2053", tapeErrorMm: "4" }, { rolloutMm: "2060" }],
    ["another text that nobody can read", { packV: "mud" }, { packV: "mud " }],
    ["a fact no setting rests on", { nickname: "Halfpenny", frame: "red" }, { nickname: "Ha'penny", frame: "blue" }],
  ])("not: %s", (_, then, now) => expect(factChanges(then, now)).toEqual([]));

  it.each<[string, Record<string, string>, Record<string, string>, readonly [string, string, string]]>([
    ["a tyre", { tyre: "47-559" }, { tyre: "54-559" }, ["tyre", "47-559", "54-559"]],
    ["a motor", { motorKind: "mid-drive" }, { motorKind: "geared-hub" }, ["motorKind", "mid-drive", "geared-hub"]],
    ["a pack", { packV: "36" }, { packV: "48" }, ["packV", "36", "48"]],
    ["what was never said and now is", {}, { bmsA: "20" }, ["bmsA", "", "20"]],
    ["what was said and now is not", { bmsA: "20" }, { bmsA: "" }, ["bmsA", "20", ""]],
    ["nought after nothing", {}, { packAh: "0" }, ["packAh", "", "0"]],
    ["another unit, another value", { motorRatedW: "500" }, { motorRatedW: "5 kW" }, ["motorRatedW", "500", "5 kW"]],
    ["what cannot be read, beside what can", { packV: "48" }, { packV: "mud" }, ["packV", "48", "mud"]],
    [
      "a rollout past both tapes, told of one turn",
      { rolloutMm: "4106", rolloutTurns: "2", tapeErrorMm: "4" },
      { rolloutMm: "2094", tapeErrorMm: "4" },
      ["rolloutMm", "2053", "2094"],
    ],
    ["a rollout nobody can read", { rolloutMm: "2053" }, { rolloutMm: "long" }, ["rolloutMm", "2053", "long"]],
    ["a rollout first measured now", { tyre: "" }, { rolloutMm: "2053" }, ["rolloutMm", "", "2053"]],
  ])("%s", (_, then, now, [key, was, is]) => expect(factChanges(then, now)).toEqual([{ key, was, now: is }]));

  it("tells them in one order, each once", () =>
    expect(
      factChanges(
        { controllerA: "15", tyre: "47-559", rolloutMm: "2053" },
        { rolloutMm: "2200", tyre: "54-559", controllerA: "20" },
      ).map(({ key }) => key),
    ).toEqual(["tyre", "rolloutMm", "controllerA"]));
});
