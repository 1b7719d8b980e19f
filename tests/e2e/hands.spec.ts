// Typed with real hands: what stands in a field when Enter goes down is what is kept, on a slow machine, with a wrong
// key, a reload, a held key, a double click and a number pad.
import type { Page } from "@playwright/test";
import { TARN } from "../../src/catalog/displays/tarn";
import { seeded } from "../../src/core/units/seeded";
import { handsOf, listenForErrors, slowed, write } from "./hands";
import { DEMO, expectStored, jobOf, main, openDemo, openRack, programOnBike } from "./support";
import { expect, test } from "./workshop";

/** Lines of Tarn that can be written down, with a value none of which is the maker's or the line's before. */
const SIXTEEN: readonly (readonly [string, string])[] = [
  ["31", "1"],
  ["32", "0"],
  ["33", "4"],
  ["34", "5"],
  ["35", "0"],
  ["41", "18.5"],
  ["42", "41.5"],
  ["43", "2"],
  ["51", "28"],
  ["52", "6"],
  ["53", "25"],
  ["54", "1"],
  ["61", "2"],
  ["62", "3"],
  ["63", "0"],
  ["64", "0"],
];
const asText = (codes: Readonly<Record<string, string>>) => SIXTEEN.map(([code]) => codes[code]).join(" ");
const WANTED = SIXTEEN.map(([, value]) => value).join(" ");

/** A bike of its own with Tarn on it, at its as-found stage. */
async function freshBike(page: Page): Promise<string> {
  await openRack(page);
  await page.keyboard.press("n");
  await expect(page).toHaveURL(/\/job\/.+\/intake/);
  await page.getByRole("radio", { name: /^Tarn/ }).click();
  const id = /\/job\/([^/]+)\//.exec(page.url())?.[1] ?? "";
  await expect.poll(async () => (await jobOf(page, id)).profile?.id).toBe(TARN.id);
  await page.getByRole("link", { name: /^As found/ }).click();
  await expect(page.getByText("What line 31 shows")).toBeVisible();
  return id;
}

test("sixteen lines typed at 40 ms a key on a slow machine are sixteen right values", async ({ page }) => {
  const quiet = listenForErrors(page);
  const id = await freshBike(page);
  await slowed(page, 6);
  const hands = handsOf(page);
  for (const [, value] of SIXTEEN) {
    await hands.type(value);
    await hands.press("Enter");
  }
  await expect.poll(async () => asText((await jobOf(page, id)).asFound.shown)).toBe(WANTED);
  quiet();
});

test("1, 25, 1 are three values, and Enter on an empty field is the maker's", async ({ page }) => {
  const id = await freshBike(page);
  const hands = handsOf(page);
  for (const keys of ["1", "25", "1", ""]) {
    await hands.type(keys);
    await hands.press("Enter");
  }
  const line = (code: string) => expect.poll(async () => (await jobOf(page, id)).asFound.shown[code]);
  await line("31").toBe("1");
  await line("32").toBe("25");
  await line("33").toBe("1");
  await line("34").toBe("4");
  await expect(page.getByLabel("What line 35 shows")).toBeFocused();
});

test("a held Enter is one Enter, and a double click on Next one line", async ({ page }) => {
  const id = await freshBike(page);
  const hands = handsOf(page);
  await hands.type("2");
  await hands.hold("Enter", 12);
  await expect(page.getByLabel("What line 32 shows")).toBeVisible();
  await hands.doubleClick(page.getByRole("button", { name: /^Shows .*, next$/ }));
  await expect(page.getByLabel("What line 33 shows")).toBeVisible();
  await expect.poll(async () => Object.keys((await jobOf(page, id)).asFound.shown).sort()).toEqual(["31", "32"]);
});

test("the number pad, the column and the read-back keep what was pressed", async ({ page }) => {
  const id = await freshBike(page);
  const hands = handsOf(page);
  const pad = page.getByRole("group", { name: "Number pad" });
  for (const [, value] of SIXTEEN.slice(0, 8)) {
    for (const digit of value) await pad.getByRole("button", { name: digit, exact: true }).click();
    await page.getByRole("button", { name: "Next line" }).click();
  }
  const first = SIXTEEN.slice(0, 8)
    .map(([, value]) => value)
    .join(" ");
  await expect
    .poll(async () => {
      const { shown } = (await jobOf(page, id)).asFound;
      return SIXTEEN.slice(0, 8)
        .map(([code]) => shown[code])
        .join(" ");
    })
    .toBe(first);
  // The wrong digit, and back.
  await pad.getByRole("button", { name: "9", exact: true }).click();
  await pad.getByRole("button", { name: "Delete last" }).click();
  await page.getByRole("radio", { name: "Column" }).click();
  await page.getByLabel(/One value a line/).click();
  await page.keyboard.press("Control+End");
  for (const [, value] of SIXTEEN.slice(8)) {
    await hands.press("Enter");
    await hands.type(value);
  }
  await expect.poll(async () => asText((await jobOf(page, id)).asFound.shown)).toBe(WANTED);
});

test("a fast typist's own reading is read back, never the planned value", async ({ page }) => {
  await openDemo(page, 205, "prove");
  await slowed(page, 6);
  const hands = handsOf(page);
  await page.getByLabel("Line 31 shows").click();
  for (const [, value] of SIXTEEN) {
    await hands.type(value);
    await hands.press("Enter");
  }
  await expect.poll(async () => asText((await jobOf(page, "demo-205")).readBack)).toBe(WANTED);
});

test("what was in the field when Enter went down is what is kept, whatever was typed before", async ({ page }) => {
  const id = await freshBike(page);
  const random = seeded(8);
  const hands = handsOf(page, 15);
  const keys = ["0", "1", "2", "5", "9", ".", "Backspace"];
  for (let i = 0; i < 10; i++) {
    const code = TARN.lines[i]?.code ?? "";
    const field = page.getByLabel(`What line ${code} shows`);
    await field.click();
    for (let k = 0; k < 1 + Math.floor(random() * 6); k++)
      await hands.press(keys[Math.floor(random() * keys.length)] ?? "1");
    const typed = await field.inputValue();
    await hands.press("Enter");
    const usual = typed.trim() === "";
    if (!usual) await expect.poll(async () => (await jobOf(page, id)).asFound.shown[code]).toBe(typed);
  }
});

test("what was typed a moment before a reload is there after it", async ({ page }) => {
  await openDemo(page, 210, "intake");
  const field = page.getByLabel("Nickname");
  await write(field, "Tin Plover the Second");
  await page.reload();
  await expect(field).toHaveValue("Tin Plover the Second");
  // And before the tab goes to another address altogether.
  await field.click();
  await page.keyboard.press("End");
  await page.keyboard.type("!", { delay: 1 });
  await page.goto("/tables");
  await page.goto("/job/demo-210/intake");
  await expect(field).toHaveValue("Tin Plover the Second!");
});

test("a held Space is one step of the card, and a double click too", async ({ page }) => {
  await openDemo(page, 207, "program");
  await page.getByRole("button", { name: "Start the keys on the bike" }).click();
  const card = page.getByRole("region", { name: "Key card" });
  await expect(card).toContainText("step 1 of");
  const hands = handsOf(page);
  await hands.hold(" ", 15);
  await expect(card).toContainText("step 2 of");
  await page.waitForTimeout(400);
  await expect(card).toContainText("step 2 of");
  await hands.doubleClick(card.getByRole("button", { name: /^Done/ }));
  await expect(card).toContainText("step 3 of");
  await page.waitForTimeout(400);
  await expect(card).toContainText("step 3 of");
});

test("two clicks on New bike are one bike", async ({ page }) => {
  await openRack(page);
  await handsOf(page).doubleClick(page.getByRole("button", { name: /^New bike/ }));
  await expect(page).toHaveURL(/\/intake/);
  await page.goto("/");
  await expect(main(page)).toContainText(`3 now, ${DEMO.waiting} waiting, ${DEMO.goneOut} gone out`);
});

test("the whole job by the keyboard alone", async ({ page }) => {
  test.setTimeout(150_000);
  const quiet = listenForErrors(page);
  const hands = handsOf(page, 12);
  await openRack(page);
  await hands.press("n");
  await expect(page.getByRole("heading", { name: "Intake", exact: true })).toBeFocused();
  const tabTo = async (label: RegExp) => {
    // Nobody tabs to what is not there yet.
    await expect(page.getByText(label).filter({ visible: true }).first()).toBeVisible();
    for (let i = 0; i < 60; i++) {
      const name = await page.evaluate(() => {
        const at = document.activeElement;
        const field =
          at instanceof HTMLInputElement || at instanceof HTMLTextAreaElement ? at.labels?.[0]?.innerText : null;
        const group = at?.closest("[role=radiogroup]")?.getAttribute("aria-labelledby");
        return field && !group
          ? field
          : group
            ? (document.getElementById(group)?.innerText ?? "")
            : (at as HTMLElement)?.innerText;
      });
      if (label.test(name ?? "")) return;
      await page.keyboard.press("Tab");
    }
    throw new Error(`no way by Tab to ${label}`);
  };
  await tabTo(/^Display on the bike/);
  await hands.press(" ");
  await tabTo(/^Must leave as/);
  await hands.press(" ");
  for (let i = 0; i < 8 && !(await page.getByRole("radio", { name: "EU EPAC" }).isChecked()); i++)
    await hands.press("ArrowDown");
  await tabTo(/^Nickname/);
  await hands.type("Keys Only");
  await tabTo(/^Tyre/);
  await hands.type("38-622");
  await tabTo(/^Rollout, all turns/);
  await hands.type("2194");
  await tabTo(/^Motor kind|^Motor$/);
  await hands.press(" ");
  await tabTo(/^Motor rating/);
  await hands.type("250");
  await tabTo(/^Throttle fitted/);
  await hands.press(" ");
  await tabTo(/^Brake cut-off/);
  await hands.press(" ");
  await tabTo(/^Pack, nominal/);
  await hands.type("36");
  await tabTo(/^Controller$/);
  await hands.type("15");
  await expectStored(page, /"controllerA":"15"/);
  await tabTo(/^Write down what it shows/);
  await hands.press("Enter");
  await expect(page.getByRole("heading", { name: "As found", exact: true })).toBeFocused();
  await expect(page.getByText("What line 31 shows")).not.toHaveCount(0);
  for (let i = 0; i < 18; i++) await hands.press("Enter");
  await expect(main(page)).toContainText("18 of 18 written down");
  await tabTo(/^Work out the plan/);
  await hands.press("Enter");
  await expect(page.getByRole("heading", { name: "Plan", exact: true })).toBeFocused();
  await hands.press("4");
  await expect(page.getByRole("heading", { name: "Program", exact: true })).toBeFocused();
  await tabTo(/^Start the keys on the bike|^Seal the sheet/);
  await hands.press("Enter");
  await programOnBike(page);
  await hands.press("5");
  await expect(page.getByRole("heading", { name: "Prove", exact: true })).toBeFocused();
  await tabTo(/^Line 31 shows/);
  for (let i = 0; i < 17; i++) await hands.press("Enter");
  await expect(main(page)).toContainText("All as planned.");
  quiet();
});
