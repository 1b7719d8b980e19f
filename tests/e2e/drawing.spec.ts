// The menu as a drawing: moved by hand and by keys, on a slow machine, with slips, a reload and a second window.
import type { Page } from "@playwright/test";
import { patchesBetween } from "../../src/core/display/editing";
import { entryCode, type DisplayProfile } from "../../src/core/display";
import { cloned, displayOf, openPart } from "./described";
import { handsOf, slowed } from "./hands";
import { openRack } from "./support";
import { expect, test } from "./workshop";

const codesOn = (profile: DisplayProfile, page: string): readonly string[] =>
  (profile.menu.pages.find(({ name }) => name === page)?.entries ?? []).map(entryCode);
const entry = (page: Page, code: string) => page.getByRole("listitem", { name: `Entry ${code}`, exact: true });
const handle = (page: Page, code: string) => page.getByRole("button", { name: `Move ${code}`, exact: true });

/** Drags an entry by its handle to where another one stands, as a hand does: down, over, a little further, up. */
async function drag(page: Page, code: string, onto: string): Promise<void> {
  await handle(page, code).scrollIntoViewIfNeeded();
  const [from, to] = [await handle(page, code).boundingBox(), await handle(page, onto).boundingBox()];
  if (!from || !to) throw new Error("nothing to take hold of");
  const middle = (box: typeof from) => [box.x + box.width / 2, box.y + box.height / 2] as const;
  await page.mouse.move(...middle(from));
  await page.mouse.down();
  const [x, y] = middle(to);
  await page.mouse.move(x, middle(from)[1] + Math.sign(y - middle(from)[1]) * 12, { steps: 4 });
  await page.mouse.move(x, y, { steps: 12 });
  await page.waitForTimeout(150);
  await page.mouse.up();
}

test("entries are moved by mouse and by keys, within a page and to another, and taken back step by step", async ({
  page,
}) => {
  await openRack(page);
  await slowed(page, 4);
  const id = await cloned(page, "Skerry");
  await openPart(page, "Menu");
  const before = await displayOf(page, id);
  const screen = codesOn(before, "Screen");
  const [first = "", second = "", third = ""] = screen;
  const now = async (name: string) => codesOn(await displayOf(page, id), name);

  await drag(page, third, first);
  await expect.poll(() => now("Screen")).toEqual([third, first, second, ...screen.slice(3)]);
  // Lines stand in the order the menu shows them.
  expect((await displayOf(page, id)).lines.slice(0, 3).map(({ code }) => code)).toEqual([third, first, second]);

  // By keys: taken, moved down one, put down; then taken and left with Escape.
  const hands = handsOf(page, 60);
  await handle(page, third).focus();
  await hands.press("Space");
  await page.waitForTimeout(400);
  await hands.press("ArrowDown");
  await page.waitForTimeout(400);
  await hands.press("Space");
  await expect.poll(() => now("Screen")).toEqual([first, third, second, ...screen.slice(3)]);
  await handle(page, first).focus();
  await hands.press("Space");
  await page.waitForTimeout(400);
  await hands.press("ArrowDown");
  await page.waitForTimeout(400);
  await hands.press("Escape");
  await page.waitForTimeout(400);
  expect(await now("Screen")).toEqual([first, third, second, ...screen.slice(3)]);

  // To another page by its form, and on with Up, the focus staying in the hand.
  await entry(page, third).getByRole("button", { expanded: false }).first().click();
  await page.getByRole("combobox", { name: "Stands on" }).selectOption({ label: "Bike" });
  await expect.poll(() => now("Bike")).toContain(third);
  expect(await now("Screen")).not.toContain(third);
  const up = page.getByRole("button", { name: `Up ${third}` });
  const bike = await now("Bike");
  await up.click();
  await expect.poll(async () => (await now("Bike")).indexOf(third)).toBe(bike.length - 2);
  await expect(up).toBeFocused();
  await hands.press("Enter");
  await expect.poll(async () => (await now("Bike")).indexOf(third)).toBe(bike.length - 3);

  // All of it taken back, by keys; done again; and taken back once more.
  await page.getByRole("heading", { name: "Menu", exact: true }).click();
  for (let i = 0; i < 5; i++) await hands.press("Control+z");
  await expect.poll(async () => patchesBetween(before, await displayOf(page, id))).toEqual([]);
  await hands.press("Control+y");
  await expect.poll(() => now("Screen")).toEqual([third, first, second, ...screen.slice(3)]);
  await page.reload();
  await expect(entry(page, third)).toBeVisible();
  expect(await now("Screen")).toEqual([third, first, second, ...screen.slice(3)]);
});

test("a code typed key by key, a double click, a slip, and two windows at once", async ({ page }) => {
  await openRack(page);
  await slowed(page, 4);
  const id = await cloned(page, "Tarn");
  await openPart(page, "Menu");
  const before = await displayOf(page, id);
  const hands = handsOf(page, 70);
  // One line more by a double click is one line more.
  await hands.doubleClick(
    page.getByRole("group", { name: /^Add to/ }).getByRole("button", { name: "a line", exact: true }),
  );
  await expect.poll(async () => (await displayOf(page, id)).lines.length).toBe(before.lines.length + 1);
  await page.waitForTimeout(400);
  expect((await displayOf(page, id)).lines).toHaveLength(before.lines.length + 1);
  // Its code, with a wrong key taken back; one that another line has is refused and stays as typed.
  const code = page.getByRole("textbox", { name: "Code", exact: true });
  await hands.write(code, "7x");
  await hands.press("Backspace");
  await hands.type("12");
  await expect(code).toHaveValue("712");
  await expect.poll(async () => (await displayOf(page, id)).lines.at(-1)?.code).toBe("712");
  await hands.write(code, "31");
  await expect(page.getByText("no other line is called by")).toBeVisible();
  await expect(code).toHaveValue("31");
  await hands.write(code, "71");
  await expect.poll(async () => (await displayOf(page, id)).lines.at(-1)?.code).toBe("71");

  // A second window changes another place; undo here leaves it alone.
  const other = await page.context().newPage();
  await other.goto(page.url());
  await openPart(other, "Display");
  await handsOf(other, 20).write(other.getByLabel("Where this description comes from"), "Two hands");
  await expect.poll(async () => (await displayOf(page, id)).source).toBe("Two hands");
  await other.close();
  const back = page.getByRole("button", { name: /^Take back/ });
  for (let i = 0; i < 12 && (await back.isEnabled()); i++) {
    await back.click();
    await page.waitForTimeout(120);
  }
  const after = await displayOf(page, id);
  expect(patchesBetween({ ...before, source: "Two hands" }, after)).toEqual([]);
});
