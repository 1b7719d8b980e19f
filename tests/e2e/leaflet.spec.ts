// A text pasted becomes a display that works; what it states is lost by nothing done with it.
import { readFileSync } from "node:fs";
import { join } from "node:path";
import type { Page } from "@playwright/test";
import { paste, write } from "./hands";
import { main } from "./support";
import { expect, test } from "./workshop";

const TEXTS = join(import.meta.dirname, "../../src/core/display/leaflet/corpus");
const textOf = (name: string): string => readFileSync(join(TEXTS, `${name}.txt`), "utf8");
const codesOf = (name: string): readonly string[] =>
  readFileSync(join(TEXTS, `${name}.truth`), "utf8")
    .split("\n")
    .filter((row) => row.includes(" => "))
    .map((row) => row.split(" => ")[0] ?? "");

const theText = (page: Page) => page.getByLabel("The leaflet’s text");
const whatSets = (page: Page, code: string) => page.getByRole("combobox", { name: `What line ${code} sets` });
const take = (page: Page) => page.getByRole("button", { name: "Take these lines" });
const problems = (page: Page) => page.getByRole("region", { name: "Problems" });
const lineRows = (page: Page) => page.getByRole("button", { name: /^Line .+, more$/ });

async function describe(page: Page, name: string): Promise<void> {
  await page.goto("/displays");
  await page.getByRole("button", { name: "Describe a display" }).click();
  await write(page.getByLabel("What you call it"), name);
}

/** What is done for each text: four clicks, a paste and the name. */
const SHAPES = [
  ["a table", "wiki-markup", { X4: "Speed cap", X5: "Throttle cap", X7: "Cut-off" }],
  ["a menu of banks", "bank-codes", { "1.3": "Speed unit", "2.2": "Pulses per turn", "3.2": "Cut-off" }],
  ["a menu of words", "word-menu", { "Speed limit": "Speed cap", "Walk assist": "Walk assist" }],
  ["a German list", "deutsch-liste", { "07": "Speed cap", "08": "Current limit", "09": "Cut-off" }],
] as const;

for (const [shape, file, means] of SHAPES)
  test(`${shape} becomes a display that works`, async ({ page }) => {
    let keys = 0;
    await page.exposeFunction("counted", () => void keys++);
    await page.addInitScript(() =>
      addEventListener("keydown", () => void (window as unknown as { counted: () => void }).counted(), true),
    );
    await describe(page, shape);
    await paste(theText(page), textOf(file));
    const codes = codesOf(file);
    await expect(main(page)).toContainText(`${codes.length} lines found`);
    for (const [code, setting] of Object.entries(means))
      await expect(whatSets(page, code).locator("option:checked")).toHaveText(setting);
    await take(page).click();
    await expect(lineRows(page)).toHaveCount(codes.length);
    await expect(main(page)).toContainText("It works. Press it and see.");
    await expect(main(page)).toContainText(/Keys to read every line: \d+ press/);
    await expect(problems(page)).toHaveCount(0);
    console.info(`${shape}: ${codes.length} lines, 2 clicks, 1 paste, ${keys} keystrokes (its name)`);
  });

test("nothing the text states is lost by correcting, leaving, coming back and taking twice", async ({ page }) => {
  const text = [
    "m1  Handle function, 1 = off, 0 = on, default 1",
    "m2  Something 10 - 45, default 25",
    "m3  Screen light 1-5, default 3",
  ].join("\n");
  await describe(page, "Twice taken");
  await paste(theText(page), text);
  await expect(main(page)).toContainText("3 lines found");
  const second = page.getByRole("listitem").filter({ hasText: "Something" });
  await expect(second).toContainText("10 to 45; maker’s value 25");
  await expect(second).toContainText("not known");

  // Corrected, a line keeps its range, its options and its maker's value.
  await whatSets(page, "m2").selectOption({ label: "Speed cap" });
  await whatSets(page, "m1").selectOption({ label: "Cruise" });
  await expect(second).toContainText("10 to 45; maker’s value 25");
  await expect(second).toContainText("you said so");

  // Left and come back to, and after a reload: the text and what was said stand there.
  await page.getByRole("radio", { name: "Menu" }).click();
  await page.getByRole("radio", { name: "Leaflet" }).click();
  await expect(theText(page)).toHaveValue(text);
  await expect(whatSets(page, "m2").locator("option:checked")).toHaveText("Speed cap");
  await page.reload();
  await expect(whatSets(page, "m1").locator("option:checked")).toHaveText("Cruise");

  await take(page).click();
  await expect(lineRows(page)).toHaveCount(3);
  await expect(page.getByRole("textbox", { name: "Line m2, from" })).toHaveValue("10");
  await expect(page.getByRole("textbox", { name: "Line m2, to" })).toHaveValue("45");

  // Changed by hand and taken again: what the hand did stays. A second text adds its line, and can be taken back.
  await write(page.getByRole("textbox", { name: "Line m3, to" }), "8");
  await page.getByRole("radio", { name: "Leaflet" }).click();
  await paste(theText(page), `${text}\nm4  Auto off 1-30 min, default 10`);
  await expect(main(page)).toContainText("4 lines found");
  await take(page).dblclick();
  await expect(lineRows(page)).toHaveCount(4);
  await expect(page.getByRole("textbox", { name: "Line m3, to" })).toHaveValue("8");
  await expect(page.getByRole("textbox", { name: "Line m2, to" })).toHaveValue("45");
  const told = page.getByRole("listitem").filter({ hasText: "1 line added, 3 known before kept and filled in" });
  await told.getByRole("button", { name: "Undo" }).click();
  await expect(lineRows(page)).toHaveCount(3);
});

test("what was said of a line of one text is not said of another text's line of the same code", async ({ page }) => {
  await describe(page, "Another text");
  await paste(theText(page), "m1  Something 10 - 45, default 25\nm2  Screen light 1-5, default 3");
  await whatSets(page, "m1").selectOption({ label: "Speed cap" });
  await expect(page.getByRole("listitem").filter({ hasText: "Something" })).toContainText("you said so");
  await paste(theText(page), "m1  Over-voltage limit 42-60 V, default 55\nm2  Screen light 1-5, default 3");
  await expect(page.getByRole("listitem").filter({ hasText: "Over-voltage" })).toContainText("no setting here");
  await expect(main(page)).not.toContainText("you said so");
});

test("which way numbers go, a condition and an action are told before anything is taken, and taken with it", async ({
  page,
}) => {
  await describe(page, "Directions");
  await paste(
    theText(page),
    [
      "w1  Ramp when starting 1-8, the higher the smoother, default 3",
      "w2  Walk assist 0 off, 1 on, default 1, only if w3 is 1",
      "w3  Factory reset: hold both keys",
      "w4  Screen brightness 1-5, default 2",
    ].join("\n"),
  );
  const ramp = page.getByRole("listitem").filter({ hasText: "Ramp when" });
  await expect(ramp).toContainText("a larger number is gentler (“higher the smoother”)");
  await expect(page.getByRole("listitem").filter({ hasText: "Walk assist 0" })).toContainText("“only if w3 is 1”");
  await expect(page.getByRole("listitem").filter({ hasText: "Factory reset" })).toContainText("an action, no value");
  await ramp.getByText("How it was read").click();
  await expect(ramp).toContainText("Ramp softness");
  await expect(ramp).toContainText("“ramp”");
  await take(page).click();
  await expect(page.getByText("3 lines added, 1 action put in the menu.", { exact: true })).toBeVisible();
  await expect(lineRows(page)).toHaveCount(3);
  await page.getByRole("button", { name: "Line w2, more" }).click();
  await expect(page.getByLabel("Note")).toHaveValue("only if w3 is 1");
  await page.getByRole("radio", { name: "Menu" }).click();
  await expect(main(page)).toContainText("w3");
});

test("a photo or a PDF is said to be none of its business, before anything is pasted", async ({ page }) => {
  await describe(page, "Photo");
  await expect(main(page)).toContainText("A photo or a PDF cannot be read here. Text copied from either can");
});
