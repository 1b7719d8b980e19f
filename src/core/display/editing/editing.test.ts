// Changing a description: every construct of the format can be made, changed and taken out, and nothing else moves.
import { is } from "valibot";
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { checkProfile, type DisplayProfile, type Encoding } from "..";
import { rawValues, shows } from "../encoding";
import { newProfile } from "../draft";
import { held, plainRule } from "../rules";
import { EncodingSchema } from "../profileSchema";
import {
  blank,
  DESCRIPTION,
  encodingAs,
  fieldsFor,
  formAt,
  formOf,
  furtherItem,
  lineAs,
  NO_HISTORY,
  ofKind,
  pastedItems,
  patchesBetween,
  putAt,
  redone,
  sameParts,
  typedMeaning,
  typedValue,
  undone,
  unsaidOf,
  valueAt,
  withCode,
  withEntryMoved,
  withHeldMs,
  withInfoLine,
  withKeys,
  withNewGroup,
  withNewLine,
  withNewPage,
  withoutEntry,
  withoutPage,
  withPatches,
  withRule,
  withSaid,
  withSelectKey,
  withStep,
  withWayIn,
  type FieldForm,
  type FormOf,
  type Path,
} from ".";

const displays = SHIPPED_DISPLAYS.map((profile) => [profile.name, profile] as const);
const named = (name: string): DisplayProfile => {
  const found = SHIPPED_DISPLAYS.find((profile) => profile.name === name);
  if (!found) throw new Error(`no display ${name}`);
  return found;
};
const MARRAM = named("Marram");

/** Every place of a description a form asks for, with what it takes. */
function* places(
  value: unknown,
  form: FieldForm = DESCRIPTION,
  path: Path = [],
): Generator<readonly [Path, FieldForm]> {
  yield [path, form];
  if (form.kind === "may-lack" && value !== form.lacking) yield* places(value, form.of, path);
  if (form.kind === "list")
    for (const [i, item] of (value as readonly unknown[]).entries()) yield* places(item, form.of, [...path, i]);
  if (form.kind === "may-lack") return;
  for (const [name, field] of fieldsFor(form, value)) yield* places(valueAt(value, [name]), field, [...path, name]);
}

describe("the grammar of a description", () => {
  it.each(displays)("asks for everything %s says, and takes what it says", (_, profile) => {
    for (const [path, form] of places(profile)) {
      expect(is(form.schema, valueAt(profile, path)), path.join(".")).toBe(true);
      const found = formAt(path, profile);
      expect(found === form || (found.kind === "may-lack" && found.of === form), path.join(".")).toBe(true);
    }
    // Nothing it says is without a field: what the forms can reach, put together, is the whole of it.
    const leaves = (value: unknown): number =>
      typeof value === "object" && value !== null
        ? Object.values(value).reduce<number>((sum, each) => sum + leaves(each), 0)
        : 1;
    const reached = [...places(profile)].filter(
      ([path, form]) =>
        form.kind !== "may-lack" && (form.kind === "meanings" || typeof valueAt(profile, path) !== "object"),
    );
    const kinds = [...places(profile)].filter(
      ([path, form]) => form.kind === "kinds" && valueAt(profile, path) !== null,
    );
    const lacking = [...places(profile)].filter(
      ([path, form]) => form.kind === "may-lack" && valueAt(profile, path) === null,
    );
    const meanings = reached
      .filter(([, form]) => form.kind === "meanings")
      .map(([path]) => leaves(valueAt(profile, path)) - 1);
    const fixedNulls = [...places(profile)].filter(
      ([path, form]) => form.kind === "fixed" && valueAt(profile, path) === null,
    );
    expect(
      reached.length + kinds.length + lacking.length + fixedNulls.length + meanings.reduce((a, b) => a + b, 0),
    ).toBe(leaves(profile));
  });

  it("begins every field with something the format takes, in every kind it comes in", () => {
    for (const [, profile] of displays)
      for (const [path, form] of places(profile)) {
        const begun = blank(form, profile);
        if (begun !== undefined) expect(is(form.schema, begun), path.join(".")).toBe(true);
        if (form.kind === "kinds")
          for (const kind of form.kinds.keys())
            expect(
              is(form.schema, ofKind(form.kinds, kind, valueAt(profile, path), profile)),
              `${path.join(".")} ${kind}`,
            ).toBe(true);
        if (form.kind === "list" && form.of.kind !== "fixed") {
          const items = valueAt(profile, path) as readonly unknown[];
          const further = furtherItem(form.of, items, profile);
          expect(is(form.of.schema, further), path.join(".")).toBe(true);
        }
      }
  });
});

describe("one place put anew", () => {
  it("changes that place alone, or says what it takes and changes nothing", () => {
    const put = putAt(MARRAM, ["rules", 3, "keys"], [MARRAM.keys[0]?.id]);
    if (!put.ok) throw new Error("refused");
    expect(patchesBetween(MARRAM, put.profile)).toHaveLength(1);
    expect(put.profile.rules[2]).toBe(MARRAM.rules[2]);
    expect(put.profile.lines).toBe(MARRAM.lines);
    const refused = putAt(MARRAM, ["menu", "idle", "closesAfterMs"], 900);
    expect(refused).toMatchObject({ ok: false, form: { kind: "number", least: 3000, most: 600_000 } });
  });
});

describe("a line written another way", () => {
  const kinds = [...(formOf(EncodingSchema) as FormOf<"kinds">).kinds.keys()] as Encoding["kind"][];
  it("can be made of any other kind, by the format, on every line that ships", () => {
    for (const [name, profile] of displays)
      for (const line of profile.lines)
        for (const kind of kinds) {
          const next = lineAs(line, encodingAs(line.encoding, kind, profile));
          expect(next.encoding.kind, `${name} ${line.code}`).toBe(kind);
          expect(is(EncodingSchema, next.encoding), `${name} ${line.code} ${kind}`).toBe(true);
          // A maker's value is never made up: it is the one shown before, or not known.
          if (next.factoryRaw !== null)
            expect(shows(next.encoding, next.factoryRaw)).toBe(shows(line.encoding, line.factoryRaw ?? Number.NaN));
        }
  });
  it("keeps what was seen when its meaning goes, mark for mark", () => {
    for (const [name, profile] of displays)
      for (const { code, encoding } of profile.lines) {
        const raws = rawValues(encoding);
        if (raws.length === 0 || raws.length > 120) continue;
        const seen = encodingAs(encoding, "reserved", profile);
        expect(
          rawValues(seen).map((raw) => shows(seen, raw)),
          `${name} ${code}`,
        ).toEqual(
          [...raws]
            .sort((a, b) => (seen.kind === "reserved" && seen.shown ? 0 : a - b))
            .map((raw) => shows(encoding, raw)),
        );
      }
  });
});

describe("the menu put together", () => {
  it("takes a line in where it is put, in the order of the menu, and lets it go again", () => {
    for (const [, profile] of displays)
      profile.menu.pages.forEach(({ entries }, page) => {
        for (const at of [0, 1, entries.length]) {
          const { profile: more, code } = withNewLine(profile, { page, at });
          expect(checkProfile(more)).toEqual([]);
          expect(more.menu.pages[page]?.entries[at]).toEqual({ kind: "line", line: code });
          const back = withoutEntry(more, { page, at });
          expect(patchesBetween(profile, back)).toEqual([]);
        }
      });
  });
  it("moves an entry and back, and the order of lines with it", () => {
    const base = newProfile("own-1", "New");
    const three = [2, 3].reduce((now) => withNewLine(now, { page: 0, at: 99 }).profile, base);
    const codes = (profile: DisplayProfile) => profile.lines.map(({ code }) => code);
    expect(codes(three)).toEqual(["1", "2", "3"]);
    const moved = withEntryMoved(three, { page: 0, at: 2 }, { page: 0, at: 0 });
    expect(codes(moved)).toEqual(["3", "1", "2"]);
    expect(patchesBetween(three, withEntryMoved(moved, { page: 0, at: 0 }, { page: 0, at: 2 }))).toEqual([]);
  });
  it("never moves a group into itself, nor the last entry off a page", () => {
    const base = newProfile("own-1", "New");
    const grouped = withNewGroup(base, { page: 0, at: 1 }, "More");
    expect(grouped.menu.pages).toHaveLength(2);
    expect(withEntryMoved(grouped, { page: 0, at: 1 }, { page: 1, at: 0 })).toBe(grouped);
    expect(withEntryMoved(grouped, { page: 1, at: 0 }, { page: 0, at: 0 })).toBe(grouped);
  });
  it("takes a group out with the page it alone opens, and a page with what opens it", () => {
    const base = newProfile("own-1", "New");
    const grouped = withNewGroup(base, { page: 0, at: 1 }, "More");
    expect(patchesBetween(base, withoutEntry(grouped, { page: 0, at: 1 }))).toEqual([]);
    const { profile: paged, page } = withNewPage(base, "Second");
    const opened = withWayIn(paged, page.id);
    expect(checkProfile(opened).map(({ key }) => key)).not.toContain("profile.page-unreachable");
    expect(patchesBetween(base, withoutPage(opened, page.id))).toEqual([]);
  });
  it("calls a line otherwise wherever it is named, and no two lines alike", () => {
    const [first, second] = MARRAM.lines;
    if (!first || !second) throw new Error("no lines");
    expect(withCode(MARRAM, first.code, second.code)).toBeNull();
    const called = withCode(MARRAM, first.code, "other");
    expect(JSON.stringify(called)).not.toContain(`"${first.code}"`);
    expect(called && checkProfile(called)).toEqual([]);
  });
  it("calls a figure of the info line otherwise in the rules that hold by it", () => {
    const by = SHIPPED_DISPLAYS.find(({ rules }) => rules.some(({ infoLine }) => infoLine !== null));
    const at = by?.infoLines.findIndex((each) => by.rules.some(({ infoLine }) => infoLine === each)) ?? -1;
    if (!by || at < 0) throw new Error("no rule holds by the info line");
    expect(checkProfile(withInfoLine(by, at, "elsewhere"))).toEqual([]);
  });
});

describe("steps taken back", () => {
  const step = (profile: DisplayProfile, edit: (now: DisplayProfile) => DisplayProfile) => {
    const next = edit(profile);
    return [next, patchesBetween(profile, next)] as const;
  };
  it("puts back exactly what stood, and does it again", () => {
    const edits = [
      (now: DisplayProfile) => withNewLine(now, { page: 0, at: 1 }).profile,
      (now: DisplayProfile) => withoutEntry(now, { page: 0, at: 0 }),
      (now: DisplayProfile) => withSelectKey(now, null),
      (now: DisplayProfile) => withEntryMoved(now, { page: 0, at: 0 }, { page: 0, at: 2 }),
    ];
    for (const [, profile] of displays)
      for (const edit of edits) {
        const [next, patches] = step(profile, edit);
        const back = undone(withStep(NO_HISTORY, patches));
        if (patches.length === 0) continue;
        expect(withPatches(next, back?.patches ?? [])).toEqual(profile);
        const again = back && redone(back.history);
        expect(withPatches(profile, again?.patches ?? [])).toEqual(next);
      }
  });
  it("leaves alone what another window wrote since", () => {
    const [mine, patches] = step(MARRAM, (now) => ({ ...now, source: "mine" }));
    const theirs = { ...mine, source: "theirs", variant: "theirs" };
    expect(withPatches(theirs, undone(withStep(NO_HISTORY, patches))?.patches ?? [])).toEqual(theirs);
  });
  it("takes what was typed in one field, key after key, as one step", () => {
    let now = MARRAM;
    let history = NO_HISTORY;
    for (const source of ["w", "wo", "wor"]) {
      const [next, patches] = step(now, (was) => ({ ...was, source }));
      [now, history] = [next, withStep(history, patches)];
    }
    expect(history.done).toHaveLength(1);
    expect(withPatches(now, undone(history)?.patches ?? [])).toEqual(MARRAM);
  });
});

describe("two parts", () => {
  it("say the same in whatever order they say it, and another where anything is missing or more", () => {
    const turned = JSON.parse(
      JSON.stringify(MARRAM, (_, value: unknown) =>
        typeof value === "object" && value !== null && !Array.isArray(value)
          ? Object.fromEntries(Object.entries(value).reverse())
          : value,
      ),
    ) as DisplayProfile;
    expect(sameParts(MARRAM, turned)).toBe(true);
    expect(patchesBetween(MARRAM, turned)).toEqual([]);
    expect(sameParts([1, 2], [2, 1])).toBe(false);
    expect(sameParts({ a: null }, {})).toBe(false);
    expect(sameParts({ a: 1 }, [1])).toBe(false);
  });
});

describe("the short form", () => {
  it("changes the one rule it shows, on every display", () => {
    for (const [, profile] of displays) {
      const [key] = profile.keys.map(({ id }) => id);
      const next = withKeys(profile, "next", [key ?? ""]);
      expect(next.rules.filter((rule, i) => rule !== profile.rules[i]).length).toBeLessThanOrEqual(1);
      const held = withHeldMs(profile, "wayIn", 4000);
      expect(held.rules.filter((rule, i) => rule !== profile.rules[i]).length).toBeLessThanOrEqual(1);
    }
  });
  it("tells the keys apart when a value is to blink first, and joins them again", () => {
    const base = newProfile("own-1", "New");
    const blinking = withSelectKey(base, "power");
    expect(blinking.menu.changing).toBe("select");
    expect(blinking.rules.find(({ does }) => does.kind === "step-value")?.editing).toBe(true);
    expect(blinking.rules.find(({ does }) => does.kind === "next-entry")?.editing).toBe(false);
    expect(patchesBetween(base, withSelectKey(blinking, null))).toEqual([]);
    // A rule the short form does not show keeps its condition.
    const drops = { ...plainRule("menu", ["minus"], held(900), { kind: "cancel-value" as const }), editing: true };
    const more = withRule(blinking, drops);
    expect(withSelectKey(more, null).rules.at(-1)).toBe(drops);
  });
});

describe("a column pasted", () => {
  const list = (path: Path, profile: DisplayProfile) => formAt(path, profile) as FormOf<"list">;
  it("reads wheel codes, shares and fault codes, and names the row it cannot read", () => {
    const base = newProfile("own-1", "New");
    const codes = list(["faultCodes"], base);
    expect(pastedItems(codes, "31\tbrake lever\n32;throttle; \n", null, base)).toEqual({
      ok: true,
      items: [
        { code: "31", says: "brake lever" },
        { code: "32", says: "throttle" },
      ],
    });
    expect(pastedItems(codes, "31\tbrake lever\n32\n", null, base)).toMatchObject({ ok: false, row: 2, field: "says" });
    const wheel = {
      ...base,
      lines: base.lines.map((line) => ({ ...line, encoding: encodingAs(line.encoding, "wheel-code", base) })),
    };
    const sizes = list(["lines", 0, "encoding", "codes"], wheel);
    expect(pastedItems(sizes, "16=16\n700=28", null, base)).toEqual({
      ok: true,
      items: [
        { raw: 0, shows: "16", inch: 16, circumferenceMm: null },
        { raw: 1, shows: "700", inch: 28, circumferenceMm: null },
      ],
    });
    expect(pastedItems(sizes, "16=16\n700=280", null, base)).toEqual({
      ok: false,
      row: 2,
      field: "inch",
      typed: "280",
    });
  });
});

describe("keys nobody has said anything of", () => {
  it("are asked for until a rule or an entry of the menu says them", () => {
    const base = newProfile("own-1", "New");
    expect(unsaidOf(base)).toEqual(["walk-assist", "restore"]);
    expect(unsaidOf(withSaid(base, "walk-assist"))).toEqual(["restore"]);
    const both = withSaid(withSaid(base, "walk-assist"), "restore");
    expect(unsaidOf(both)).toEqual([]);
    expect(checkProfile(withSaid(base, "walk-assist"))).toEqual([]);
    const { menu } = base;
    const [page] = menu.pages;
    if (!page) throw new Error("no page");
    const restoring = { kind: "action", code: "9", action: "restore", asks: "yes-no" } as const;
    const inMenu = { ...base, menu: { ...menu, pages: [{ ...page, entries: [...page.entries, restoring] }] } };
    expect(unsaidOf(inMenu)).toEqual(["walk-assist"]);
  });
});

describe("what is typed in a field", () => {
  const at = (path: Path) => formAt(path, MARRAM);
  it("is read in the unit a hand types, and refused past what the field holds", () => {
    const hold = MARRAM.rules.findIndex(({ gesture }) => gesture.kind === "hold");
    const holdMs = at(["rules", hold, "gesture", "holdMs"]);
    expect(typedValue(holdMs, "2.35", null)).toBe(2350);
    expect(typedValue(holdMs, "2,35", null)).toBe(2350);
    for (const past of ["0.3", "31", "", "two"]) expect(typedValue(holdMs, past, null), past).toBeUndefined();
    const wheel = MARRAM.lines.findIndex(({ encoding }) => "circumferenceUncertainty" in encoding);
    expect(typedValue(at(["lines", wheel, "encoding", "circumferenceUncertainty"]), "3", null)).toBe(0.03);
  });
  it("of a meaning is what its setting can have, in words or figures", () => {
    expect(typedMeaning("cruiseOn", "yes")).toBe(true);
    expect(typedMeaning("assistCapKmh", "25.5")).toBe(25.5);
    expect(typedMeaning("assistCapKmh", "uncapped")).toBe("uncapped");
    expect(typedMeaning("speedUnit", "furlongs")).toBeNull();
  });
});
