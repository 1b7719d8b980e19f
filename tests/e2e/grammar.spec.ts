// Every construct of the format, through the forms: made, seen, changed alone, taken back.
import { expect, type Locator, type Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import { SHIPPED_DISPLAYS } from "../../src/catalog/displays";
import type { DisplayProfile, Encoding } from "../../src/core/display";
import {
  fieldsAsked,
  fieldsFor,
  formAt,
  nameOfPlace,
  patchesBetween,
  valueAt,
  type FieldForm,
  type FormOf,
  type Path,
} from "../../src/core/display/editing";
import { fieldLabel, lackingLabel, valueLabel, whereItIsSaid } from "../../src/words/grammar";
import { cloned, displayOf, OF_THE_WHOLE, openPart } from "./described";
import { handsOf, write } from "./hands";
import { openRack } from "./support";
import { test } from "./workshop";

const inner = (form: FieldForm): FieldForm => (form.kind === "may-lack" ? form.of : form);

/** Places asked below a path, each with what it takes; one of each construct is enough. */
function* asked(profile: DisplayProfile, path: Path, seen: Set<string>): Generator<readonly [Path, FieldForm]> {
  for (const name of fieldsAsked(profile, path)) {
    const place = [...path, name];
    const form = formAt(place, profile);
    const owner = valueAt(profile, path) as { readonly kind?: string };
    const known = `${nameOfPlace(place)} of ${owner.kind ?? ""}`;
    const value = valueAt(profile, place);
    if (!seen.has(known)) yield [place, form];
    seen.add(known);
    if (value === null || value === undefined) continue;
    const takes = inner(form);
    if (takes.kind === "list" && takes.of.kind === "group")
      for (let i = 0; i < Math.min(1, (value as readonly unknown[]).length); i++)
        yield* asked(profile, [...place, i], seen);
    if (fieldsFor(takes, value).size > 0) yield* asked(profile, place, seen);
  }
}

/** Where the field of a place stands on screen: within the items and groups on the way. */
function boxOf(scope: Locator, profile: DisplayProfile, base: Path, place: Path): Locator {
  let box = scope;
  for (let length = base.length + 1; length < place.length; length++) {
    const here = place.slice(0, length);
    const step = here[here.length - 1];
    const form = inner(formAt(here, profile));
    if (typeof step === "number")
      box = box.getByRole("group", { name: `${fieldLabel(here.slice(0, -1))} ${step + 1}`, exact: true });
    else if (form.kind === "group") box = box.getByRole("group", { name: fieldLabel(here), exact: true });
  }
  return box;
}

/** A number beside the one that stands there, that the field takes. */
function otherNumber(form: FormOf<"number">, value: number): number {
  const step = form.facts.typedIn && form.facts.typedIn.per > 1 ? 100 : (form.facts.typedIn?.per ?? 1);
  const [more, less] = [value + step, value - step];
  return more <= form.most && !(form.notNull && more === 0) ? more : less;
}

/** A field on screen, and what stands in it. */
interface At {
  readonly box: Locator;
  readonly place: Path;
  readonly form: FieldForm;
  readonly value: unknown;
}

const radioOf = ({ box, place }: At, name: string): Locator =>
  box.getByRole("radiogroup", { name: fieldLabel(place), exact: true }).getByRole("radio", { name, exact: true });
const listOf = ({ box, place }: At): Locator => box.getByRole("combobox", { name: fieldLabel(place), exact: true });
const fieldOf = ({ box, place }: At): Locator => box.getByRole("textbox", { name: fieldLabel(place), exact: true });

/** Another of those a list offers; none where it offers no other. */
async function pickAnother(list: Locator): Promise<boolean> {
  const now = await list.inputValue();
  const options = await list
    .locator("option")
    .evaluateAll((all) => all.map((each) => (each as HTMLOptionElement).value));
  const other = options.find((each) => each !== now && each !== "");
  if (other !== undefined) await list.selectOption(other);
  return other !== undefined;
}

async function changeNumber(at: At, takes: FormOf<"number">): Promise<boolean> {
  const per = takes.facts.typedIn?.per ?? 1;
  const next = typeof at.value === "number" ? otherNumber(takes, at.value) : Math.max(takes.least, 1);
  await write(fieldOf(at), String(Number((next / per).toPrecision(6))));
  return true;
}

/** What fits fields that take no word. */
const FITS: Readonly<Record<string, string>> = { "rules.does.code": "41", "lines.claims.on": "2026-02-03" };

async function changeText(at: At, takes: FormOf<"text">): Promise<boolean> {
  if (takes.facts.names) return pickAnother(listOf(at));
  await write(fieldOf(at), FITS[nameOfPlace(at.place)] ?? (takes.longest <= 2 ? "#" : "other"));
  return true;
}

async function changeKind(at: At, takes: FormOf<"kinds">): Promise<boolean> {
  const group = at.box.getByRole("radiogroup", { name: fieldLabel(at.place), exact: true });
  if (at.form.kind === "may-lack" && !at.value) await radioOf(at, whereItIsSaid).check();
  else if (takes.kinds.size > 4) await pickAnother(listOf(at));
  else await group.last().getByRole("radio", { checked: false }).first().check();
  return true;
}

async function changeList(at: At, takes: FormOf<"list">): Promise<boolean> {
  const label = fieldLabel(at.place);
  const group = at.box.getByRole("group", { name: label, exact: true });
  if (at.form.kind === "may-lack") await radioOf(at, at.value ? lackingLabel(at.place) : whereItIsSaid).check();
  else if (takes.of.facts.names || nameOfPlace(at.place).endsWith("When.raws"))
    await group.getByRole("checkbox", { checked: false }).first().check();
  else {
    const more = at.box.getByRole("button", { name: `One more : ${label}`, exact: true });
    if (await more.isDisabled()) return false;
    await more.click();
  }
  return true;
}

/** Changes one field by hand; whether it could be changed at all. */
async function changeByHand(box: Locator, profile: DisplayProfile, place: Path, form: FieldForm): Promise<boolean> {
  const at: At = { box, place, form, value: valueAt(profile, place) };
  const takes = inner(form);
  switch (takes.kind) {
    case "choice": {
      const other = takes.values.find((each) => each !== at.value);
      await (takes.values.length > 6 ? pickAnother(listOf(at)) : radioOf(at, valueLabel(place, other ?? "")).check());
      return true;
    }
    case "number":
      return changeNumber(at, takes);
    case "text":
      return changeText(at, takes);
    case "meaning":
      if (await listOf(at).count()) return pickAnother(listOf(at));
      await write(fieldOf(at), "1.5");
      return true;
    case "meanings":
      await box.getByRole("button", { name: "One setting more" }).click();
      return true;
    case "kinds":
      return changeKind(at, takes);
    case "group":
      if (form.kind === "may-lack") await radioOf(at, at.value ? lackingLabel(place) : whereItIsSaid).check();
      return form.kind === "may-lack";
    case "list":
      return changeList(at, takes);
    default:
      return false;
  }
}

/** Changes every field asked at a place, one after another: each changes what it stands for and nothing else. */
async function walk(
  page: Page,
  id: string,
  scope: Locator,
  base: Path,
  seen: Set<string>,
  also?: RegExp,
): Promise<number> {
  const before = await displayOf(page, id);
  let walked = 0;
  for (const [place, form] of asked(before, base, seen)) {
    const name = place.join(".");
    const box = boxOf(scope, before, base, place);
    if (!(await changeByHand(box, before, place, form))) continue;
    // Each key of a number is kept: what is compared is what stands in the end.
    await expect
      .poll(async () => patchesBetween(before, await displayOf(page, id)).length, { message: `${name} is changed` })
      .toBeGreaterThan(0);
    await page.waitForTimeout(60);
    const changed = patchesBetween(before, await displayOf(page, id)).map((patch) => patch.path.join("."));
    for (const path of changed)
      if (!also?.test(path))
        expect(
          path.startsWith(nameOfPlace(place).endsWith("When.line") ? place.slice(0, -1).join(".") : name),
          `${name} changes ${path}`,
        ).toBe(true);
    const back = page.getByRole("button", { name: /^Take back/ });
    for (let i = 0; i < 6 && patchesBetween(before, await displayOf(page, id)).length > 0; i++) {
      await back.click();
      await page.waitForTimeout(60);
    }
    expect(patchesBetween(before, await displayOf(page, id)), `${name} is taken back`).toEqual([]);
    walked += 1;
  }
  return walked;
}

test.beforeEach(() => test.setTimeout(300_000));

test("every field of every rule of the keys changes that field alone, and is taken back", async ({ page }) => {
  await openRack(page);
  const id = await cloned(page, "Marram");
  await openPart(page, "Keys");
  const profile = await displayOf(page, id);
  const seen = new Set<string>();
  let walked = 0;
  for (const i of profile.rules.keys()) {
    // Rules that say nothing new are passed over.
    if ([...asked(profile, ["rules", i], new Set(seen))].length === 0) continue;
    const row = page.getByRole("group", { name: `Rule ${i + 1}`, exact: true });
    await row.getByRole("button", { name: /^Change/ }).click();
    walked += await walk(page, id, row, ["rules", i], seen);
    await row.getByRole("button", { name: /^Close/ }).click();
  }
  walked += await walk(page, id, page.getByRole("listitem", { name: "Power", exact: true }), ["keys", 0], seen);
  expect(walked).toBeGreaterThanOrEqual(26);
});

test("every kind of deed, gesture and screen is made, seen and taken out", async ({ page }) => {
  await openRack(page);
  const id = await cloned(page, "Tarn");
  await openPart(page, "Keys");
  const before = await displayOf(page, id);
  const at = before.rules.length;
  await page.getByRole("button", { name: "One rule more In the menu" }).click();
  const row = page.getByRole("group", { name: `Rule ${at + 1}`, exact: true });
  const rule = async () => (await displayOf(page, id)).rules[at];
  const deeds = inner(formAt(["rules", 0, "does"], before));
  if (deeds.kind !== "kinds") throw new Error("deeds come in kinds");
  for (const kind of deeds.kinds.keys()) {
    await row.getByRole("combobox", { name: "What happens" }).selectOption(kind);
    await expect.poll(async () => (await rule())?.does.kind).toBe(kind);
  }
  for (const [label, kind] of [
    ["Tapped", "tap"],
    ["Held", "hold"],
    ["Held on when others are let go", "keep-holding"],
    ["Tapped twice", "double-tap"],
  ] as const) {
    await row.getByRole("radio", { name: label, exact: true }).check();
    await expect.poll(async () => (await rule())?.gesture.kind).toBe(kind);
  }
  await page.reload();
  await page.getByRole("button", { name: `Take out Rule ${at + 1}` }).click();
  await expect.poll(async () => patchesBetween(before, await displayOf(page, id))).toEqual([]);
  // A key that rules press cannot go; one that none presses can.
  await expect(page.getByRole("button", { name: `Take out ${before.keys[0]?.name}`, exact: true })).toBeDisabled();
  await page.getByRole("button", { name: "One key more" }).click();
  const added = (await displayOf(page, id)).keys.at(-1)?.name ?? "";
  await page.getByRole("button", { name: `Take out ${added}`, exact: true }).click();
  await expect.poll(async () => patchesBetween(before, await displayOf(page, id))).toEqual([]);
});

test("every field of every kind of line changes that field alone, and is taken back", async ({ page }) => {
  await openRack(page);
  const id = await cloned(page, "Marram");
  await openPart(page, "Lines");
  const kinds = inner(formAt(["lines", 0, "encoding"], await displayOf(page, id)));
  if (kinds.kind !== "kinds") throw new Error("lines come in kinds");
  const seen = new Set<string>();
  const { lines } = await displayOf(page, id);
  const at = lines.findIndex(({ code }) => code === "Spokes");
  await page.getByRole("button", { name: "Line Spokes, more" }).click();
  const scope = page.getByRole("region", { name: "Line Spokes in full" });
  let walked = 0;
  for (const kind of kinds.kinds.keys() as Iterable<Encoding["kind"]>) {
    await scope.getByRole("combobox", { name: "Kind of line" }).selectOption(kind);
    await expect.poll(async () => (await displayOf(page, id)).lines[at]?.encoding.kind).toBe(kind);
    const details = scope.getByText("Its values one by one, and every figure of its scale");
    if ((await details.count()) && !(await scope.locator("details[open]").count())) await details.click();
    walked += await walk(
      page,
      id,
      scope,
      ["lines", at, "encoding"],
      seen,
      new RegExp(`^lines\\.${at}\\.(factoryRaw|encoding)`),
    );
  }
  expect(walked).toBeGreaterThan(40);
  // Conditions, on presence and on effect, and claims.
  for (const name of ["In the menu only while", "Does something only while"]) {
    await scope.getByRole("radiogroup", { name, exact: true }).getByRole("radio", { name: "Said here" }).check();
    const conditions = scope.getByRole("group", { name, exact: true });
    await conditions.getByRole("button", { name: /^One more/ }).click();
    await expect(conditions.getByRole("group", { name: `${name} 2`, exact: true })).toBeVisible();
  }
  await expect.poll(async () => (await displayOf(page, id)).lines[at]?.mattersWhen?.length).toBe(2);
  expect((await displayOf(page, id)).lines[at]?.shownWhen).toHaveLength(2);
  await write(scope.getByLabel("Says", { exact: true }), "Seen with the wheel up.");
  await scope.getByRole("button", { name: "Add", exact: true }).click();
  await scope.getByRole("button", { name: "Change claim 1" }).click();
  await walk(page, id, scope.getByRole("listitem", { name: "Claim 1" }), ["lines", at, "claims", 0], seen);
  await scope.getByRole("button", { name: "Take out claim 1" }).click();
  await expect.poll(async () => (await displayOf(page, id)).lines[at]?.claims.length).toBe(0);
});

test("what is asked of the display as a whole changes alone; lists take a column, whole or not at all", async ({
  page,
}) => {
  await openRack(page);
  const id = await cloned(page, "Marram");
  await openPart(page, "Display");
  const scope = page.getByRole("main");
  const seen = new Set<string>();
  const before = await displayOf(page, id);
  for (const place of OF_THE_WHOLE) {
    const form = formAt(place, before);
    if (form.kind === "group")
      await walk(page, id, scope.getByRole("group", { name: fieldLabel(place), exact: true }), place, seen);
    else {
      expect(await changeByHand(scope, before, place, form), place.join(".")).toBe(true);
      await expect
        .poll(async () => patchesBetween(before, await displayOf(page, id)).map(({ path }) => path.join(".")))
        .toEqual([place.join(".")]);
      for (let i = 0; i < 6 && patchesBetween(before, await displayOf(page, id)).length > 0; i++) {
        await page.getByRole("button", { name: /^Take back/ }).click();
        await page.waitForTimeout(60);
      }
      expect(patchesBetween(before, await displayOf(page, id)), place.join(".")).toEqual([]);
    }
  }
  const hands = handsOf(page);
  await page
    .getByRole("button", { name: /^Paste a column: ?Fault codes/ })
    .or(page.getByRole("button", { name: "Paste a column : Fault codes" }))
    .click();
  await hands.paste(page.getByLabel("Fault codes, as a column"), "31\tbrake lever\n32\n");
  await page.getByRole("button", { name: "Put these in their place" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "Row 2 was not read" })).toBeVisible();
  expect((await displayOf(page, id)).faultCodes).toEqual(before.faultCodes);
  await hands.paste(page.getByLabel("Fault codes, as a column"), "31\tbrake lever\n32\tthrottle\n");
  await page.getByRole("button", { name: "Put these in their place" }).click();
  await expect
    .poll(async () => (await displayOf(page, id)).faultCodes)
    .toEqual([
      { code: "31", says: "brake lever" },
      { code: "32", says: "throttle" },
    ]);
});

test("a rich description taken in, changed in one place and saved again is another in that place alone", async ({
  page,
}) => {
  const marram = SHIPPED_DISPLAYS.find(({ name }) => name === "Marram");
  if (!marram) throw new Error("no Marram");
  const rich: DisplayProfile = { ...marram, id: "rich", name: "Rich" };
  await openRack(page);
  await page.goto("/displays");
  await page
    .getByLabel("Display file to import")
    .setInputFiles({ name: "rich.json", mimeType: "application/json", buffer: Buffer.from(JSON.stringify(rich)) });
  await page.getByRole("link", { name: "Open in the workbench" }).click();
  await openPart(page, "Keys");
  const at = rich.rules.findIndex(({ gesture }) => gesture.kind === "hold");
  await page.getByRole("button", { name: `Change Rule ${at + 1}`, exact: true }).click();
  const row = page.getByRole("group", { name: `Rule ${at + 1}`, exact: true });
  await write(row.getByRole("textbox", { name: "Held for", exact: true }), "3.3");
  // The short form, too, writes the one rule it shows.
  await page.getByRole("radiogroup", { name: "Goes to the line before" }).getByRole("radio", { name: "Mode" }).check();
  await openPart(page, "Files");
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save the display as JSON" }).click();
  const saved = JSON.parse(readFileSync(await (await download).path(), "utf8")) as DisplayProfile;
  const before = rich.rules.findIndex(({ on, does }) => on === "menu" && does.kind === "previous-entry");
  // Two rules, and nothing else of the description.
  const { rules, ...rest } = { ...saved, id: rich.id, revision: rich.revision };
  expect({ ...rest, rules: rich.rules }).toEqual(rich);
  expect(rules).toHaveLength(rich.rules.length);
  const others = (all: DisplayProfile["rules"]) => all.filter((_, i) => i !== at && i !== before);
  expect(others(rules)).toEqual(others(rich.rules));
  expect(rules[at]).toEqual({ ...rich.rules[at], gesture: { kind: "hold", holdMs: 3300 } });
  expect(rules[before]).toEqual({ ...rich.rules[before], keys: ["mode"] });
});
