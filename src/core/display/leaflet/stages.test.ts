// Each stage of the reader alone: data in, data out.
import { describe, expect, it } from "vitest";
import { withStated } from "./makersValue";
import { candidatesOf } from "./meanings";
import { folded, normalised } from "./normalise";
import { meaningsOf } from "./optionMeanings";
import { segmented } from "./segment";
import { untabled } from "./table";
import { tokensOf } from "./tokens";

describe("the normaliser", () => {
  it.each([
    ["Ｇ１：２８～４２Ｖ", "G1:28~42V"],
    ["28,0–42,5 V", "28.0-42.5 V"],
    ["16, 18, 27,5, 28", "16, 18, 27.5, 28"],
    ["16,18,20,24", "16,18,20,24"],
    ["Light .... 1 ÷ 5 ........ 3", "Light : 1 - 5 ; 3"],
    ["from two to fifteen", "from 2 to 15"],
    ["zero is off, one is on", "0 is off, 1 is on"],
  ])("writes %s as %s", (from, to) => expect(normalised(from)).toBe(to));
  it("folds sign by sign, so that places stay the same", () => {
    const marked = ["Größe ÉÀÇ 28 Zoll", "ÇØÞ ﬁ ½", "İstanbul"];
    for (const text of marked) expect(folded(text)).toHaveLength(text.length);
    expect(folded("Éclairage ÜBER")).toBe("eclairage uber");
  });
});

describe("the segmenter", () => {
  const codes = (text: string) => segmented(normalised(text)).segments.map(({ code }) => code);
  it.each([
    ["numbers, options below them", "1 Light\n  1 dark\n  2 bright\n2 Unit\n  0 km\n  1 mile\n3 Off", ["1", "2", "3"]],
    ["codes with a prefix", "A1 one thing\nA2 other thing\nA3 third thing", ["A1", "A2", "A3"]],
    ["banks by letters", "A1 aaa\nA2 bbb\nA3 ccc\nB1 ddd\nB2 eee", ["A1", "A2", "A3", "B1", "B2"]],
    ["banks by numbers", "1.1 aaa bbb\n1.2 ccc ddd\n2.1 eee fff", ["1.1", "1.2", "2.1"]],
    ["codes within one row", "J1 Light 1-5 J2 Unit 0-1 J3 Sleep 1-9", ["J1", "J2", "J3"]],
    ["prose", "Setting 1 is the light. Setting 2 is the unit. With setting 3 you choose.", ["1", "2", "3"]],
    ["numbers in brackets", "menu: (1) light 1/2 (2) unit 0/1 (3) wheel 20/26", ["1", "2", "3"]],
    ["words", "Light: 1-5\nUnit: km/h or mph\nWheel: 20, 26", ["Light", "Unit", "Wheel"]],
  ])("finds %s", (_, text, want) => expect(codes(text)).toEqual(want));
  it("mends a misread sign only where the series proves it", () => {
    const { segments, scanned } = segmented("F01 aaa bbb\nFO2 ccc ddd\nF03 eee fff");
    expect(segments.map(({ code }) => code)).toEqual(["F01", "F02", "F03"]);
    expect(scanned).toBe(true);
    expect(segmented("F01 aaa bbb\nF02 ccc ddd\nFOX eee fff").segments).toHaveLength(2);
  });
  it("keeps the maker's values told in a list of their own", () => {
    const { defaults, segments } = segmented("W1 light\nW2 unit\nW3 sleep\n\nFactory: W1=2 W2=0 W3=10");
    expect([...defaults]).toEqual([
      ["W1", "2"],
      ["W2", "0"],
      ["W3", "10"],
    ]);
    expect(segments[2]?.text).toBe("sleep");
  });
  it("says where a line holds what is said of another", () =>
    expect(
      segmented("A1 light 1-5\nA2 unit A4 sleep 1-9\nA3 wheel").segments.map(({ isEntangled }) => isEntangled),
    ).toEqual([false, true, false]));
});

describe("a table", () => {
  it("is told by its headings, whichever column holds the codes", () => {
    const text = "Factory | Range | Line | Meaning\n3 | 1-5 | 01 | Light of the screen\n0 | 0/1 | 02 | Unit";
    expect(untabled(text).split("\n").slice(1)).toEqual([
      "01 : Light of the screen ; 1-5 ; default 3",
      "02 : Unit ; 0/1 ; default 0",
    ]);
  });
  it("with ends in columns of their own is told as ranges", () =>
    expect(untabled("code;name;min;max;step;default;unit\nq1;cut-off;28;42;0.5;31;V").split("\n")[1]).toBe(
      "q1 : cut-off ; 28 - 42 V ; step 0.5 ; default 31",
    ));
});

describe("tokens", () => {
  it.each([
    ["1-5", 1, 5],
    ["from 1 to 5", 1, 5],
    ["von 1 bis 5", 1, 5],
    ["de 1 à 5", 1, 5],
    ["1 t/m 5", 1, 5],
    ["between 1 and 5", 1, 5],
    ["entre 1 y 5", 1, 5],
    ["28.0 V ~ 42.0 V", 28, 42],
    ["10...45 km/h", 10, 45],
  ])("find the range of %s", (text, min, max) => expect(tokensOf(`Name ${text}`).span).toMatchObject({ min, max }));
  it.each([
    ["0: off, 1: on", ["off", "on"]],
    ["0 = off / 1 = on", ["off", "on"]],
    ["1 = on, 0 = off", ["off", "on"]],
    ["0 off 1 on", ["off", "on"]],
    ["0 km/h, 1 mph", ["km/h", "mph"]],
    ["km/h (0) and mph (1)", ["km/h", "and mph"]],
    ["0/1/2 = 3/5/9", ["3", "5", "9"]],
  ])("find the options of %s", (text, want) =>
    expect(tokensOf(`Name: ${text}`).options.map((option) => option.text)).toEqual(want),
  );
  it.each([
    ["default 3", "3"],
    ["(3)", "3"],
    ["3 as delivered", "3"],
    ["Werkseinstellung 3", "3"],
    ["valeur d'usine 3", "3"],
    ["de fábrica: 3", "3"],
    ["predefinito 3", "3"],
    ["standaard 3", "3"],
    ["leave factory 3", "3"],
  ])("find the maker's value of %s", (text, want) => expect(tokensOf(`Light 1-5, ${text}`).stated).toBe(want));
  it("take numbers far from nothing for no options", () =>
    expect(tokensOf("Cruise; 9 - something; 8 - something else").options).toEqual([]));
  it("tell what they could not place", () => {
    expect(tokensOf("Light 1-5, 40, default 3").unread).toEqual([{ value: "40", behind: "" }]);
    expect(tokensOf("Light 1-5, mine 3").isOwn).toBe(true);
    expect(tokensOf("Wheel: 20, 24,").isCutOff).toBe(true);
  });
});

describe("the maker's value of a text as a whole", () => {
  const statedIn = (texts: readonly string[], leftOver: readonly string[] = [], defaults = new Map<string, string>()) =>
    withStated(
      texts.map((text, i) => ({ code: `${i + 1}`, tokens: tokensOf(text) })),
      { defaults, leftOver },
    );
  it("is the one number most lines have beside their range, and within it", () => {
    const told = statedIn(["Light 1-5 ; 3", "Sleep 1-60 ; 10", "Magnets 1-6 ; 1", "Wheel 16-29"]);
    expect(told.map(({ stated }) => stated)).toEqual(["3", "10", "1", null]);
    expect(statedIn(["Light 1-5 ; 3", "Sleep 1-60 ; 90", "Magnets 1-6"]).map(({ stated }) => stated)).toEqual([
      null,
      null,
      null,
    ]);
  });
  it("stands behind the same word on all of them, or behind none", () => {
    const told = statedIn(["Light 1-5, new 3", "Sleep 1-60, new 10", "Magnets 1-6, new 1", "Wheel 16-29, old 25"]);
    expect(told.map(({ stated }) => stated)).toEqual(["3", "10", "1", null]);
  });
  it("is never what somebody says of his own display", () =>
    expect(
      statedIn(["Light 1-5, mine 3", "Sleep 1-60, mine 10", "Magnets 1-6, mine 1"]).map(({ stated }) => stated),
    ).toEqual([null, null, null]));
  it("stands behind the step where a legend says so, and the step is kept", () => {
    const texts = ["Cut-off: 28-42 / 0.5 / 31", "Wheel: 900-2400 / 5 / 2100", "Light: 1-5 / 1 / 3"];
    const told = statedIn(texts, ["Range / step / delivered"]);
    expect(told.map(({ stated, span, unread }) => [stated, span?.step, unread.length])).toEqual([
      ["31", 0.5, 0],
      ["2100", 5, 0],
      ["3", 1, 0],
    ]);
    // Without a legend nobody knows which is which.
    expect(statedIn(texts).map(({ stated }) => stated)).toEqual([null, null, null]);
  });
  it("is what a list of its own says, unless the line says it itself", () => {
    const told = statedIn(
      ["Light 1-5", "Sleep 1-60, default 10"],
      [],
      new Map([
        ["1", "3"],
        ["2", "20"],
      ]),
    );
    expect(told.map(({ stated }) => stated)).toEqual(["3", "10"]);
  });
});

describe("meanings", () => {
  const best = (text: string) => candidatesOf(tokensOf(text), "")[0]?.meaning;
  it.each([
    ["Over-voltage protection 42-60 V", "over-voltage"],
    ["Überspannungsschutz 42-60 V", "over-voltage"],
    ["Low voltage protection 28-42 V", "cutOffV"],
    ["Speed limit 0-100 %", "capPowerShare"],
    ["Speed limit 10-45 km/h", "assistCapKmh"],
    ["Throttle speed limit 6-45 km/h", "throttleCapKmh"],
    ["Walk assist 3-6 km/h", "walkAssistKmh"],
    ["Backlight time 5-60 s", "light-time"],
    ["Level 2 speed limit 6-20 km/h", "level-speed-cap"],
    ["Phase current 10-60 A", "phase-current"],
  ])("%s is %s", (text, want) => expect(best(text)).toBe(want));
  it("take words of two languages for no yes and no", () => {
    expect(meaningsOf("cruiseOn", tokensOf("Cruise: on / off").options)).toEqual([true, false]);
    expect(meaningsOf("cruiseOn", tokensOf("Cruise: an / off").options)).toBeNull();
    expect(meaningsOf("cruiseOn", tokensOf("Cruise: 0 = none, 1 = after 5 s").options)).toEqual([false, true]);
  });
  it("are contested by clear words before them, and by options that say what is set", () => {
    const contested = (text: string, meaning: string) =>
      candidatesOf(tokensOf(text), "").find((each) => each.meaning === meaning)?.isContested;
    expect(contested("Speed limit; wheel size 20, 24, 26", "circumferenceMm")).toBe(true);
    expect(contested("Wheel size 20, 24, 26", "circumferenceMm")).toBe(false);
    expect(contested("Screen brightness, 0 km/h, 1 mph", "backlight")).toBe(true);
  });
  it("rest on words that are told", () =>
    expect(candidatesOf(tokensOf("Screen brightness 1-5"), "")[0]?.because).toContain("screen brightness"));
  it("of a level's share need a heading that tells of power", () => {
    expect(candidatesOf(tokensOf("Level 3: 20-99"), "Power per level")[0]?.meaning).toBe("share3");
    expect(candidatesOf(tokensOf("Level 3: 20-99"), "")).toEqual([]);
  });
});
