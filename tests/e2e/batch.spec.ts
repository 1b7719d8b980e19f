// One sheet onto several bikes, by hand: begun from a bike that has left, two of them worked through one after the
// other, one with another tyre told apart, and the paper of all with every seal.
import { readFile } from "node:fs/promises";
import type { Page } from "@playwright/test";
import { TARN } from "../../src/catalog/displays/tarn";
import { linesOf } from "../../src/core/display";
import { handsOf, slowed } from "./hands";
import { expectStored, jobOf, main, openDemo, programOnBike, stored } from "./support";
import { expect, fresh as test } from "./workshop";
import type { Job } from "../../src/core/record";

const SETTABLE = linesOf(TARN).filter(({ encoding }) => encoding.kind !== "read-only").length;

/** A batch of the sheet of the bike that left, typed by hand. */
async function begun(page: Page, names: string): Promise<void> {
  const hands = handsOf(page, 25);
  await openDemo(page, 201, "hand-over");
  await page.getByRole("link", { name: "More bikes like this one" }).click();
  await expect(page.getByRole("heading", { name: "More bikes like this one" })).toBeVisible();
  await page.getByLabel("What the batch is called").click();
  await hands.type("Ferry fleet");
  await page.getByLabel("New bikes, one name a line").click();
  await hands.type(names);
}

const bike = (page: Page, name: string) => page.getByRole("row", { name: new RegExp(name) });
const jobNamed = async (page: Page, name: string): Promise<Job> => {
  const job = (JSON.parse(await stored(page)) as Job[]).find(({ intake }) => intake.nickname === name);
  if (!job) throw new Error(`no bike ${name}`);
  return job;
};

/** As found to read back, by keys alone, on the bike that is on the stand. */
async function workedThrough(page: Page): Promise<void> {
  const hands = handsOf(page, 15);
  await page.getByRole("button", { name: "The other 17 lines show the same" }).click();
  await expect(main(page)).toContainText("18 of 18 written down");
  await page.getByRole("link", { name: /^Work out the plan/ }).click();
  await page.getByRole("link", { name: /^Program it/ }).click();
  await page.getByRole("button", { name: "Start the keys on the bike" }).click();
  await programOnBike(page);
  await page.getByRole("link", { name: /^Prove it/ }).click();
  await page.getByLabel("Line 31 shows").focus();
  await hands.press("Enter", SETTABLE);
  await expect(main(page)).toContainText("All as planned.");
}

test("one sheet goes onto two bikes, one after the other, each read back on its own", async ({ page, context }) => {
  test.setTimeout(240_000);
  await slowed(page, 4);
  await begun(page, "Ferry 9-7");
  const hands = handsOf(page, 25);
  // Counted backwards: said at once, and nothing is lost.
  await expect(page.getByRole("alert").filter({ hasText: "counts backwards" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Begin the batch" })).toBeDisabled();
  await hands.press("Backspace", 3);
  await hands.type("9-10");
  await page.reload();
  await expect(page.getByLabel("New bikes, one name a line")).toHaveValue("Ferry 9-10");
  await expect(page.getByLabel("What the batch is called")).toHaveValue("Ferry fleet");
  // A second press begins no second batch.
  await hands.doubleClick(page.getByRole("button", { name: "Begin the batch" }));
  await expect(page.getByRole("heading", { name: "Ferry fleet" })).toBeVisible();
  await expect(bike(page, "Ferry")).toHaveCount(2);
  const address = page.url();

  await page.getByRole("link", { name: "Ferry 9: as found" }).click();
  await expect(page.getByRole("navigation", { name: "Batch" })).toContainText("Bike 1 of 2");
  // What was measured on the first is not this one's; what is expected is said to be expected.
  await expect(page.getByRole("region", { name: "As the first of the batch was found" })).toContainText("0201");
  await workedThrough(page);
  // Another window sees it at once.
  const other = await context.newPage();
  await other.goto(address);
  await expect(bike(other, "Ferry 9")).toContainText(`${SETTABLE} of ${SETTABLE}`);
  await other.close();

  // Under the read-back, where the hands are, and over the stage.
  await expect(page.getByRole("link", { name: "Next bike: Ferry 10, as found" })).toHaveCount(2);
  await page.getByRole("link", { name: "Next bike: Ferry 10, as found" }).last().click();
  await expect(page.getByRole("heading", { name: "Ferry 10" })).toBeVisible();
  await workedThrough(page);
  await page.getByRole("link", { name: "the whole batch" }).click();
  await expect(main(page)).toContainText("2 read back as planned, 0 handed over");
  await expect(bike(page, "Ferry 10")).toContainText("Checks");

  // Both hold the sheet where nothing of their own spoke against it, and each has seals of its own.
  const [nine, ten] = [await jobNamed(page, "Ferry 9"), await jobNamed(page, "Ferry 10")];
  expect(nine.readBack).toEqual(ten.readBack);
  expect(nine.sheets.at(-1)?.hash).not.toBe(ten.sheets.at(-1)?.hash);
  await page.getByRole("link", { name: "The batch paper" }).click();
  const paper = page.getByRole("article", { name: "Batch paper" });
  for (const { hash } of [...nine.sheets, ...ten.sheets]) await expect(paper).toContainText(hash);
  await expect(paper).toContainText("Ferry 10");
  const saved = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save as CSV" }).click();
  const csv = await readFile(await (await saved).path(), "utf8");
  expect(csv.trim().split("\r\n")).toHaveLength(1 + nine.sheets.length + ten.sheets.length);
  await page.goto("/book/batches");
  await expect(page.getByRole("row", { name: /Ferry fleet/ })).toContainText("2 bikes");
});

test("a bike with another tyre stands out, keeps its own wheel, and can be taken out", async ({ page }) => {
  await begun(page, "Plain\nFat");
  await page.getByRole("button", { name: "Begin the batch" }).click();
  await expect(page.getByRole("heading", { name: "Ferry fleet" })).toBeVisible();
  const address = page.url();
  const fat = await jobNamed(page, "Fat");
  await page.goto(`/job/${fat.id}/intake`);
  const hands = handsOf(page, 25);
  await hands.write(page.getByLabel("Tyre, as on the sidewall", { exact: true }), "100-559");
  await expectStored(page, /"tyre":"100-559"/);
  for (const name of ["Plain", "Fat"]) {
    await page.goto(`/job/${(await jobNamed(page, name)).id}/as-found`);
    await page.getByRole("button", { name: "The other 17 lines show the same" }).click();
    await expect(main(page)).toContainText("18 of 18 written down");
  }
  await page.goto(address);
  await expect(bike(page, "Fat")).toContainText("things");
  const tyre = main(page).locator('[data-exception="fact"]');
  await expect(tyre).toContainText("100-559 here");
  await expect(tyre).toContainText("On Fat");
  const wheel = main(page)
    .locator('[data-exception="line"]')
    .filter({ hasText: "Line 51" })
    .filter({ hasText: "On Fat" });
  await expect(wheel).toContainText("its own plan comes to");
  // Set as the sheet it stands out no more; taken back, the wheel is its own again.
  await wheel.getByRole("button", { name: "Set it as the sheet" }).click();
  await expectStored(page, /decided for the batch/);
  await expect(wheel).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect.poll(async () => (await jobOf(page, fat.id)).overrides).toEqual({});
  await expect(wheel).toBeVisible();
  await page.getByRole("button", { name: "Take out Fat" }).click();
  await expect(bike(page, "Fat")).toHaveCount(0);
  await expect(tyre).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(bike(page, "Fat")).toHaveCount(1);
  // More are added to it, and it is called otherwise.
  await page.getByRole("button", { name: "Add bikes" }).click();
  await page.getByLabel("New bikes, one name a line").click();
  await hands.type("Spare");
  await page.getByRole("checkbox", { name: /Thimble/ }).click();
  await page.getByRole("button", { name: "Add them" }).click();
  await expect(bike(page, "Spare")).toBeVisible();
  await expect(bike(page, "Thimble")).toBeVisible();
  await page.getByRole("button", { name: "Call it otherwise" }).click();
  await hands.write(page.getByLabel("What the batch is called"), "Harbour fleet");
  await hands.press("Enter");
  await expect(page.getByRole("heading", { name: "Harbour fleet" })).toBeVisible();
});
