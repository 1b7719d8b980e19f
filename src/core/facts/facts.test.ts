import { describe, expect, it } from "vitest";
import { FACT_FIELDS, FACT_KEYS, readFacts } from "./everyFact";
import { factOf, type Fact } from "./origins";

const AT = "2026-11-24T09:00:00.000Z";
const fact = (typed: Record<string, string>, key: (typeof FACT_KEYS)[number]): Fact | null =>
  factOf(key, readFacts(typed), { [key]: AT });

describe("a fact says how it is known", () => {
  it.each<[string, Record<string, string>, (typeof FACT_KEYS)[number], Partial<Fact>]>([
    ["told", { packV: "48" }, "packV", { value: 48, unit: "V", source: "said", uncertainty: null, at: AT }],
    [
      "measured, with the tape it was measured with",
      { rolloutMm: "2310", tapeErrorMm: "3" },
      "rolloutMm",
      { value: 2310, source: "measured", uncertainty: 3, at: AT },
    ],
    ["measured with the usual tape", { rolloutMm: "2310" }, "rolloutMm", { uncertainty: 5 }],
    ["read off the display, to half a step", { oneShown: "22.4" }, "oneShown", { source: "read", uncertainty: 0.05 }],
    ["in another unit", { rolloutMm: "91 in" }, "rolloutMm", { value: 2311.4, unit: "mm" }],
    [
      "nobody said: the usual stands in, typed at no time",
      {},
      "crankPulses",
      { value: 12, source: "from-memory", at: null },
    ],
    ["an option", { motorKind: "mid-drive" }, "motorKind", { value: "mid-drive", unit: null, source: "said" }],
    ["a guess is not as sure as the tape", {}, "tapeErrorMm", { value: 5, source: "from-memory", uncertainty: null }],
  ])("%s", (_, typed, key, expected) => expect(fact(typed, key)).toMatchObject(expected));

  it("is unknown where nothing was typed and nothing stands in, and where it cannot be taken", () => {
    const unreadable: readonly Record<string, string>[] = [
      {},
      { packV: "" },
      { packV: "  " },
      { packV: "soon" },
      { packV: "480" },
      { packV: "0" },
    ];
    for (const typed of unreadable) expect(fact(typed, "packV")).toBeNull();
    expect(readFacts({ packV: "480" }).problems.packV).toMatchObject({ key: "field.out-of-range", max: 120 });
  });
  it("has one place in the record: no two fields share a key, and every guess lies in its own range", () => {
    for (const key of FACT_KEYS) {
      const field = FACT_FIELDS[key];
      if (field.kind === "number" && field.guess !== null)
        expect(field.guess >= field.min && field.guess <= field.max, key).toBe(true);
      if (field.kind === "option" && field.guess !== null)
        expect(field.options as readonly string[], key).toContain(field.guess);
    }
  });
});
