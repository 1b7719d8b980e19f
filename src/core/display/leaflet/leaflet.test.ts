// The leaflet reader on texts of our own making, in many shapes and seven languages; none is from a real leaflet.
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { rawValues } from "../encoding";
import { seeded } from "../../units/seeded";
import { readAs, readLeaflet } from "./index";
import { corpusOf, graded, halves, reliabilityOf, type Grade } from "./testingCorpus";
import { longText, mutated, surelyWrongAfter } from "./testingFuzz";

const FOLDER = join(import.meta.dirname, "corpus");
const TEXTS = corpusOf(new Map(readdirSync(FOLDER).map((file) => [file, readFileSync(join(FOLDER, file), "utf8")])));
const gradesOf = (texts: typeof TEXTS): readonly Grade[] =>
  texts.flatMap((text) => graded(text, readLeaflet(text.text)));
const share = (grades: readonly Grade[], is: (grade: Grade) => boolean): number =>
  grades.filter(is).length / grades.length;
const told = ({ text, truth, line }: Grade): string =>
  `${text} ${truth.code}: ${truth.setting}, read as ${line?.setting ?? "nothing"} ${line?.confidence.toFixed(2) ?? ""}`;

const { tuned, heldOut } = halves(TEXTS);

describe("the leaflet reader on its texts", () => {
  it("is tried on texts of many shapes, in seven languages", () => {
    expect(TEXTS.length).toBeGreaterThanOrEqual(80);
    expect(TEXTS.flatMap(({ truths }) => truths).length).toBeGreaterThanOrEqual(1000);
    expect(new Set(TEXTS.map(({ shape }) => shape)).size).toBeGreaterThanOrEqual(20);
    for (const language of ["en", "zh-en", "de", "fr", "es", "it", "nl"])
      expect(TEXTS.map((text) => text.language)).toContain(language);
  });
  it("is sure of nothing wrong, neither on the half it was tuned on nor on the other", () =>
    expect(
      gradesOf(TEXTS)
        .filter(({ surelyWrong }) => surelyWrong)
        .map(told),
    ).toEqual([]));
  // What it reached when the texts were written; it may not fall.
  it("finds the lines of the half held out, and most of what they say", () => {
    const grades = gradesOf(heldOut);
    expect(share(grades, ({ line }) => line !== null)).toBeGreaterThan(0.98);
    expect(share(grades, ({ setting }) => setting)).toBeGreaterThan(0.92);
    expect(share(grades, ({ values }) => values)).toBeGreaterThan(0.95);
    expect(share(grades, ({ stated }) => stated)).toBeGreaterThan(0.94);
    expect(share(grades, ({ all }) => all)).toBeGreaterThan(0.88);
    expect(share(grades, ({ line }) => line?.sureness === "sure")).toBeGreaterThan(0.6);
  });
  it("knows which way numbers go, what must be so, and what is an action, where a text says it", () => {
    const told = [...tuned, ...heldOut]
      .flatMap((text) => graded(text, readLeaflet(text.text)))
      .filter(({ also }) => also !== null);
    expect(told.length).toBeGreaterThan(20);
    expect(told.filter(({ also }) => also !== true).map(({ text, truth }) => `${text} ${truth.code}`)).toEqual([]);
  });
  it("has not forgotten the half it was tuned on", () =>
    expect(share(gradesOf(tuned), ({ all }) => all)).toBeGreaterThan(0.98));
  it("proposes only what the line can hold, with a maker's value inside it", () => {
    for (const { text } of TEXTS)
      for (const line of readLeaflet(text).lines)
        expect([null, ...rawValues(line.encoding)], line.text).toContain(line.factoryRaw);
  });
  it("makes up no lines", () => {
    for (const { text, truths, name } of TEXTS) {
      const codes = new Set(truths.map(({ code }) => code.toLowerCase()));
      const made = readLeaflet(text).lines.filter(({ code }) => !codes.has(code.toLowerCase()));
      expect(
        made.map(({ code }) => code),
        name,
      ).toEqual([]);
    }
  });
});

describe("a text that was copied, scanned and forwarded", () => {
  const random = seeded(5);
  const grades = Array.from({ length: 1000 }, (_, i) => TEXTS[i % TEXTS.length]).flatMap((text) =>
    text ? graded(text, readLeaflet(mutated(text, random))) : [],
  );
  it("never makes the reader sure of what is wrong, in 1,000 mutated texts", () =>
    expect(grades.filter(surelyWrongAfter).map(told)).toEqual([]));
  it("is as often right as it says: of lines said to be right 8 to 9 times in 10, 80 to 95 of 100 are", () => {
    const said = reliabilityOf(grades).find(({ from }) => from === 0.8);
    expect(said?.lines).toBeGreaterThan(500);
    expect((said?.right ?? 0) / (said?.lines ?? 1)).toBeGreaterThan(0.8);
    expect((said?.right ?? 0) / (said?.lines ?? 1)).toBeLessThan(0.95);
  });
  it("of any length or none comes to an end", () => {
    expect(readLeaflet(longText(TEXTS, 100_000)).lines.length).toBeGreaterThan(100);
    const odd = ["", "\n\n", "|||", "1", "😀", "1: 2: 3: 4", "-----\n=====", "0 0 0 0", "(1)"];
    for (const text of [...odd, "a".repeat(5000)]) expect(() => readLeaflet(text)).not.toThrow();
  });
});

describe("what is read of one line", () => {
  const of = (text: string) => readLeaflet(text).lines[0];
  it("is range, unit, options and maker's value", () => {
    expect(of("h2: Low voltage protection 28.0 - 44.0 V, default 31.5")).toMatchObject({
      setting: "cutOffV",
      factoryRaw: 315,
      encoding: { rawMin: 280, rawMax: 440, perRaw: 0.1 },
    });
    expect(of("h4: Speed limit 6-28 mph, default 20")).toMatchObject({
      setting: "assistCapKmh",
      factoryRaw: 20,
      encoding: { kind: "speed-cap", heldIn: "mph", basis: "unknown" },
    });
    expect(of("h6: Wheel size 20, 24, 26, 700. Default 26")).toMatchObject({
      setting: "circumferenceMm",
      encoding: { codes: [{ inch: 20 }, { inch: 24 }, { inch: 26 }, { shows: "700", inch: 28 }] },
    });
    expect(of("k01 | Speed unit | 0 km/h, 1 mph | default 0")).toMatchObject({
      setting: "speedUnit",
      sureness: "sure",
      encoding: { options: [{ means: "kmh" }, { means: "mph" }] },
    });
  });
  it("is a cap's value that means none, and never for a time", () => {
    expect(of("h1: Speed limit 10-45 km/h, 45 means no limit, default 25")?.encoding).toMatchObject({
      uncappedRaw: 45,
    });
    expect(of("h1: Auto off 1-60 minutes, 0 is never, default 5")?.encoding).toMatchObject({ rawMin: 0, rawMax: 60 });
  });
  it("is nothing the text does not say", () => {
    expect(of("x1: parameter two, 0 to 9")).toMatchObject({
      setting: null,
      sureness: "unknown",
      doubts: expect.arrayContaining(["no-setting"]),
    });
    expect(of("h1: Screen brightness 1 - 5")?.doubts).toContain("no-default");
    expect(of("h1: Screen brightness 1 - 5, mine is 3")?.factoryRaw).toBeNull();
  });
  it("is not sure while a number of it belongs to nothing, or it breaks off", () => {
    expect(of("h1: Screen brightness 1 - 5 40, default 3")).toMatchObject({
      sureness: "guess",
      doubts: expect.arrayContaining(["numbers-left-over"]),
    });
    expect(of("h1: Screen brightness default 3, 1 to")?.doubts).toContain("may-be-incomplete");
  });
  it("is none of ours where the words say so", () => {
    for (const text of [
      "h1: Over-voltage protection 42-60 V, default 55",
      "h1: Phase current 10-60 A, default 40",
      "h1: Backlight time 5-60 s, default 20",
      "h1: Level 1 speed limit 6-20 km/h, default 12",
      "h1: Magnets of the gear sensor 1-4, default 1",
    ])
      expect(of(text)?.setting, text).toBeNull();
  });
});

describe("a line read as another setting", () => {
  it("keeps range, options and maker's value, and yes and no the way the text has them", () => {
    const [line] = readLeaflet("h1: Handle function, 1 = off, 0 = on, default 1").lines;
    if (!line) throw new Error("no line");
    expect(readAs(line, "cruiseOn")).toMatchObject({
      setting: "cruiseOn",
      factoryRaw: 1,
      encoding: { options: expect.arrayContaining([{ raw: 1, shows: "1", means: false }]) },
    });
    const [cap] = readLeaflet("h2: Something 10 - 45, default 25").lines;
    if (!cap) throw new Error("no line");
    expect(readAs(cap, "assistCapKmh")).toMatchObject({
      factoryRaw: 25,
      encoding: { kind: "speed-cap", rawMin: 10, rawMax: 45 },
    });
    const [broken] = readLeaflet("h3: Something 10 - 45, 70, default 25").lines;
    if (!broken) throw new Error("no line");
    expect(readAs(broken, "assistCapKmh").doubts).toContain("numbers-left-over");
    expect(readAs(readAs(cap, "assistCapKmh"), null)).toMatchObject({
      setting: null,
      encoding: { rawMin: 10, rawMax: 45 },
    });
  });
});
