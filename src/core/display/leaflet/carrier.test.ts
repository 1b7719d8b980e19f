// What carried a text is undone before it is read; texts here are none of the corpus.
import { describe, expect, it } from "vitest";
import { asWritten } from "./carrier";
import { readLeaflet } from "./index";
import { inFigures } from "./numberWords";
import { folded } from "./normalise";
import { oneBelowTheOther } from "./sideBySide";
import { withSpellingMended, wordMeant } from "./spelling";
import { untabled } from "./table";

describe("a text is freed of what carried it", () => {
  it("of the marks of a mail that quotes another", () =>
    expect(asWritten("so:\n> > a1 light 1-5\n> > a2 unit 0/1").split("\n").slice(1)).toEqual([
      "a1 light 1-5",
      "a2 unit 0/1",
    ]));
  it("but a single mark before a heading stays", () =>
    expect(asWritten("> Screen\nLight 1-5\nUnit 0/1\nSleep 1-9")).toContain("> Screen"));
  it.each(["[9:15] Kim: ", "[02.05.26, 09:15:20] Kim: ", "2/5/26, 09:15 - Kim: "])(
    "of the times of a chat: %s",
    (stamp) => expect(asWritten([1, 2, 3].map((n) => `${stamp}${n} line`).join("\n"))).toBe("1 line\n2 line\n3 line"),
  );
  it("of the ends of narrow rows, with words parted by a hyphen whole again", () =>
    expect(
      asWritten(
        [
          "1. The light of the dis-",
          "play, from 1 to 5, and",
          "the works sets it to 3.",
          "2. The greatest speed of",
          "the bicycle with the mo-",
          "tor on, from 10 to 40.",
        ].join("\n"),
      ),
    ).toBe(
      "1. The light of the display, from 1 to 5, and the works sets it to 3.\n" +
        "2. The greatest speed of the bicycle with the motor on, from 10 to 40.",
    ));
  it("but options on short rows of their own stay apart", () => {
    const text = "1 Light of the screen\nlow\nhigh\n2 Unit of the distance\nkm\nmiles";
    expect(asWritten(text)).toBe(text);
  });
  it("of a program's braces, as names or as a list", () => {
    expect(asWritten('{"glow": {"min": 1, "max": 5, "ship": 3}}')).toBe("glow : 1 - 5  ; ship 3");
    expect(asWritten('[{"code": "q1", "name": "glow", "values": [1, 2, 3], "default": 2}]')).toBe(
      "q1 : name glow ; values 1 / 2 / 3 ; default 2",
    );
    expect(asWritten('{"broken": ')).toBe('{"broken": ');
  });
  it("of fields on rows of their own, where they come again and again", () => {
    const record = (title: string, code: number) => `${title}\n Code: ${code}\n Range: 1 to 5`;
    expect(asWritten([record("Light", 1), record("Start", 2), record("Sleep", 3)].join("\n\n")).split("\n\n")).toEqual([
      "1 : Light ; Range 1 to 5",
      "2 : Start ; Range 1 to 5",
      "3 : Sleep ; Range 1 to 5",
    ]);
    expect(asWritten(record("Light", 1))).toBe(record("Light", 1));
  });
  it("of stars at the values it is delivered with", () =>
    expect(asWritten("a1  the light  1  2*  3\na2  the speed  min 10  max 40  *25\na3  the lamp  on*  off")).toBe(
      "a1   the light   1 / 2 / 3   ; default 2\n" +
        "a2  the speed  min 10  max 40  ; default 25\n" +
        "a3   the lamp   on / off   ; default on",
    ));
});

describe("numbers told as words", () => {
  it("are figures where a text is told so throughout", () =>
    expect(
      inFigures("two to twenty-five, three, four, six, seven, eight, ninety nine, nought, and no one of them at one"),
    ).toBe("2 to 25, 3, 4, 6, 7, 8, 99, 0, and no one of them at 1"));
  it("stay words where only a few are", () => expect(inFigures("the two levers")).toBe("the two levers"));
});

describe("columns of lines side by side", () => {
  const two = "01 Light 1-5     04 Speed 10-40\n02 Unit 0/1      05 Amps 5-20\n03 Sleep 1-9     06 Volts 28-42";
  it("are told one below the other", () =>
    expect(
      oneBelowTheOther(two)
        .split("\n")
        .map((row) => row.slice(0, 2)),
    ).toEqual(["01", "02", "03", "04", "05", "06"]));
  it("are one where the second numbers do not go on from the first", () => {
    const text = "01 Light 1-5     3 is bright\n02 Unit 0/1      1 is miles\n03 Sleep 1-9     0 is never";
    expect(oneBelowTheOther(text)).toBe(text);
  });
});

describe("tables a spreadsheet wrote", () => {
  it.each([
    ["semicolons", '"Idx";"Label";"Min";"Max";"Default"\n"0x1F";"Glow; of the glass";"1";"5";"3"'],
    ["commas", "Idx,Label,Min,Max,Default\n0x1F,Glow of the glass,1,5,3"],
  ])("are read with %s, whatever their codes look like", (_, text) => {
    const [line] = readLeaflet(text).lines;
    expect(line).toMatchObject({ code: "0x1F", tokens: { span: { min: 1, max: 5 }, stated: "3" } });
  });
  it("have letters for codes only where a heading says that they are", () => {
    expect(
      readLeaflet("Code | Name | Range\na | Light | 1-5\nb | Speed | 10-40").lines.map(({ code }) => code),
    ).toEqual(["a", "b"]);
    expect(untabled("Name | Range | Default\nred | 1-5 | 3")).toBe("Name | Range | Default\nred | 1-5 | 3");
  });
});

describe("a word misspelt by one letter", () => {
  it.each([
    ["brigthness", "brightness"],
    ["voltge", "voltage"],
    ["wheal", "wheel"],
    ["throtle", "throttle"],
  ])("%s is read as %s", (misspelt, word) => expect(wordMeant(misspelt)).toBe(word));
  it.each(["lever", "steep", "brightness", "wheels", "stand", "minuten", "temperatura"])("%s is itself", (word) =>
    expect(wordMeant(word)).toBeNull(),
  );
  it("makes no line sure", () => {
    expect(withSpellingMended("top sped", folded)).toEqual({ text: "top sped", isMended: false });
    const [right] = readLeaflet("1 Speed limit 10-40 km/h, default 25\n2 Unit 0 km 1 mile, default 0").lines;
    const [slipped] = readLeaflet("1 Speed limmit 10-40 km/h, default 25\n2 Unit 0 km 1 mile, default 0").lines;
    expect(right).toMatchObject({ setting: "assistCapKmh", sureness: "sure" });
    expect(slipped).toMatchObject({ setting: "assistCapKmh", sureness: "guess" });
  });
});
