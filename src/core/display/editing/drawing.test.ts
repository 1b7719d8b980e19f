// The menu as it is drawn, what is asked where, and what a value of a preset stands for.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { entryCode, type DisplayProfile } from "..";
import { newProfile } from "../draft";
import { SETTING_KEYS } from "../settings";
import {
  codeInName,
  codeBefore,
  columnsOf,
  entryName,
  fieldsAsked,
  formAt,
  freeCode,
  freeName,
  nameOnPage,
  openersOf,
  outlineOf,
  pastedItems,
  rewritten,
  rulesWith,
  saidOf,
  settingsLeft,
  spotOf,
  typedText,
  withEntry,
  withEntryAs,
  withEntryCode,
  withFurther,
  withMeaning,
  withNewGroup,
  withNewPage,
  withOneMoved,
  withoutMeaning,
  withoutOne,
  type FormOf,
} from ".";

const displays = SHIPPED_DISPLAYS.map((profile) => [profile.name, profile] as const);
const named = (name: string): DisplayProfile => {
  const found = SHIPPED_DISPLAYS.find((profile) => profile.name === name);
  if (!found) throw new Error(`no display ${name}`);
  return found;
};
const BASE = newProfile("own-1", "New");

describe("the outline of a menu", () => {
  it.each(displays)("draws every page of %s once: under its keys, or within the entry that opens it", (_, profile) => {
    const { roots } = outlineOf(profile);
    expect(roots[0]?.index).toBe(0);
    const within = (index: number, seen: ReadonlySet<number>): number[] => {
      if (seen.has(index)) return [];
      const page = profile.menu.pages[index];
      const below = (page?.entries ?? []).flatMap((entry) =>
        entry.kind === "page" ? [profile.menu.pages.findIndex(({ id }) => id === entry.page)] : [],
      );
      return [index, ...below.flatMap((each) => within(each, new Set([...seen, index])))];
    };
    const drawn = roots.flatMap(({ index }) => within(index, new Set()));
    expect([...new Set(drawn)].sort((a, b) => a - b)).toEqual(profile.menu.pages.map((_page, i) => i));
    for (const { page, openedBy } of roots) expect(openedBy).toEqual(openersOf(profile, page.id));
  });

  it("tells the lines no page lists: a procedure sets them", () => {
    expect(outlineOf(named("Marram")).unlisted).toEqual(["Throttle state"]);
    expect(outlineOf(named("Tarn")).unlisted).toEqual([]);
  });

  it("finds every entry by its name, and keeps what it is called on another page", () => {
    for (const [, profile] of displays)
      profile.menu.pages.forEach((page, p) =>
        page.entries.forEach((entry, at) => {
          const name = entryName(page.id, entry.kind, entryCode(entry));
          expect(spotOf(profile, name), name).toEqual({ page: p, at });
          expect(codeInName(nameOnPage(name, "elsewhere"))).toBe(entryCode(entry));
        }),
      );
    expect(spotOf(BASE, "settings/line/none")).toBeNull();
    // A code may hold the stroke that parts a name.
    expect(codeInName(entryName("page", "line", "a/b"))).toBe("a/b");
  });

  it("counts on from the code before, and stands in where that ends in no number", () => {
    expect(freeCode(BASE, "1")).toBe("2");
    expect(freeCode(named("Tarn"), "51")).toBe("55");
    expect(freeCode(BASE, "Wheel")).toBe("new-1");
    expect(freeCode(BASE, null)).toBe("new-1");
    expect(codeBefore(BASE, { page: 0, at: 0 })).toBeNull();
    expect(codeBefore(BASE, { page: 0, at: 9 })).toBe("1");
    expect(freeName(["page", "page-2"], "page")).toBe("page-3");
  });
});

describe("an entry changed in place", () => {
  const grouped = withNewGroup(BASE, { page: 0, at: 1 }, "More");

  it("is made any other kind under its code, and the page a group opened goes with it", () => {
    for (const kind of ["page", "exit", "action"] as const) {
      const made = withEntryAs(grouped, { page: 0, at: 0 }, kind, "New group");
      expect(made.menu.pages[0]?.entries[0]).toMatchObject({ kind, code: "1" });
      expect(made.lines.some(({ code }) => code === "1")).toBe(false);
    }
    const line = withEntryAs(grouped, { page: 0, at: 1 }, "line", "");
    expect(line.menu.pages).toHaveLength(1);
    expect(line.lines.map(({ code }) => code)).toEqual(["1", "2"]);
    expect(withEntryAs(grouped, { page: 0, at: 0 }, "line", "")).toBe(grouped);
  });

  it("is called otherwise, but not as another on its page", () => {
    const exit = withEntry(BASE, { page: 0, at: 1 }, { kind: "exit", code: "out", saves: true });
    expect(withEntryCode(exit, { page: 0, at: 1 }, "1")).toBeNull();
    expect(withEntryCode(exit, { page: 0, at: 0 }, "out")).toBeNull();
    expect(withEntryCode(exit, { page: 0, at: 1 }, "away")?.menu.pages[0]?.entries[1]).toMatchObject({ code: "away" });
    expect(withEntryCode(exit, { page: 0, at: 0 }, "46")?.lines[0]?.code).toBe("46");
    expect(withEntryCode(exit, { page: 0, at: 9 }, "x")).toBeNull();
  });
});

describe("what is asked where", () => {
  const rule = (profile: DisplayProfile, on: string) => profile.rules.findIndex((each) => each.on === on);
  it("is what can say something on its screen, the screen and the keys first", () => {
    const tarn = named("Tarn");
    const menu = fieldsAsked(tarn, ["rules", rule(tarn, "menu")]);
    expect(menu.slice(0, 4)).toEqual(["on", "keys", "gesture", "does"]);
    expect(menu).toContain("editing");
    expect(menu).not.toContain("infoLine");
    const home = fieldsAsked(tarn, ["rules", rule(tarn, "home")]);
    expect(home).toContain("infoLine");
    expect(home).not.toContain("pages");
  });
  it("is the basis of a cap, and of nothing else", () => {
    for (const [name, profile] of displays)
      profile.lines.forEach(({ code, encoding }, i) => {
        const asked = fieldsAsked(profile, ["lines", i, "encoding"]).includes("basis");
        const isCap =
          encoding.kind === "bundle"
            ? encoding.options.some(({ means }) => "assistCapKmh" in means)
            : encoding.setting === "assistCapKmh" || encoding.setting === "throttleCapKmh";
        if (asked) expect(isCap, `${name} ${code}`).toBe(true);
        if (encoding.kind === "speed-cap") expect(asked, `${name} ${code}`).toBe(true);
      });
  });
  it("never what is counted up by itself", () => {
    expect(fieldsAsked(BASE, ["keys", 0])).toEqual(["name", "part", "cap", "keyboard"]);
    expect(fieldsAsked(BASE, ["menu", "pages", 0])).toEqual(["name", "atEnds", "opensAt", "changing"]);
  });
});

describe("lists", () => {
  it("get one more told apart from the others, lose one, move one; never fewer than they must have", () => {
    const more = withFurther(BASE, ["keys"]);
    if (!more.ok) throw new Error("refused");
    const ids = more.profile.keys.map(({ id }) => id);
    expect(new Set(ids).size).toBe(4);
    const back = withoutOne(more.profile, ["keys"], 3);
    expect(back.ok && back.profile).toEqual(BASE);
    const moved = withOneMoved(BASE, ["keys"], 0, 2);
    expect(moved.ok && moved.profile.keys.map(({ id }) => id)).toEqual(["plus", "minus", "power"]);
    expect(withoutOne(BASE, ["menu", "pages"], 0).ok).toBe(false);
  });
  it("take as columns what a cell can hold, and no more", () => {
    const list = (path: readonly (string | number)[]) => formAt(path, named("Tarn")) as FormOf<"list">;
    expect(columnsOf(list(["faultCodes"]))).toEqual(["code", "says"]);
    expect(columnsOf(list(["modes"]))).toEqual(["value"]);
    expect(pastedItems(list(["modes"]), "eco\n\nsport", null, BASE)).toEqual({ ok: true, items: ["eco", "sport"] });
  });
  it("a condition hung on another line begins anew with a value that line has", () => {
    const windrow = named("Windrow");
    const at = windrow.lines.findIndex(({ shownWhen }) => shownWhen !== null);
    const put = rewritten(windrow, ["lines", at, "shownWhen", 0, "line"], "Unit");
    expect(put.ok && put.profile.lines[at]?.shownWhen).toEqual([{ line: "Unit", raws: [0] }]);
  });
  it("no two figures of the info line are called alike", () => {
    const skerry = named("Skerry");
    const [first, second] = skerry.infoLines;
    expect(rewritten(skerry, ["infoLines", 1], first).ok).toBe(false);
    expect(rewritten(skerry, ["infoLines", 1], second).ok).toBe(true);
  });
});

describe("what a value of a preset stands for", () => {
  it("is said of one setting more, of another, of one less, each beginning at its least", () => {
    const means = { speedUnit: "kmh" } as const;
    expect(settingsLeft(means)).toHaveLength(SETTING_KEYS.length - 1);
    const two = withMeaning(means);
    expect(Object.keys(two)).toHaveLength(2);
    expect(saidOf(means, "speedUnit", "assistLevels")).toEqual({ assistLevels: 1 });
    expect(withoutMeaning(two, "speedUnit")).not.toHaveProperty("speedUnit");
    const all = Object.fromEntries(SETTING_KEYS.map((setting) => [setting, 0]));
    expect(withMeaning(all)).toBe(all);
  });
});

describe("a field as it stands", () => {
  it("is shown in the unit a hand types, and empty where it holds nothing", () => {
    expect(typedText(formAt(["menu", "idle", "closesAfterMs"], BASE), 8500)).toBe("8.5");
    expect(typedText(formAt(["lines", 0, "note"], BASE), null)).toBe("");
    expect(typedText(formAt(["lines", 0, "factoryRaw"], BASE), 0)).toBe("0");
  });
  it("is a key that rules press, or let go", () => {
    const marram = named("Marram");
    for (const { id } of marram.keys)
      expect(rulesWith(marram, id).length > 0).toBe(JSON.stringify(marram.rules).includes(`"${id}"`));
  });
  it("is a page nothing opens until somebody says", () => {
    const { profile, page } = withNewPage(BASE, "Second");
    expect(openersOf(profile, page.id)).toEqual([]);
  });
});
