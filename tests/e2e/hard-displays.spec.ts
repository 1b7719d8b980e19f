// Three hard displays described through the screens alone, and a whole job done on each.
import type { Page } from "@playwright/test";
import type { DisplayProfile } from "../../src/core/display";
import type { Job } from "../../src/core/record";
import { describeByHand, shownAtFirst } from "./describing";
import { displayOf } from "./described";
import { HARD_DISPLAYS } from "./hardDisplays";
import { write } from "./hands";
import { expectStored, main, openRack, programOnBike, rehearse, stored } from "./support";
import { clocked as test, expect } from "./workshop";

const kept = async (page: Page, id: string): Promise<DisplayProfile> => displayOf(page, id);

/** Intake of a common bike with that display. */
async function takenIn(page: Page, name: string): Promise<void> {
  await page.goto("/");
  await page.keyboard.press("n");
  await expect(page).toHaveURL(/\/job\/.+\/intake/);
  await page.getByRole("radio", { name: new RegExp(`^${name}`) }).click();
  await page.getByRole("radio", { name: "EU EPAC" }).click();
  await write(page.getByLabel("Nickname"), `Bike of ${name}`);
  await write(page.getByLabel("Tyre, as on the sidewall"), "50-559");
  await write(page.getByLabel("Rollout, all turns"), "2070");
  await page.getByRole("radio", { name: "Geared hub" }).click();
  await write(page.getByLabel("Motor rating"), "250");
  await page.getByRole("radiogroup", { name: "Throttle fitted" }).getByRole("radio", { name: "No" }).click();
  await page.getByRole("radiogroup", { name: "Brake cut-off levers" }).getByRole("radio", { name: "Yes" }).click();
  await write(page.getByLabel("Pack, nominal"), "36");
  await write(page.getByLabel("Controller", { exact: true }), "15");
  await write(page.getByLabel("BMS, continuous"), "20");
  await expectStored(page, /"bmsA":"20"/);
}

/** What it shows as it came, line by line, with real keys. */
async function writtenDown(page: Page, profile: DisplayProfile): Promise<void> {
  await page.getByRole("link", { name: "Write down what it shows" }).click();
  for (const [code, shown] of shownAtFirst(profile)) {
    const field = page.getByLabel(`What line ${code} shows`, { exact: true });
    await expect(field).toBeVisible();
    await write(field, shown);
    await page.keyboard.press("Enter");
  }
  await expect(main(page)).toContainText(/(\d+) of \1 written down/);
}

/** The keys, rehearsed on the simulated display and then pressed on the bike, as told. */
async function programmed(page: Page, profile: DisplayProfile): Promise<void> {
  await page.getByRole("link", { name: /^Work out the plan/ }).click();
  await page.getByRole("link", { name: /^Program it/ }).click();
  await page.getByRole("button", { name: "Rehearse first" }).click();
  await expect(page.getByText("Press the keys of the simulated display.")).toBeVisible();
  await rehearse(page, profile);
  await page.getByRole("button", { name: "Now on the bike" }).click();
  await page.getByRole("button", { name: "Start the keys on the bike" }).click();
  await programOnBike(page);
}

/** Every line read back as planned, and the papers sealed. */
async function provenAndHandedOver(page: Page, name: string): Promise<void> {
  await page.getByRole("link", { name: /^Prove it/ }).click();
  const fields = main(page).getByRole("textbox", { name: /^Line .* shows$/ });
  await fields.first().focus();
  for (let i = 0; i < (await fields.count()); i++) await page.keyboard.press("Enter");
  await expect(main(page)).toContainText("All as planned.");
  for (const answer of await page.getByRole("radio", { name: "As it should" }).all()) await answer.click();
  for (const [check, measured] of [
    ["Walk assist", "5.5"],
    ["Speedometer against GPS", "20.0"],
    ["Top assisted speed", "23.9"],
  ]) {
    const field = page.getByLabel(`${check}, measured`);
    if (await field.count()) await write(field, measured ?? "");
  }
  await page.getByRole("link", { name: /^Hand it over/ }).click();
  await page.getByRole("button", { name: "Hand it over" }).click();
  await expect(main(page)).toContainText("Every seal holds.");
  await page.getByRole("link", { name: "The papers: look, print, send" }).click();
  await expect(page.getByRole("article", { name: "Way-back card" })).toContainText("From the home screen");
  const job = (JSON.parse(await stored(page)) as Job[]).find(({ intake }) => intake.nickname === `Bike of ${name}`);
  expect(job?.handedOverAt).not.toBeNull();
  expect(job?.program?.state.inForce).toEqual(job?.program?.targets);
}

for (const target of HARD_DISPLAYS)
  test(`${target.name} is described by hand, and a bike goes through the whole job with it`, async ({ page }) => {
    test.setTimeout(420_000);
    page.setDefaultTimeout(20_000);
    await openRack(page);
    const { id, actions } = await describeByHand(page, target);
    await expect(main(page)).toContainText("It works. Press it and see.");
    console.log(`${target.name}: ${actions} actions for ${target.lines.length} lines and ${target.rules.length} rules`);
    const profile = await kept(page, id);
    await takenIn(page, target.name);
    await writtenDown(page, profile);
    await programmed(page, profile);
    await provenAndHandedOver(page, target.name);
  });
