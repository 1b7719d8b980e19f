// The whole job by the real interface: new bike → as found → plan → keys on the simulated display → power cycle →
// read back → hand over, with reloads in the middle and nothing lost.
import type { Page } from "@playwright/test";
import { handsOf, slowed, write } from "./hands";
import { expectStored, main, openRack, programOnBike, pressNextStroke, rehearse, sheetRow, stored } from "./support";
import { clocked as test, expect } from "./workshop";

const FOUND: readonly (readonly [string, string])[] = [
  ["31", "0"],
  ["32", "0"],
  ["33", "2"],
  ["34", "4"],
  ["35", "1"],
  ["41", "22"],
  ["42", "39,5"],
  ["43", "2"],
  ["51", "26"],
  ["52", "1"],
  ["53", "50"],
  ["54", "0"],
  ["61", "3"],
  ["62", "9"],
  ["63", "1"],
  ["64", "1"],
  ["65", "5"],
];

/** The keys on the simulated display, with a reload in the middle of the menu; nothing of it counts for the bike. */
async function rehearsal(page: Page): Promise<void> {
  await page.getByRole("button", { name: "Rehearse first" }).click();
  await expect(page.getByText("Press the keys of the simulated display.")).toBeVisible();
  await pressNextStroke(page);
  await pressNextStroke(page);
  await page.reload();
  await expect(page.getByRole("region", { name: "Key card" })).toBeVisible();
  await rehearse(page);
  await page.getByRole("link", { name: /^Prove/ }).click();
  await expect(main(page)).toContainText("Nothing to prove yet.");
  await expect(main(page)).toContainText("The bike’s own keys have not been pressed");
  await page.getByRole("link", { name: "Go to the keys" }).click();
  await page.getByRole("button", { name: "Now on the bike" }).click();
}

/** Intake, with a slip that is kept and explained. */
async function takenIn(page: Page): Promise<void> {
  await page.getByRole("radio", { name: /^Tarn/ }).click();
  await page.getByRole("radio", { name: "EU EPAC" }).click();
  await write(page.getByLabel("Nickname"), "Paper Heron");
  await write(page.getByLabel("Bike", { exact: true }), "700C commuter");
  await write(page.getByLabel("Tyre, as on the sidewall"), "38-62");
  await expect(page.getByText("Give width and rim as on the sidewall, such as 50-559.")).toBeVisible();
  await page.reload();
  await expect(page.getByLabel("Tyre, as on the sidewall")).toHaveValue("38-62");
  await write(page.getByLabel("Tyre, as on the sidewall"), "38-622");
  await write(page.getByLabel("Rollout, all turns"), "2194");
  await write(page.getByLabel("Tape may be off by"), "1");
  await page.getByRole("radio", { name: "Geared hub" }).click();
  await write(page.getByLabel("Motor rating"), "250");
  await page.getByRole("radiogroup", { name: "Throttle fitted" }).getByRole("radio", { name: "Yes" }).click();
  await page.getByRole("radiogroup", { name: "Brake cut-off levers" }).getByRole("radio", { name: "Yes" }).click();
  await write(page.getByLabel("Pack, nominal"), "36");
  await write(page.getByLabel("Controller", { exact: true }), "15");
  await write(page.getByLabel("BMS, continuous"), "20");
  await expectStored(page, /"bmsA":"20"/);
  await expect(page.getByRole("complementary", { name: "What follows" })).toContainText("42 V");
}

/** No key plan without a baseline. */
async function noPlanYet(page: Page): Promise<void> {
  await page.keyboard.press("Escape");
  await page.getByRole("link", { name: /^Program/ }).click();
  await expect(page.getByRole("heading", { name: "First, the way home" })).toBeVisible();
}

/** As found, line by line with real keys, reloading after the third. */
async function writtenDown(page: Page): Promise<void> {
  const hands = handsOf(page, 15);
  await page.getByRole("link", { name: "Write down what it shows" }).click();
  await expect(page.getByRole("heading", { name: "As found", exact: true })).toBeFocused();
  for (const [i, [code, value]] of FOUND.entries()) {
    const field = page.getByLabel(`What line ${code} shows`);
    await expect(field).toBeVisible();
    await hands.type(value);
    if (i === 2) {
      await page.reload();
      await expect(field).toHaveValue(value);
    }
    await hands.press("Enter");
  }
  await expect(main(page)).toContainText("18 of 18 written down");
}

/** The plan: uncapped and over on current as found; mended by the target. */
async function planned(page: Page): Promise<void> {
  await page.getByRole("link", { name: /^Work out the plan/ }).click();
  await expect(main(page)).toContainText("No cap is set; EU EPAC says 25 km/h.");
  await expect(sheetRow(page, "51")).toContainText("27.5");
  await expect(sheetRow(page, "53")).toContainText("24 km/h");
  await expect(sheetRow(page, "31")).toContainText("off");
  await expect(main(page)).toContainText("mended by this plan");
}

/** Rehearsed on the simulated display, reloading in the middle of the menu: nothing of it counts for the bike. */
async function toTheKeys(page: Page, rehearsed: boolean): Promise<void> {
  await page.getByRole("link", { name: /^Program it/ }).click();
  if (rehearsed) await rehearsal(page);
  await page.getByRole("button", { name: "Start the keys on the bike" }).click();
  await programOnBike(page);
}

/** Prove: read back every line, one of them wrong at first. */
async function proven(page: Page): Promise<void> {
  await page.getByRole("link", { name: /^Prove it/ }).click();
  const first = page.getByLabel("Line 31 shows");
  await write(first, "1");
  await expect(main(page)).toContainText("1 line not as planned");
  await write(first, "2");
  await expect(main(page)).not.toContainText("not as planned");
  await page.getByLabel("Line 32 shows").focus();
  for (let i = 0; i < FOUND.length - 1; i++) await page.keyboard.press("Enter");
  await expect(main(page)).toContainText("All as planned.");
  await page.reload();
  await expect(main(page)).toContainText("All as planned.");
  for (const answer of await page.getByRole("radio", { name: "As it should" }).all()) await answer.click();
  await write(page.getByLabel("Walk assist, measured"), "5,5");
  await write(page.getByLabel("Speedometer against GPS, measured"), "20.0");
  await write(page.getByLabel("Top assisted speed, measured"), "25.4");
  await expect(page.getByRole("listitem").filter({ hasText: "Top assisted speed" })).toContainText("failed");
  await write(page.getByLabel("Top assisted speed, measured"), "23.9");
  await expect(main(page)).toContainText("All passed.");
}

/** Hand over. */
async function handedOver(page: Page): Promise<void> {
  await page.getByRole("link", { name: /^Hand it over/ }).click();
  await page.getByRole("button", { name: "Hand it over" }).click();
  await expect(main(page)).toContainText("Handed over");
  await expect(main(page)).toContainText("3 sealed sheets. Every seal holds.");
  await page.getByRole("link", { name: "The papers: look, print, send" }).click();
  await expect(page.getByRole("article", { name: "Way-back card" })).toContainText(
    "From the home screen back to how it was found",
  );
  const job = (
    JSON.parse(await stored(page)) as {
      intake: { nickname?: string };
      program: { state: { inForce: number[] }; targets: number[] };
    }[]
  ).find((each) => each.intake.nickname === "Paper Heron");
  expect(job?.program.state.inForce).toEqual(job?.program.targets);
  await page.goto("/");
  await expect(page.getByRole("region", { name: "Gone out" })).toContainText("Paper Heron");
}

/** The whole job, by hand: keys typed, things clicked, reloads in the middle. */
async function wholeJob(page: Page, rehearsed: boolean): Promise<void> {
  await openRack(page);
  await page.keyboard.press("n");
  await expect(page).toHaveURL(/\/job\/.+\/intake/);
  await takenIn(page);
  await noPlanYet(page);
  await writtenDown(page);
  await planned(page);
  await toTheKeys(page, rehearsed);
  await proven(page);
  await handedOver(page);
}

test("a bike comes in, is written down, planned, programmed, proven and handed over", async ({ page }) => {
  test.setTimeout(240_000);
  await wholeJob(page, true);
});

test("the same on a phone, on a processor four times slower", async ({ page }) => {
  test.setTimeout(300_000);
  await page.setViewportSize({ width: 390, height: 844 });
  await slowed(page, 4);
  await wholeJob(page, false);
});
