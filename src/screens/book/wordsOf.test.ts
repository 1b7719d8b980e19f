// What a bike is found by beside what was typed: its lines by name, and what speaks against it.
import { describe, expect, it } from "vitest";
import { NO_QUERY, searched } from "@/core/book/searching";
import { entryOf } from "@/core/book/entry";
import type { Job } from "@/core/record";
import { demo } from "../testing/jobs";
import { wordsOf, wordsOrNone } from "./wordsOf";

const BIKES = [demo(201), demo(204), demo(207), demo(210)];
const WORDS = new Map(BIKES.map((job) => [job.id, wordsOf(job).toLowerCase()]));
const find = (words: string) => searched(BIKES.map(entryOf), { ...NO_QUERY, words }, WORDS).map(({ number }) => number);

describe("words a bike is found by", () => {
  it("are its lines by their names, with what they hold", () => {
    expect(find("pulses turn")).toEqual([201, 204, 207]);
    const held = demo(201).readBack["53"];
    expect(find(`"speed cap ${held}"`)).toContain(201);
    expect(find('"speed cap 99"')).toEqual([]);
  });
  it("are what speaks against it: a breach is found, and a bike that is as it should be is not", () => {
    expect(find("breach")).toContain(207);
    expect(find("breach")).not.toContain(201);
    expect(find("breach snowplough")).toEqual([207]);
  });
  it("are none of a bike without a display, and of a damaged record", () => {
    expect(wordsOf(demo(210))).toBe("");
    expect(wordsOrNone({ ...demo(207), asFound: null } as unknown as Job)).toBe("");
  });
});
