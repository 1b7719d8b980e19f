// A job sent as a run of texts and put together again: any order, twice over, mixed, cut, spoilt.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoJobs } from "@/catalog/demo/workshop";
import { newJob } from "../record";
import { base45, fromBase45, gathered, jobParts, PART_LENGTH, partsIn, withParts } from "./travel";

const JOBS = demoJobs();
const [ONE] = JOBS;
if (!ONE) throw new Error("the demo has no bikes");
const PARTS = jobParts(ONE);

describe("letters for a code", () => {
  // The worked examples of RFC 9285, sections 4.3 and 4.4.
  it.each([
    ["AB", "BB8"],
    ["Hello!!", "%69 VD92EX0"],
    ["base-45", "UJCLQE7W581"],
    ["ietf!", "QED8WEX0"],
  ])("%s is %s", (text, letters) => {
    expect(base45(new TextEncoder().encode(text))).toBe(letters);
    expect(new TextDecoder().decode(fromBase45(letters) ?? new Uint8Array())).toBe(text);
  });
  it("are any bytes again", () =>
    fc.assert(
      fc.property(fc.uint8Array(), (bytes) => {
        expect(fromBase45(base45(bytes))).toEqual(bytes);
      }),
    ));
  it.each(["A", "::", ":::", "GGW", "ab0"])("%s is none", (letters) => expect(fromBase45(letters)).toBeNull());
});

describe("a job as a run of codes", () => {
  it.each(JOBS.map((job) => [job.intake.nickname ?? "", job] as const))("is %s again, in any order", (_, job) => {
    const parts = jobParts(job);
    expect(Math.max(...parts.map(({ length }) => length))).toBeLessThan(PART_LENGTH + 60);
    expect(gathered([...parts].reverse())).toMatchObject({ kind: "whole", job });
    expect(gathered([...parts, ...parts])).toMatchObject({ kind: "whole" });
    expect(gathered(partsIn(parts.join("\n\n")).parts)).toMatchObject({ kind: "whole", job });
  });
  it("says which parts it has, until it has all", () => {
    expect(gathered([])).toEqual({ kind: "none" });
    const [first = "", , third = ""] = PARTS;
    expect(gathered([third, first])).toEqual({ kind: "some", have: [1, 3], of: PARTS.length });
  });
  it("typed by a scanner, letter by letter, is never refused on the way", () => {
    const typed = PARTS.slice(0, 2).join("\n");
    for (let n = 0; n < typed.length; n += 7) {
      const { parts, begun } = partsIn(typed.slice(0, n));
      expect(["none", "some"]).toContain(gathered(parts).kind);
      expect(parts.length + begun).toBeLessThanOrEqual(2);
    }
    expect(partsIn(typed)).toEqual({ parts: PARTS.slice(0, 2), begun: 0 });
    expect(partsIn(`${typed.slice(0, -4)}`)).toMatchObject({ begun: 1 });
    expect(partsIn("a leaflet")).toEqual({ parts: ["a leaflet"], begun: 0 });
  });
  it("keeps whole parts beside those read, and nothing that would spoil them", () => {
    const [first = "", second = ""] = PARTS;
    const other = jobParts({ ...ONE, number: 9 })[1] ?? "";
    expect(withParts([first], [second, "a leaflet"])).toEqual([first, second]);
    expect(withParts([first], [first, other])).toEqual([first]);
    expect(withParts([], ["a leaflet"])).toEqual([]);
  });
  it("keeps two jobs apart", () => {
    const other = jobParts({ ...ONE, number: 9 });
    expect(gathered([PARTS[0] ?? "", other[1] ?? ""])).toMatchObject({ problem: { key: "travel.mixed" } });
  });
  it.each(["", "a leaflet", "ODDSPOKE2:1/2", "ODDSPOKE2:3/2:AB:0123456789ABCDEF", "ODDSPOKE2:0/2:AB:0123456789ABCDEF"])(
    "is not %j",
    (text) => expect(gathered([text])).toMatchObject({ kind: "refused", problem: { key: "travel.not-one" } }),
  );
  it("spoilt in any one letter is refused or the very same, and never another job", () =>
    fc.assert(
      fc.property(fc.nat(PARTS.length - 1), fc.nat(PART_LENGTH - 1), fc.nat(44), (which, at, letter) => {
        const part = PARTS[which] ?? "";
        const from = part.indexOf(":", 10) + 1;
        const place = from + (at % (part.length - 17 - from));
        const spoilt =
          part.slice(0, place) + "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ $%*+-./:".charAt(letter) + part.slice(place + 1);
        const read = gathered(PARTS.map((each, i) => (i === which ? spoilt : each)));
        // Packed, one text can be said in more ways than one: bits that only fill up a byte, a repetition of another
        // place with the same words. Its digest then holds, and it is the very same job.
        if (spoilt === part || read.kind === "whole")
          expect(read).toMatchObject({ kind: "whole", text: JSON.stringify(ONE) });
        else expect(read.kind).toBe("refused");
      }),
      { numRuns: 300 },
    ));
  it("of a record that is no job is refused with why", () => {
    const parts = jobParts({ ...newJob("job-1", 1, "2026-01-01T00:00:00.000Z"), stage: "nowhere" } as never);
    expect(gathered(parts)).toMatchObject({
      problem: { key: "travel.job", problem: { key: "file.field", path: "stage" } },
    });
  });
});
