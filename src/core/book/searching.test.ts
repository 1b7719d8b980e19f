// The book searched: words, filters together, and order.
import { describe, expect, it } from "vitest";
import { demoJobs } from "@/catalog/demo/workshop";
import { withTyped } from "../record";
import { entryOf, type BookEntry } from "./entry";
import { inOrder, NO_QUERY, ORDERS, searched, searchWords, valuesIn } from "./searching";
import { ticketNumber } from "../units/ticketNumber";

const ENTRIES = demoJobs().map(entryOf);
const [FIRST] = demoJobs();
const [ONE] = ENTRIES;
if (!FIRST || !ONE) throw new Error("the demo has no bikes");
const BY_NUMBER = { by: "number", descending: false } as const;
const names = (entries: readonly BookEntry[]) => entries.map(({ nickname }) => nickname);
const find = (words: string) => names(searched(ENTRIES, { ...NO_QUERY, words }));

describe("words", () => {
  it.each([
    ["", []],
    ["  fat   Tyre ", ["fat", "tyre"]],
    ['"fat tyre" 46', ["fat tyre", "46"]],
    ['"half', ["half"]],
  ])("%j are %j", (typed, words) => expect(searchWords(typed)).toEqual(words));
});

describe("a search", () => {
  it("finds by nickname, number, display and a fact, in any letters", () => {
    expect(find("SNOWP")).toEqual(["Snowplough"]);
    expect(find("0207")).toEqual(["Snowplough"]);
    expect(find("100-559")).toContain("Snowplough");
    expect(find("tarn").length).toBeGreaterThan(2);
  });
  it("finds by what a line showed, and by what was said of a visit", () => {
    const noted = withTyped(FIRST, { in: "hand-over-note" }, "Throttle lead rubs at the stem");
    const entries = [...ENTRIES, { ...entryOf(noted), id: "noted" }];
    expect(searched(entries, { ...NO_QUERY, words: "rubs STEM" }).map(({ id }) => id)).toEqual(["noted"]);
    expect(searched(ENTRIES, { ...NO_QUERY, words: '"41 18.0"' }).length).toBeGreaterThan(0);
  });
  it("wants every word", () => expect(find("snowplough folder")).toEqual([]));
  it("composes with filters", () => {
    const gone = searched(ENTRIES, { ...NO_QUERY, place: "gone" });
    expect(gone.length).toBeGreaterThan(0);
    expect(gone.every(({ handedOverAt }) => handedOverAt !== null)).toBe(true);
    const [display = ""] = valuesIn(ENTRIES, "display");
    const both = searched(ENTRIES, { ...NO_QUERY, place: "gone", display });
    expect(both).toEqual(gone.filter((entry) => entry.display === display));
  });
  it("by days counts both ends in, and a day that is none filters nothing", () => {
    const days = [...new Set(ENTRIES.map(({ updatedAt }) => updatedAt.slice(0, 10)))].sort();
    const [from = "", to = ""] = [days[0], days[0]];
    const found = searched(ENTRIES, { ...NO_QUERY, from, to });
    expect(found.length).toBe(ENTRIES.filter(({ updatedAt }) => updatedAt.startsWith(from)).length);
    expect(searched(ENTRIES, { ...NO_QUERY, from: "tomorrow" }).length).toBe(ENTRIES.length);
  });
  it("only for drift or twins leaves out what has neither", () => {
    const odd = [
      { ...ONE, id: "a", drifted: 2 },
      { ...ONE, id: "b", drifted: 0 },
      { ...ONE, id: "c", twinOf: "a" },
    ];
    const ids = (only: "drifted" | "twins") => searched(odd, { ...NO_QUERY, only }).map(({ id }) => id);
    expect([ids("drifted"), ids("twins")]).toEqual([["a"], ["c"]]);
  });
});

describe("a damaged record", () => {
  it.each(["intake", "asFound", "sheets", "classChoice"])(
    "without its %s is listed, and found by its number",
    (field) => {
      const entry = entryOf({ ...FIRST, [field]: null } as never);
      expect(entry).toMatchObject({ id: FIRST.id, number: FIRST.number, place: entryOf(FIRST).place });
      const words = ticketNumber(FIRST.number);
      expect(searched([entry], { ...NO_QUERY, words })).toHaveLength(1);
    },
  );
});

describe("an order", () => {
  it.each(ORDERS)("by %s is the other way round descending, and what is missing stands last in both", (by) => {
    const up = inOrder(ENTRIES, { by, descending: false });
    const down = inOrder(ENTRIES, { by, descending: true });
    const there = (entries: readonly BookEntry[]) =>
      entries.map((entry) => entry[by]).filter((value) => value !== null && value !== "");
    expect(there(down)).toEqual([...there(up)].reverse());
    const isGap = (value: BookEntry[typeof by]) => value === null || value === "";
    for (const each of [up, down]) {
      const gaps = each.map((entry) => isGap(entry[by]));
      expect(gaps.lastIndexOf(false)).toBeLessThan(gaps.includes(true) ? gaps.indexOf(true) : gaps.length);
    }
  });
  it("of numbers is by their size", () => {
    const made = [90, 1000, 9].map((number) => ({ ...ONE, id: `n${number}`, number }));
    expect(inOrder(made, BY_NUMBER).map(({ number }) => number)).toEqual([9, 90, 1000]);
  });
});
