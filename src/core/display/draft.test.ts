import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { TARN } from "@/catalog/displays/tarn";
import { checkProfile } from "./check";
import { lineFromLeaflet, meaning, newProfile, usualEncoding, withLineAt } from "./draft";
import { withKeys, withSelectKey } from "./editing";
import { rawValues, shows } from "./encoding";
import { cellsOf, measuredText, withCell, withMeasured } from "./lineCells";
import { readLeaflet } from "./leaflet";
import { newLine, withLines } from "./lines";
import { readPastedList } from "./pastedList";
import { linesOf, type Line } from "./profile";
import { SETTING_KEYS } from "./settings";

const line = (code: string): Line => {
  const found = linesOf(TARN).find((each) => each.code === code);
  if (!found) throw new Error(code);
  return found;
};

describe("a display begun from nothing", () => {
  it("works at once, and in every manner the short form can say", () => {
    expect(checkProfile(newProfile("own-1", "New"))).toEqual([]);
    for (const select of [null, "power"])
      for (const saves of ["leaving-menu", "leaving-line", "each-change"] as const)
        for (const save of [["plus", "minus"], []]) {
          const begun = withKeys(newProfile("own-1", "New"), "save", save);
          const moved = select ? withKeys(withKeys(begun, "next", ["minus"]), "less", []) : begun;
          const { menu, ...rest } = withSelectKey(moved, select);
          const idle = { ...menu.idle, pending: save.length > 0 ? ("discard" as const) : ("save" as const) };
          expect(checkProfile({ ...rest, menu: { ...menu, saves, idle } }), `${select} ${saves}`).toEqual([]);
        }
  });
  it("takes a leaflet's lines and stays whole", () => {
    const { lines } = readLeaflet(
      "a1 Brightness 1-5, default 3\na2 Speed limit 10-45 km/h, default 25\na3 Something 0-9",
    );
    const profile = withLines(newProfile("own-1", "New"), lines.map(lineFromLeaflet));
    expect(checkProfile(profile)).toEqual([]);
    expect(profile.lines.map((each) => [each.code, each.claims[0]?.from])).toEqual([
      ["a1", "leaflet"],
      ["a2", "leaflet"],
      ["a3", "leaflet"],
    ]);
  });
  it("has a usual encoding for every setting, which holds something", () => {
    for (const setting of SETTING_KEYS) {
      const encoding = usualEncoding(setting);
      expect(encoding.setting).toBe(setting);
      expect(rawValues(encoding).length, setting).toBeGreaterThan(1);
    }
  });
  it("keeps groups when lines are taken out of a display that has them", () => {
    for (const profile of SHIPPED_DISPLAYS) {
      const fewer = withLines(
        profile,
        profile.lines
          .filter(
            (each) =>
              !profile.lines.some((other) =>
                [...(other.shownWhen ?? []), ...(other.mattersWhen ?? [])].some(({ line }) => line === each.code),
              ),
          )
          .slice(1),
      );
      expect(
        checkProfile({
          ...fewer,
          lines: fewer.lines.map((each) => ({ ...each, shownWhen: null, mattersWhen: null })),
        }).filter((problem) => problem.key === "profile.unknown-line" || problem.key === "profile.line-unreachable"),
      ).toEqual([]);
      expect(withLines(profile, [...profile.lines, newLine("zz")]).menu.pages[0]?.entries.at(-1)).toEqual({
        kind: "line",
        line: "zz",
      });
    }
  });
});

describe("a line replaced", () => {
  it("takes pages and conditions along when its code changes, and touches nothing else", () => {
    for (const profile of SHIPPED_DISPLAYS)
      profile.lines.forEach((old, i) => {
        const renamed = withLineAt(profile, i, { ...old, code: "new code" });
        expect(checkProfile(renamed)).toEqual(checkProfile(profile));
        expect(JSON.stringify(renamed)).not.toContain(`"line":"${old.code}"`);
        const back = withLineAt(renamed, i, old);
        expect(back).toEqual(profile);
      });
  });

  it("changes one line only where the code stays, and none past the end", () => {
    const [first] = TARN.lines;
    if (!first) throw new Error("no line");
    const noted = withLineAt(TARN, 0, { ...first, note: "worn" });
    expect(noted.lines[0]?.note).toBe("worn");
    expect({ ...noted, lines: noted.lines.slice(1) }).toEqual({ ...TARN, lines: TARN.lines.slice(1) });
    expect(withLineAt(TARN, 99, first)).toBe(TARN);
  });

  it("means any setting there is, with values to show and none of the maker's", () => {
    for (const setting of SETTING_KEYS) {
      const meant = meaning(line("33"), setting);
      expect(meant.code).toBe("33");
      expect(rawValues(meant.encoding).length).toBeGreaterThan(0);
      // The maker's value stays where the line shows it as it did; none is made up.
      if (meant.factoryRaw !== null) expect(shows(meant.encoding, meant.factoryRaw)).toBe("2");
      expect(meant.encoding.setting).toBe(setting);
    }
  });
});

describe("cells of a line", () => {
  it("say what a line holds, and take it back unchanged", () => {
    for (const each of SHIPPED_DISPLAYS.flatMap(linesOf)) {
      const cells = cellsOf(each);
      for (const field of ["from", "to", "step", "factory"] as const) {
        const text = cells[field];
        if (text === null) continue;
        const edit = withCell(each, field, text);
        expect(edit.ok && cellsOf(edit.line), `${each.code} ${field}`).toEqual(cells);
      }
    }
  });
  it("take decimals where they are typed, and refuse nonsense with what would be accepted", () => {
    const finer = withCell(line("33"), "to", "7.5");
    expect(finer.ok && cellsOf(finer.line)).toMatchObject({ from: "1.0", to: "7.5" });
    expect(withCell(line("33"), "to", "x")).toEqual({ ok: false, problem: { field: "to", accepted: "whole-number" } });
    expect(withCell(line("33"), "to", "0")).toEqual({ ok: false, problem: { field: "to", accepted: "above-from" } });
    expect(withCell(line("33"), "factory", "99")).toEqual({
      ok: false,
      problem: { field: "factory", accepted: "a-value-it-shows" },
    });
  });
  it("take options as shown = meaning, and wheel codes in inches", () => {
    const swapped = withCell(line("63"), "options", "0=kmh, 1=mph");
    expect(swapped.ok && swapped.line.encoding).toMatchObject({
      options: [
        { raw: 0, means: "kmh" },
        { raw: 1, means: "mph" },
      ],
    });
    expect(withCell(line("63"), "options", "0=kmh, 1=furlongs").ok).toBe(false);
    const wheel = withCell(line("51"), "options", "20, 26, 700=28");
    expect(wheel.ok && wheel.line.encoding).toMatchObject({
      codes: [{ inch: 20 }, { inch: 26 }, { shows: "700", inch: 28 }],
    });
    expect(withCell(line("51"), "options", "20, huge").ok).toBe(false);
  });
  it("keep measurements of a line of unknown scale", () => {
    const unknown = newLine("u", {
      kind: "unknown-scale",
      setting: "assistCapKmh",
      rawMin: 0,
      rawMax: 20,
      larger: "less",
      noneRaw: 0,
      measured: [],
    });
    const measured = withMeasured(unknown, "12=24.4; 10=26.1");
    expect(measured && measuredText(measured)).toBe("12=24.4, 10=26.1");
    expect(withMeasured(unknown, "40=3")).toBeNull();
    expect(withMeasured(unknown, "twelve=3")).toBeNull();
  });
});

describe("a pasted list", () => {
  it("is read by code, whatever stands between", () => {
    expect(readPastedList(TARN, "31=0, 32: 1\n33 - 4\n51 27.5; 53\t25\nnonsense\n99=1")).toEqual({
      shown: { "31": "0", "32": "1", "33": "4", "51": "27.5", "53": "25" },
      unknown: ["nonsense", "99=1"],
    });
  });
  it("knows codes that are words", () => {
    const skerry = SHIPPED_DISPLAYS.find(({ id }) => id === "skerry-words");
    expect(skerry && readPastedList(skerry, "Rim roll: 2310\nSleep after = never").shown).toEqual({
      "Rim roll": "2310",
      "Sleep after": "never",
    });
  });
});
