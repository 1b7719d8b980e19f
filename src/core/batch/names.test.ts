import { describe, expect, it } from "vitest";
import { readNames } from "./names";

describe("names of new bikes", () => {
  it.each([
    ["", []],
    ["  \n \n", []],
    ["Goat", ["Goat"]],
    ["Goat\nHeron\r\nPlover", ["Goat", "Heron", "Plover"]],
    ["Goat, Heron; Plover", ["Goat", "Heron", "Plover"]],
    ["Ferry 3-6", ["Ferry 3", "Ferry 4", "Ferry 5", "Ferry 6"]],
    ["Ferry 3 – 4", ["Ferry 3", "Ferry 4"]],
    ["Ferry 9 to 11", ["Ferry 9", "Ferry 10", "Ferry 11"]],
    ["F08-10", ["F08", "F09", "F10"]],
    ["7-7", ["7"]],
    ["Route 66", ["Route 66"]],
    ["A 1-60", Array.from({ length: 60 }, (_, i) => `A ${i + 1}`)],
    ["Half  and   half", ["Half and half"]],
    ["Post bike 1-2\nSpare", ["Post bike 1", "Post bike 2", "Spare"]],
  ])("%j is %j", (typed, names) => expect(readNames(typed, 60)).toEqual({ names, problem: null }));
  it.each([
    ["Goat\nGoat", { kind: "twice", name: "Goat" }],
    ["A 1-3\nA 2", { kind: "twice", name: "A 2" }],
    ["A 9-3", { kind: "backwards", line: "A 9-3" }],
    ["A 1-61", { kind: "too-many", asked: 61, most: 60 }],
    ["A 1-9999", { kind: "too-many", asked: 9999, most: 60 }],
    ["x".repeat(41), { kind: "too-long", name: "x".repeat(41), most: 40 }],
  ])("%j is refused with what is wrong", (typed, problem) =>
    expect(readNames(typed, 60)).toEqual({ names: [], problem }),
  );
});
