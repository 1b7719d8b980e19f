// Every caution the product always shows stands where it bites, on a screen; a battery hazard blocks its one step only.
import type { Page } from "@playwright/test";
import * as caution from "../../src/words/cautions";
import { handsOf, write } from "./hands";
import { main, openDemo, openRack, sheetRow } from "./support";
import { expect, test } from "./workshop";

const bench = (name: string) => async (page: Page) => {
  await openDemo(page, 205, "numbers");
  await page.getByRole("navigation", { name: "Benches" }).getByRole("button", { name, exact: true }).click();
};
const at = (number: number, place: string) => (page: Page) => openDemo(page, number, place);

/** A line of Snowplough's plan set by hand, its reasons open beside it. */
const setByHand = (code: string, value: string) => async (page: Page) => {
  await openDemo(page, 207, "plan");
  await sheetRow(page, code).click();
  await page.getByRole("combobox", { name: "Target by hand" }).selectOption(value);
};

async function withThrottle(page: Page): Promise<void> {
  await openDemo(page, 207, "intake");
  await page.getByRole("radiogroup", { name: "Throttle fitted" }).getByRole("radio", { name: "Yes" }).click();
  await page.getByRole("link", { name: /^Program/ }).click();
}

async function withNewTyre(page: Page): Promise<void> {
  await bench("Upgrade")(page);
  await write(page.getByLabel("New tyre, as on its sidewall"), "60-622");
}

const PLACES: readonly (readonly [keyof typeof caution, string, (page: Page) => Promise<void>])[] = [
  ["chord", "before the keys", at(207, "program")],
  ["standClear", "at the checks", at(205, "prove")],
  ["brakeCutOff", "at the checks", at(205, "prove")],
  ["whileReading", "at the run through the cap", at(205, "prove")],
  ["throttleLive", "before the keys of a bike with a throttle", withThrottle],
  ["volts", "at the battery", bench("Battery")],
  ["packFault", "at the battery", bench("Battery")],
  ["moreCurrent", "at the current", bench("Current")],
  ["moreCurrent", "at new parts", withNewTyre],
  ["moreSpeed", "at new parts", withNewTyre],
  ["classChanged", "at new parts", bench("Upgrade")],
  ["classChanged", "at private land", at(206, "intake")],
  ["classChanged", "as it leaves", at(201, "hand-over")],
  ["copyGoesAlong", "as it leaves", at(201, "hand-over")],
  ["moreSpeed", "at a cap that is raised", setByHand("53", "32")],
  ["moreCurrent", "at a current that is raised", setByHand("41", "20.0")],
  ["volts", "at volts that are set otherwise", setByHand("43", "1")],
];

for (const [key, where, open] of PLACES)
  test(`“${caution[key]}” stands ${where}`, async ({ page }) => {
    await openRack(page);
    await open(page);
    await expect(main(page)).toContainText(caution[key]);
  });

test("a pack the controller does not take blocks the keys on the bike, and nothing else", async ({ page }) => {
  await openDemo(page, 207, "intake");
  const hands = handsOf(page);
  const takes = page.getByLabel("Controller takes");
  const before = await takes.inputValue();
  await hands.write(takes, "24");
  await page.getByRole("link", { name: /^Program/ }).click();
  const start = page.getByRole("button", { name: /^Start the keys on the bike/ });
  await expect(main(page)).toContainText("Not this step yet");
  await expect(main(page)).toContainText("Another pack, or another controller or display, clears it");
  await expect(start).toBeDisabled();
  // Rehearsing feeds nothing.
  await expect(page.getByRole("button", { name: /^Rehearse/ })).toBeEnabled();
  await page.getByRole("link", { name: /^Intake/ }).click();
  await hands.write(takes, before);
  await page.getByRole("link", { name: /^Program/ }).click();
  await expect(start).toBeEnabled();
  await expect(main(page)).not.toContainText("Not this step yet");
});

test("a cut-off read back too low blocks the full pull on the pack until it is read back mended", async ({ page }) => {
  await openDemo(page, 205, "prove");
  const hands = handsOf(page);
  const field = page.getByLabel("Line 42 shows");
  await hands.write(field, "26.0");
  await hands.press("Enter");
  await page
    .getByText(/^Worth a measurement/)
    .last()
    .click();
  const sag = page.getByRole("listitem").filter({ hasText: "Pack under a full pull" });
  await expect(sag).toContainText("Not this step yet");
  await expect(sag.getByRole("textbox")).toHaveCount(0);
  await expect(page.getByRole("radio", { name: "As it should" }).first()).toBeVisible();
  await hands.write(field, "40.5");
  await hands.press("Enter");
  await expect(sag).not.toContainText("Not this step yet");
});
