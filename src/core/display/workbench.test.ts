import fc from "fast-check";
import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { TARN } from "@/catalog/displays/tarn";
import { checkProfile } from "./check";
import { chooseClaim, claimState, weightOf } from "./claims";
import { readLinesCsv, writeLinesCsv } from "./profileCsv";
import { linesOf, type Claim, type DisplayProfile, type Line } from "./profile";
import { readProfileFile } from "./readProfile";
import { isUnsure } from "./unsure";
import { answerOf, looksNeeded, nextLook, partsOf } from "./variants";

describe("which of these is it?", () => {
  const variant = (id: string, edit: (lines: readonly Line[]) => Line[]): DisplayProfile => ({
    ...TARN,
    id,
    lines: edit(linesOf(TARN)),
  });
  const marked = (id: string, mark: string) =>
    variant(id, (lines) =>
      lines.map((line) =>
        line.code === "66" ? { ...line, encoding: { kind: "read-only", setting: null, shows: mark } } : line,
      ),
    );
  it("one look at a mark tells any number of marks apart", () => {
    const candidates = [marked("a", "3a"), marked("b", "3b"), marked("c", "4")];
    expect(looksNeeded(candidates)).toBe(1);
    expect(nextLook(candidates)).toEqual({ kind: "mark", code: "66" });
  });
  it("asks no more than is needed, whatever the answers", () => {
    const short = variant("short", (lines) => lines.slice(0, 17));
    const faster = variant("faster", (lines) =>
      lines.map((line) =>
        line.encoding.kind === "speed-cap"
          ? { ...line, encoding: { ...line.encoding, rawMax: 72, uncappedRaw: 72 }, factoryRaw: 72 }
          : line,
      ),
    );
    const candidates = [TARN, short, faster, ...SHIPPED_DISPLAYS.slice(1, 4)];
    const needed = looksNeeded(candidates);
    for (const truth of candidates) {
      let left: readonly DisplayProfile[] = candidates;
      let looks = 0;
      for (let look = nextLook(left); look; look = nextLook(left)) {
        const answer = answerOf(truth, look);
        left = partsOf(left, look).find((part) => part.answer === answer)?.left ?? [];
        looks += 1;
      }
      expect(left.map(({ id }) => id)).toEqual([truth.id]);
      expect(looks).toBeLessThanOrEqual(needed);
    }
  });
  it("stops where nothing tells two apart", () => expect(nextLook([TARN, { ...TARN, id: "twin" }])).toBeNull());
});

describe("words nobody could read a meaning from", () => {
  const unread: Claim = {
    from: "leaflet",
    on: null,
    confidence: 0.8,
    says: "so it stands",
    setting: null,
    chosen: false,
  };
  const line = { ...(TARN.lines.find(({ encoding }) => encoding.setting === "assistCapKmh") ?? TARN.lines[0]) } as Line;
  it("speak against nothing: a line corrected by hand is what it was corrected to", () => {
    expect(claimState({ ...line, claims: [unread] })).toMatchObject({ disputed: false, against: [] });
    expect(isUnsure({ ...line, claims: [unread] })).toBe(false);
  });
  it("and a guess beside them stays a guess", () =>
    expect(isUnsure({ ...line, claims: [unread, { ...unread, setting: "assistCapKmh", confidence: 0.5 }] })).toBe(
      true,
    ));
});

describe("claims", () => {
  const claim = (edit: Partial<Claim>): Claim => ({
    from: "leaflet",
    on: null,
    confidence: 0.8,
    says: "speed limit",
    setting: "assistCapKmh",
    chosen: false,
    ...edit,
  });
  const withClaims = (...claims: Claim[]): Line => ({ ...(linesOf(TARN)[0] as Line), claims });
  it("an own trial outweighs hearsay, and settles", () => {
    expect(weightOf(claim({ from: "own-trial", on: null, confidence: 0.7 }))).toBeGreaterThan(
      weightOf(claim({ from: "seller", on: null, confidence: 1 })),
    );
    const state = claimState(
      withClaims(claim({}), claim({ from: "own-trial", on: null, setting: "throttleCapKmh", confidence: 0.9 })),
    );
    expect(state.standing?.setting).toBe("throttleCapKmh");
    expect(state.against.map((each) => each.setting)).toEqual(["assistCapKmh"]);
    expect(state.settled).toBe(true);
  });
  it("hearsay that agrees is settled only once it is chosen", () => {
    expect(claimState(withClaims(claim({}))).settled).toBe(false);
    expect(claimState(withClaims(...chooseClaim([claim({}), claim({ from: "video" })], 1))).settled).toBe(true);
    expect(claimState(withClaims()).standing).toBeNull();
    expect(claimState(withClaims(claim({}))).disputed).toBe(true);
    expect(claimState(withClaims(claim({ setting: "throttleMode" }))).disputed).toBe(false);
  });
});

describe("lines as a spreadsheet", () => {
  it("come back as they went, from every shipped display", () => {
    for (const profile of SHIPPED_DISPLAYS) {
      const back = readLinesCsv(writeLinesCsv(linesOf(profile)));
      expect(back).toEqual({ ok: true, lines: JSON.parse(JSON.stringify(linesOf(profile))) });
    }
  });
  it("may be written by hand with little", () => {
    const read = readLinesCsv("code,setting,encoding,from,to,factory\n7,backlight,number,1,5,3\n8,,reserved,0,9,0\n");
    expect(read).toMatchObject({
      ok: true,
      lines: [
        { code: "7", encoding: { setting: "backlight", perRaw: 1 } },
        { code: "8", encoding: { kind: "reserved" } },
      ],
    });
  });
  it("name the row and the field of what does not fit", () => {
    // An older file calls the column by another name, and is told of it by that.
    for (const field of ["maker's", "factory"])
      expect(readLinesCsv(`code,encoding,${field}\n7,number,x`)).toMatchObject({
        ok: false,
        problems: expect.arrayContaining([{ row: 2, field, detail: expect.any(String) }]),
      });
    expect(readLinesCsv("a,b\n1,2")).toMatchObject({
      ok: false,
      problems: expect.arrayContaining([{ row: 1, field: "code", detail: expect.any(String) }]),
    });
    expect(readLinesCsv("code,setting,encoding,from,to,factory\n7,nonsense,number,1,5,3")).toMatchObject({
      ok: false,
      problems: [{ row: 2, field: "setting" }],
    });
    expect(readLinesCsv("")).toMatchObject({ ok: false });
  });
});

describe("mutated profile files", () => {
  const old = JSON.parse(
    readFileSync(new URL("../../../tests/fixtures/display-profiles-2.json", import.meta.url), "utf8"),
  ) as readonly object[];
  const texts = [...SHIPPED_DISPLAYS, ...old].map((profile) => JSON.stringify(profile));
  it(
    "never crash the reader; what it takes is a whole and usable profile, each refusal names where",
    { timeout: 120_000 },
    () => {
      fc.assert(
        fc.property(
          fc.constantFrom(...texts),
          fc.double({ min: 0, max: 1, noNaN: true, maxExcluded: true }),
          fc.integer({ min: 1, max: 60 }),
          fc.oneof(fc.string({ maxLength: 12 }), fc.constantFrom("null", "-1", "1e9", "[]", "{}", '"x"', "99")),
          (text, share, length, put) => {
            const from = Math.floor(share * text.length);
            const reading = readProfileFile(text.slice(0, from) + put + text.slice(from + length));
            if (reading.ok) expect(checkProfile(reading.profile)).toEqual([]);
            else
              for (const problem of reading.problems)
                expect(typeof problem.path === "string" && problem.detail.length > 0).toBe(true);
          },
        ),
        { numRuns: 3000 },
      );
    },
  );
  it("fields replaced one by one are refused at that field, or mean the same", () => {
    const random = (seed: number) => ((seed * 1103515245 + 12345) & 0x7fffffff) / 0x7fffffff;
    for (let i = 0; i < 2000; i++) {
      const data = JSON.parse(texts[i % texts.length] ?? "{}") as Record<string, unknown>;
      const key = Object.keys(data)[Math.floor(random(i + 1) * Object.keys(data).length)] ?? "name";
      data[key] = [null, 5, "x", [], {}, true][i % 6];
      const reading = readProfileFile(JSON.stringify(data));
      if (!reading.ok)
        expect(
          reading.problems.some(
            (problem) =>
              problem.path.split(".")[0] === key ||
              ["lines", "rules", "menu", "keys", "format", "version", ""].includes(problem.path.split(".")[0] ?? ""),
          ),
        ).toBe(true);
    }
  });
});
