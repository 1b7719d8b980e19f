// What the rider's papers say in each language, on every display that ships: nothing left out, nothing in another
// tongue, numbers as the language writes them.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { linesOf } from "@/core/display";
import { paperOf, wayBack } from "@/core/record";
import { ownersFacts } from "@/core/record/ownersFacts";
import { demo, programmed, readBack } from "@/screens/testing/jobs";
import { DUTCH } from "./dutch";
import { ENGLISH } from "./english";
import { FRENCH } from "./french";
import { GERMAN } from "./german";
import { ITALIAN } from "./italian";
import { LANGUAGES } from "./languages";
import { ownersKeys } from "./keysSaid";
import { cardNotes, cardStanding, codeWords, ownersRows } from "./ownersContent";
import { OWNERS_FACTS, TROUBLES, type PaperWords } from "./paperWords";
import { SPANISH } from "./spanish";
import { wayIntro, waySaid } from "./wayBackSaid";

const ALL: readonly PaperWords[] = [ENGLISH, GERMAN, FRENCH, SPANISH, DUTCH, ITALIAN];
const OTHERS = ALL.filter((words) => words !== ENGLISH);
const READ = readBack(programmed(demo(207)));

/** Every sentence of a language that is no function, with where it stands. */
function sentences(words: object, at = ""): readonly (readonly [string, string])[] {
  return Object.entries(words).flatMap(([key, value]: [string, unknown]) => {
    const place = at === "" ? key : `${at}.${key}`;
    if (typeof value === "string") return [[place, value] as const];
    return typeof value === "object" && value !== null ? sentences(value, place) : [];
  });
}

describe("a language of the papers", () => {
  it("is loaded under its own name, one file each", async () => {
    for (const [id, { load, name }] of Object.entries(LANGUAGES)) {
      const words = await load();
      expect(words.language).toBe(id);
      expect(name).not.toBe("");
    }
    expect(new Set(Object.values(LANGUAGES).map(({ name }) => name)).size).toBe(ALL.length);
  });
  it.each(OTHERS.map((words) => [words.language, words] as const))("%s says nothing in English", (_, words) => {
    const english = new Map(sentences(ENGLISH));
    const same = sentences(words).filter(([place, said]) => said.length > 12 && english.get(place) === said);
    expect(same).toEqual([]);
    expect(words.unchecked).not.toBeNull();
  });
  it.each(ALL.map((words) => [words.language, words] as const))("%s leaves nothing empty", (_, words) => {
    for (const [place, said] of sentences(words)) {
      expect(said.trim(), place).not.toBe("");
      expect(said, place).not.toMatch(/undefined|NaN|\[object/);
    }
    expect(words.care.rules).toHaveLength(ENGLISH.care.rules.length);
    expect(Object.keys(words.facts).sort()).toEqual([...OWNERS_FACTS].sort());
    expect(Object.keys(words.trouble).sort()).toEqual([...TROUBLES].sort());
  });
  it("writes speeds, volts and ways with the comma where it is the custom", () => {
    expect(ENGLISH.speed(24.9, "kmh")).toContain("24.9");
    for (const words of OTHERS) expect(words.speed(24.9, "kmh"), words.language).toContain("24,9");
    for (const words of ALL) expect(words.speed(24.9, "mph"), words.language).toContain("mph");
  });
});

describe("the owner’s card in any language", () => {
  it("says the same facts, as known as they are, on every display", () => {
    for (const profile of SHIPPED_DISPLAYS) {
      const paper = paperOf({ ...demo(207), profile, asFound: { shown: {}, waivedReason: "not read" }, overrides: {} });
      const facts = paper && ownersFacts(paper);
      if (!paper || !facts) throw new Error("no paper");
      const rows = ALL.map((words) => ownersRows(facts, words, "kmh"));
      for (const [i, told] of rows.entries()) {
        const where = `${profile.name} ${ALL[i]?.language}`;
        expect(
          told.map(({ fact, as }) => [fact, as]),
          where,
        ).toEqual(rows[0]?.map(({ fact, as }) => [fact, as]));
        for (const { says } of told) expect(says, where).not.toMatch(/undefined|NaN|\[object/);
      }
      for (const words of ALL) {
        const keys = ownersKeys(profile, words);
        expect(keys.length, profile.name).toBeGreaterThan(2);
        for (const { code, says } of profile.faultCodes)
          for (const part of codeWords({ code, says, trouble: null }, words)) expect(part.trim()).not.toBe("");
      }
    }
  });
  it("says where the clock is set on the displays that have one, and nothing of it on the others", () => {
    for (const profile of SHIPPED_DISPLAYS) {
      const paper = paperOf({ ...demo(207), profile, asFound: { shown: {}, waivedReason: "not read" }, overrides: {} });
      const facts = paper && ownersFacts(paper);
      if (!facts) throw new Error("no facts");
      const line = linesOf(profile).find(({ encoding }) => encoding.kind === "clock")?.code;
      for (const words of ALL) {
        const row = ownersRows(facts, words, "kmh").find(({ fact }) => fact === "clock");
        if (line === undefined) expect(row).toBeUndefined();
        else expect(row?.says).toContain(line);
      }
    }
  });
  it("says how the display comes off as its description tells, and generally where it does not", () => {
    const told = (comesOff: (typeof READ.profile & object)["comesOff"]) => {
      const paper = paperOf({ ...READ, profile: READ.profile && { ...READ.profile, comesOff } });
      const facts = paper && ownersFacts(paper);
      if (!paper || !facts) throw new Error("no paper");
      return ALL.map((words) => cardNotes(words, cardStanding(paper, facts)).join(" "));
    };
    for (const [i, words] of ALL.entries()) {
      expect(told("stays")[i]).toContain(words.takeAlong.stays);
      expect(told("turns-off")[i]).toContain(words.takeAlong["turns-off"]);
      expect(told(undefined)[i]).toContain(words.takeAlong["not-said"]);
    }
  });
  it("warns of a throttle that may answer at power-on, and of roads it is not for", () => {
    const standing = { isSet: true, publicRoad: false, isLive: true, comesOff: "stays" } as const;
    for (const words of ALL) {
      expect(cardNotes(words, standing)).toEqual(expect.arrayContaining([words.throttleLive, words.notForRoads]));
      const quiet = cardNotes(words, { ...standing, publicRoad: true, isLive: false });
      expect(quiet).not.toContain(words.throttleLive);
      expect(quiet).not.toContain(words.notForRoads);
      expect(quiet.join(" ")).not.toBe(cardNotes(words, { ...standing, isSet: false }).join(" "));
    }
  });
});

describe("the way-back card in any language", () => {
  it("has the same steps and the same keys, and says to keep it with the bike", () => {
    const work = wayBack(READ);
    const { profile } = READ;
    if (!work || !profile) throw new Error("no way back");
    const english = waySaid(profile, work, ENGLISH);
    expect(english.length).toBeGreaterThan(3);
    for (const words of ALL) {
      const steps = waySaid(profile, work, words);
      expect(steps).toHaveLength(english.length);
      const marks = (keys: string) => keys.match(/[A-Z][a-z]+(?= )|\d+/g)?.filter((mark) => /\d/.test(mark));
      expect(steps.map(({ keys }) => marks(keys)?.length)).toEqual(english.map(({ keys }) => marks(keys)?.length));
      expect(wayIntro(work, words, undefined).then).toContain(words.wayBack.goesAlong);
      expect(wayIntro(work, words, "EU EPAC").title).toContain("EU EPAC");
      expect(wayIntro(work, words, "EU EPAC").keys).toContain(String(work.presses));
    }
  });
});
