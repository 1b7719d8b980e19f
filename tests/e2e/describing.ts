/** A person who describes a display through the screens alone: types, chooses, pastes, and counts what it took. */
import { expect, type Locator, type Page } from "@playwright/test";
import {
  entryCode,
  isShown,
  rawValues,
  shows,
  standInRaws,
  type DisplayProfile,
  type Entry,
} from "../../src/core/display";
import {
  columnsOf,
  fieldsAsked,
  formAt,
  nameOfPlace,
  patchesBetween,
  typedText,
  valueAt,
  type FieldForm,
  type FormOf,
  type Path,
} from "../../src/core/display/editing";
import { SETTING_NAMES } from "../../src/words";
import { fieldLabel, lackingLabel, valueLabel, whereItIsSaid } from "../../src/words/grammar";
import { begun, displayOf, OF_THE_WHOLE, openPart } from "./described";
import { paste, write } from "./hands";

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);
const inner = (form: FieldForm): FieldForm => (form.kind === "may-lack" ? form.of : form);
const lacks = (value: unknown): boolean => value === null || value === undefined;

/** A target with the ids the product gave to keys and pages in place of its own. */
function calledAs(target: DisplayProfile, made: DisplayProfile): DisplayProfile {
  const ids = new Map([
    ...target.keys.map(({ id }, i) => [`key ${id}`, made.keys[i]?.id ?? id] as const),
    ...target.menu.pages.map(({ id }, i) => [`page ${id}`, made.menu.pages[i]?.id ?? id] as const),
  ]);
  const key = (id: string) => ids.get(`key ${id}`) ?? id;
  const page = (id: string) => ids.get(`page ${id}`) ?? id;
  return {
    ...target,
    id: made.id,
    keys: target.keys.map((each) => ({ ...each, id: key(each.id) })),
    rules: target.rules.map((rule) => ({
      ...rule,
      keys: rule.keys.map(key),
      pages: rule.pages && rule.pages.map(page),
      gesture:
        rule.gesture.kind === "keep-holding"
          ? { ...rule.gesture, released: rule.gesture.released.map(key) }
          : rule.gesture,
      does: rule.does.kind === "open-page" ? { ...rule.does, page: page(rule.does.page) } : rule.does,
    })),
    menu: {
      ...target.menu,
      pages: target.menu.pages.map((each) => ({
        ...each,
        id: page(each.id),
        entries: each.entries.map((entry) => (entry.kind === "page" ? { ...entry, page: page(entry.page) } : entry)),
      })),
    },
  };
}

class Describer {
  actions = 0;
  private wanted: DisplayProfile;

  constructor(
    private readonly page: Page,
    private readonly id: string,
    private readonly target: DisplayProfile,
  ) {
    this.wanted = target;
  }

  private now(): Promise<DisplayProfile> {
    return displayOf(this.page, this.id);
  }

  private async act(deed: Promise<unknown>): Promise<void> {
    this.actions += 1;
    await deed;
  }

  /** Waits until a place holds what is wanted of it. */
  private async settled(place: Path, value: unknown): Promise<void> {
    await expect
      .poll(async () => JSON.stringify(valueAt(await this.now(), place)), { message: place.join(".") })
      .toBe(JSON.stringify(value));
  }

  /** Answers everything asked at a place of the description. */
  async answerAll(scope: Locator, place: Path, but: readonly string[] = []): Promise<void> {
    for (const name of fieldsAsked(await this.now(), place))
      if (!but.includes(name)) await this.answer(scope, [...place, name]);
    // What one answer made askable is asked in turn.
    for (const name of fieldsAsked(await this.now(), place))
      if (!but.includes(name)) await this.answer(scope, [...place, name]);
  }

  /** Answers one field, whatever it takes. */
  async answer(scope: Locator, place: Path): Promise<void> {
    const now = await this.now();
    const want = valueAt(this.wanted, place);
    if (same(valueAt(now, place), want)) return;
    const form = formAt(place, now);
    const label = fieldLabel(place);
    const takes = inner(form);
    const scalar = takes.kind === "choice" || takes.kind === "number" || takes.kind === "text";
    if (form.kind === "may-lack" && !scalar && lacks(want) !== lacks(valueAt(now, place))) {
      const choice = scope.getByRole("radiogroup", { name: label, exact: true });
      await this.act(
        choice.getByRole("radio", { name: lacks(want) ? lackingLabel(place) : whereItIsSaid, exact: true }).check(),
      );
      if (lacks(want)) return this.settled(place, want);
      await expect.poll(async () => lacks(valueAt(await this.now(), place))).toBe(false);
    }
    switch (takes.kind) {
      case "choice":
        return this.choose(scope, place, takes, form);
      case "number":
      case "text":
        return this.type(scope, place, takes);
      case "meaning":
        return this.mean(scope, place);
      case "meanings":
        return this.meanAll(scope, place);
      case "kinds":
        return this.ofKind(scope, place, takes);
      case "group":
        return this.answerAll(scope.getByRole("group", { name: label, exact: true }), place);
      case "list":
        return this.list(scope, place, takes);
      default:
        return undefined;
    }
  }

  private async choose(scope: Locator, place: Path, takes: FormOf<"choice">, form: FieldForm): Promise<void> {
    const want = valueAt(this.wanted, place);
    const label = fieldLabel(place);
    if (takes.values.length > 6)
      await this.act(scope.getByRole("combobox", { name: label, exact: true }).selectOption(String(want)));
    else {
      const name = lacks(want) && form.kind === "may-lack" ? lackingLabel(place) : valueLabel(place, want as string);
      await this.act(
        scope.getByRole("radiogroup", { name: label, exact: true }).getByRole("radio", { name, exact: true }).check(),
      );
    }
    await this.settled(place, want);
  }

  private async type(scope: Locator, place: Path, takes: FormOf<"number"> | FormOf<"text">): Promise<void> {
    const want = valueAt(this.wanted, place);
    const label = fieldLabel(place);
    if (takes.facts.names)
      await this.act(
        scope.getByRole("combobox", { name: label, exact: true }).selectOption(lacks(want) ? "" : String(want)),
      );
    else {
      const text = typedText(takes, want);
      await this.act(write(scope.getByRole("textbox", { name: label, exact: true }), text));
    }
    await this.settled(place, want);
  }

  private async mean(scope: Locator, place: Path, label = fieldLabel(place)): Promise<void> {
    const want = valueAt(this.wanted, place);
    const list = scope.getByRole("combobox", { name: label, exact: true });
    await this.act(
      (await list.count())
        ? list.selectOption(String(want))
        : write(scope.getByRole("textbox", { name: label, exact: true }), String(want)),
    );
    await this.settled(place, want);
  }

  /** What a value of a preset stands for: settings added, each given its value. */
  private async meanAll(scope: Locator, place: Path): Promise<void> {
    const want = valueAt(this.wanted, place) as Readonly<Record<string, unknown>>;
    const settings = Object.keys(want);
    const box = scope.getByRole("group", { name: fieldLabel(place), exact: true });
    for (let i = 1; i < settings.length; i++) {
      if ((await box.getByRole("combobox", { name: "Sets", exact: true }).count()) > i) continue;
      await this.act(box.getByRole("button", { name: "One setting more" }).click());
      await expect(box.getByRole("combobox", { name: "Sets", exact: true })).toHaveCount(i + 1);
    }
    for (const [i, setting] of settings.entries()) {
      const sets = box.getByRole("combobox", { name: "Sets", exact: true }).nth(i);
      if ((await sets.inputValue()) !== setting) await this.act(sets.selectOption(setting));
      await expect.poll(async () => Object.keys(valueAt(await this.now(), place) as object)[i]).toBe(setting);
      if (same(valueAt(await this.now(), [...place, setting]), want[setting])) continue;
      const row = box.locator(":scope > div").nth(i);
      await this.mean(row, [...place, setting], "To");
    }
  }

  private async ofKind(scope: Locator, place: Path, takes: FormOf<"kinds">): Promise<void> {
    const want = valueAt(this.wanted, place) as { readonly kind: string };
    const label = fieldLabel(place);
    if ((valueAt(await this.now(), place) as { readonly kind: string }).kind !== want.kind) {
      if (takes.kinds.size > 4)
        await this.act(scope.getByRole("combobox", { name: label, exact: true }).selectOption(want.kind));
      else
        await this.act(
          scope
            .getByRole("radiogroup", { name: label, exact: true })
            .getByRole("radio", { name: valueLabel(place, want.kind), exact: true })
            .check(),
        );
      await this.settled([...place, "kind"], want.kind);
    }
    await this.answerAll(scope, place);
  }

  private async list(scope: Locator, place: Path, takes: FormOf<"list">): Promise<void> {
    const want = valueAt(this.wanted, place) as readonly unknown[];
    const label = fieldLabel(place);
    const group = scope.getByRole("group", { name: label, exact: true }).first();
    if (takes.of.facts.names || nameOfPlace(place).endsWith("When.raws")) return this.tick(group, place, want);
    const columns = columnsOf(takes);
    const flat = takes.of.kind !== "group" || columns.length === takes.of.fields.size;
    if (flat && want.length > 1) {
      await this.act(group.getByRole("button", { name: /^Paste a column/ }).click());
      const cell = (item: unknown, name: string) => {
        const value = name === "value" ? item : (item as Readonly<Record<string, unknown>>)[name];
        const field = takes.of.kind === "group" ? takes.of.fields.get(name) : takes.of;
        return field ? typedText(field, value) : "";
      };
      const text = want.map((item) => columns.map((name) => cell(item, name)).join("\t")).join("\n");
      await this.act(paste(group.getByLabel(`${label}, as a column`), text));
      await this.act(group.getByRole("button", { name: "Put these in their place" }).click());
      return this.settled(place, want);
    }
    const length = async () => (valueAt(await this.now(), place) as readonly unknown[]).length;
    while ((await length()) < want.length) {
      const before = await length();
      await this.act(group.getByRole("button", { name: `One more : ${label}`, exact: true }).click());
      await expect.poll(length).toBe(before + 1);
    }
    while ((await length()) > want.length) {
      const before = await length();
      await this.act(group.getByRole("button", { name: `${label} ${before}, take out`, exact: true }).click());
      await expect.poll(length).toBe(before - 1);
    }
    for (const i of want.keys()) {
      const item = group.getByRole("group", { name: `${label} ${i + 1}`, exact: true });
      if (takes.of.kind === "group") await this.answerAll(item, [...place, i]);
      else {
        await this.act(write(item.getByRole("textbox"), String(want[i])));
        await this.settled([...place, i], want[i]);
      }
    }
  }

  /** Ticks what is wanted of several, then takes the others away: one always stays. */
  private async tick(group: Locator, place: Path, want: readonly unknown[]): Promise<void> {
    const values = want.map(String);
    const boxes = await group.getByRole("checkbox").all();
    const names = await group.locator("label").allInnerTexts();
    const wanted = await this.calledNow(place, values);
    for (const on of [true, false])
      for (const [i, box] of boxes.entries())
        if (wanted.includes((names[i] ?? "").trim()) === on && (await box.isChecked()) !== on)
          await this.act(on ? box.check() : box.uncheck());
    // Keys of a chord are held in the order they were ticked.
    await expect
      .poll(async () => [...(valueAt(await this.now(), place) as readonly unknown[])].map(String).sort())
      .toEqual([...values].sort());
  }

  /** What is ticked, by the words beside it. */
  private async calledNow(place: Path, values: readonly string[]): Promise<readonly string[]> {
    const now = await this.now();
    if (nameOfPlace(place).endsWith("When.raws")) {
      const { line: code } = valueAt(now, place.slice(0, -1)) as { readonly line: string };
      const line = now.lines.find((each) => each.code === code);
      return values.map((raw) => (line ? shows(line.encoding, Number(raw)) : raw));
    }
    const { names } = inner(formAt([...place, 0], now)).facts;
    return values.map(
      (id) =>
        (names === "page"
          ? now.menu.pages.find((page) => page.id === id)?.name
          : now.keys.find((each) => each.id === id)?.name) ?? id,
    );
  }

  // ── what is described, in the order a person goes about it ────────────────────────────────────────────────────────

  async keys(): Promise<void> {
    await openPart(this.page, "Keys");
    while ((await this.now()).keys.length < this.target.keys.length) {
      const before = (await this.now()).keys.length;
      await this.act(this.page.getByRole("button", { name: "One key more" }).click());
      await expect.poll(async () => (await this.now()).keys.length).toBe(before + 1);
    }
    const section = this.page.getByRole("region", { name: "Keys, levers and throttle" });
    for (const i of this.target.keys.keys()) await this.answerAll(section.getByRole("listitem").nth(i), ["keys", i]);
  }

  private drawn(page: DisplayProfile["menu"]["pages"][number] | undefined): Locator {
    return this.page.getByRole("region", { name: `Page ${page?.name ?? ""}`, exact: true });
  }

  /** The pages of the menu and what stands on them, groups after the page they stand on. */
  async menu(): Promise<void> {
    await openPart(this.page, "Menu");
    for (const [i, page] of this.target.menu.pages.entries()) {
      if (i >= (await this.now()).menu.pages.length) {
        await this.act(this.page.getByRole("button", { name: "One page more, opened by keys" }).click());
        await expect.poll(async () => (await this.now()).menu.pages.length).toBe(i + 1);
      }
      // A group is named with the entry that opens it; a page of its own by its head.
      const grouped = this.target.menu.pages.some(({ entries }) =>
        entries.some((entry) => entry.kind === "page" && entry.page === page.id),
      );
      if (!grouped) {
        const here = this.drawn((await this.now()).menu.pages[i]);
        await this.act(here.getByRole("button", { name: /^Change page/ }).click());
        this.wanted = calledAs(this.target, await this.now());
        await this.answer(here, ["menu", "pages", i, "name"]);
        await this.answerAll(this.drawn(page), ["menu", "pages", i]);
        await this.act(
          this.drawn(page)
            .getByRole("button", { name: /^Close/ })
            .click(),
        );
      }
      await this.entries(i);
    }
    this.wanted = calledAs(this.target, await this.now());
  }

  private async entries(index: number): Promise<void> {
    const wanted = this.target.menu.pages[index];
    for (const [at, entry] of (wanted?.entries ?? []).entries()) {
      const here = this.drawn((await this.now()).menu.pages[index]);
      const have = (await this.now()).menu.pages[index]?.entries.length ?? 0;
      if (at >= have) {
        const adding = { line: "a line", page: "a group", exit: "a way out", action: "an action" } as const;
        await this.act(
          here
            .getByRole("group", { name: /^Add to/ })
            .last()
            .getByRole("button", { name: adding[entry.kind], exact: true })
            .click(),
        );
        await expect.poll(async () => (await this.now()).menu.pages[index]?.entries.length).toBe(at + 1);
      } else if ((await this.now()).menu.pages[index]?.entries[at]?.kind !== entry.kind) {
        await this.open(here, index, at);
        await this.act(here.getByRole("combobox", { name: "It is", exact: true }).selectOption(entry.kind));
        await expect.poll(async () => (await this.now()).menu.pages[index]?.entries[at]?.kind).toBe(entry.kind);
      }
      await this.entry(here, index, at, entry);
    }
  }

  /** Opens an entry of a page where it is not. */
  private async open(here: Locator, page: number, at: number): Promise<void> {
    const entry = (await this.now()).menu.pages[page]?.entries[at];
    const code = entry ? entryCode(entry) : "";
    const row = here
      .getByRole("listitem", { name: `Entry ${code}`, exact: true })
      .getByRole("button", { expanded: false })
      .first();
    const open = here
      .getByRole("listitem", { name: `Entry ${code}`, exact: true })
      .getByRole("button", { expanded: true })
      .first();
    if ((await open.count()) === 0) await this.act(row.click());
  }

  private async entry(here: Locator, page: number, at: number, entry: Entry): Promise<void> {
    await this.open(here, page, at);
    const code = entryCode(entry);
    const stands = async () => {
      const now = (await this.now()).menu.pages[page]?.entries[at];
      return now && entryCode(now);
    };
    if ((await stands()) !== code) {
      await this.act(write(here.getByRole("textbox", { name: "Code", exact: true }), code));
      await expect.poll(stands).toBe(code);
    }
    this.wanted = calledAs(this.target, await this.now());
    const row = this.page.getByRole("listitem", { name: `Entry ${code}`, exact: true });
    if (entry.kind !== "line") await this.answerAll(row, ["menu", "pages", page, "entries", at], ["page"]);
    if (entry.kind === "page") {
      const opens = (await this.now()).menu.pages.findIndex(
        ({ id }) => id === ((this.wanted.menu.pages[page]?.entries[at] ?? {}) as { page?: string }).page,
      );
      await this.answerAll(row, ["menu", "pages", opens]);
    }
  }

  /** Everything a line can say but the conditions, which rest on other lines. */
  async lines(): Promise<void> {
    await openPart(this.page, "Lines");
    for (const [at, line] of this.wanted.lines.entries()) {
      await this.act(this.page.getByRole("button", { name: `Line ${line.code}, more`, exact: true }).click());
      const scope = this.page.getByRole("region", { name: `Line ${line.code} in full`, exact: true });
      const sets = line.encoding.setting;
      if (sets && (await this.now()).lines[at]?.encoding.setting !== sets) {
        await this.act(
          write(
            this.page.getByRole("combobox", { name: `What line ${line.code} sets`, exact: true }),
            SETTING_NAMES[sets],
          ),
        );
        await this.settled(["lines", at, "encoding", "setting"], sets);
      }
      if ((await this.now()).lines[at]?.encoding.kind !== line.encoding.kind) {
        await this.act(
          scope.getByRole("combobox", { name: "Kind of line", exact: true }).selectOption(line.encoding.kind),
        );
        await this.settled(["lines", at, "encoding", "kind"], line.encoding.kind);
      }
      if (!same((await this.now()).lines[at]?.encoding, line.encoding)) {
        const figures = scope.getByText("Its values one by one, and every figure of its scale");
        if (await figures.count()) await this.act(figures.click());
        await this.answerAll(scope, ["lines", at, "encoding"]);
      }
      const maker = line.factoryRaw === null ? "" : shows(line.encoding, line.factoryRaw);
      const row = this.page.getByRole("textbox", { name: `Line ${line.code}, maker’s`, exact: true });
      if ((await row.count()) && (await row.inputValue()) !== maker) await this.act(write(row, maker));
      await this.settled(["lines", at, "factoryRaw"], line.factoryRaw);
      if ((await this.now()).lines[at]?.makerOnly !== line.makerOnly)
        await this.act(
          scope.getByRole("radio", { name: line.makerOnly ? "Maker only" : "Technician", exact: true }).check(),
        );
      for (const name of ["atEnds", "effect"]) await this.answer(scope, ["lines", at, name]);
    }
    for (const [at, line] of this.wanted.lines.entries()) {
      if (!line.shownWhen && !line.mattersWhen) continue;
      await this.act(this.page.getByRole("button", { name: `Line ${line.code}, more`, exact: true }).click());
      const scope = this.page.getByRole("region", { name: `Line ${line.code} in full`, exact: true });
      for (const name of ["shownWhen", "mattersWhen"]) await this.answer(scope, ["lines", at, name]);
    }
  }

  async rules(): Promise<void> {
    await openPart(this.page, "Keys");
    for (const [i, rule] of this.wanted.rules.entries()) {
      const now = await this.now();
      if (same(now.rules[i], rule)) continue;
      if (i >= now.rules.length) {
        await this.act(
          this.page
            .getByRole("button", { name: `One rule more ${valueLabel(["rules", "on"], rule.on)}`, exact: true })
            .click(),
        );
        await expect.poll(async () => (await this.now()).rules.length).toBe(i + 1);
      } else await this.act(this.page.getByRole("button", { name: `Change Rule ${i + 1}`, exact: true }).click());
      const scope = this.page.getByRole("group", { name: `Rule ${i + 1}`, exact: true });
      await this.answerAll(scope, ["rules", i]);
      await this.act(this.page.getByRole("button", { name: `Close Rule ${i + 1}`, exact: true }).click());
    }
  }

  async whole(): Promise<void> {
    await openPart(this.page, "Display");
    const scope = this.page.getByRole("main");
    for (const place of OF_THE_WHOLE) await this.answer(scope, place);
    await this.act(write(this.page.getByLabel("What you call it"), this.target.name));
    await this.act(write(this.page.getByLabel("Which variant"), this.target.variant));
  }

  /** What is not as it should be in the end; the order in which keys of a chord were ticked is none of it. */
  async differences(): Promise<readonly unknown[]> {
    const sorted = (profile: DisplayProfile): DisplayProfile => ({
      ...profile,
      rules: profile.rules.map((rule) => ({ ...rule, keys: [...rule.keys].sort() })),
    });
    const now = await this.now();
    return patchesBetween(sorted(now), sorted(calledAs(this.target, now)));
  }
}

/** Describes a display from nothing, through the screens alone; its id, and how many things were done. */
export async function describeByHand(
  page: Page,
  target: DisplayProfile,
): Promise<{ readonly id: string; readonly actions: number }> {
  const id = await begun(page);
  const hand = new Describer(page, id, target);
  await hand.keys();
  await hand.menu();
  await hand.whole();
  await hand.lines();
  await hand.rules();
  await expect.poll(() => hand.differences()).toEqual([]);
  return { id, actions: hand.actions };
}

/** Lines of a display that can be read off it while it stands as it shipped, with what they show. */
export function shownAtFirst(profile: DisplayProfile): readonly (readonly [code: string, shown: string])[] {
  const raws = standInRaws(profile);
  return profile.lines.flatMap((line, i) =>
    rawValues(line.encoding).length > 0 && isShown(profile, i, raws)
      ? [[line.code, shows(line.encoding, raws[i] ?? 0)] as const]
      : [],
  );
}
