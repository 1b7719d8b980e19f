// What the papers say, word for word, at every standing of a bike; what is asked in the display's own unit; how many
// pages.
import type { Page } from "@playwright/test";
import { SHIPPED_DISPLAYS } from "../../src/catalog/displays";
import { linesOf, shows } from "../../src/core/display";
import { writeJobFile, type Job } from "../../src/core/record";
import { copyGoesAlong } from "../../src/words/cautions";
import { handsOf, write } from "./hands";
import { jobOf, main, openDemo, openRack, programOnBike, putJobs } from "./support";
import { expect, test } from "./workshop";

const card = (page: Page, name: string) => page.getByRole("article", { name });
const cellsOf = (page: Page, code: string) =>
  card(page, "Workshop sheet")
    .getByRole("row")
    .filter({ has: page.getByRole("cell", { name: code, exact: true }) })
    .first()
    .getByRole("cell")
    .allInnerTexts();

test("an unprogrammed bike's papers are stamped as planned, not set, and name no value as left", async ({ page }) => {
  await openDemo(page, 207, "papers");
  for (const name of ["Workshop sheet", "Owner’s card"])
    await expect(card(page, name)).toContainText(/planned, not set/i);
  const sheet = card(page, "Workshop sheet");
  await expect(sheet.getByRole("columnheader", { name: "As left" })).toHaveCount(0);
  expect((await cellsOf(page, "51")).slice(0, 4)).toEqual(["51", "Wheel", "26 (2075 mm)", "29 (2314 mm)"]);
  await expect(card(page, "Owner’s card")).toContainText("25 km/h set · planned, not set");
  await expect(card(page, "Owner’s card")).toContainText("Not proven yet.");
  await expect(card(page, "Way-back card")).toHaveCount(0);
});

test("as left is what was read back: a 0 against a planned 2 prints 0, and what nobody read prints unread", async ({
  page,
}) => {
  await openDemo(page, 205, "prove");
  const hands = handsOf(page);
  await page.getByLabel("Line 31 shows").click();
  await hands.type("0");
  await hands.press("Enter");
  await expect(main(page)).toContainText("1 line not as planned");
  await page.getByRole("link", { name: /^Papers/ }).click();
  await expect(card(page, "Workshop sheet")).toBeVisible();
  expect((await cellsOf(page, "31")).slice(2, 5)).toEqual(["2 (off)", "2 (off)", "0 (always full)"]);
  expect((await cellsOf(page, "32")).slice(2, 5)).toEqual(["1 (rolling start)", "1 (rolling start)", "unread"]);
  await expect(card(page, "Workshop sheet")).toContainText("Not all read back");
  await expect(card(page, "Owner’s card")).toContainText("planned, not read back");
});

test("a bike handed over is told as it left, whatever is typed since; a later fact is a new proposal", async ({
  page,
}) => {
  await openDemo(page, 201, "papers");
  await expect(card(page, "Way-back card")).toContainText("From the home screen back to how it was found");
  const texts = () => page.getByRole("article").allInnerTexts();
  await expect(page.getByRole("article")).toHaveCount(4);
  // What it says to bear in mind is worked out after its lines.
  const whole = () => expect(card(page, "Workshop sheet")).toContainText(copyGoesAlong);
  await whole();
  const before = await texts();
  expect(before).toHaveLength(4);
  await page.getByRole("link", { name: /^Intake/ }).click();
  await write(page.getByLabel("Rollout, all turns"), "1900");
  await write(page.getByLabel("Nickname"), "Renamed since");
  await page.getByRole("radio", { name: "US class 1" }).click();
  await page.getByRole("link", { name: /^Plan/ }).click();
  await expect(main(page)).toContainText("would now be planned otherwise");
  await expect(main(page)).toContainText("The sealed plan stands");
  await page.getByRole("link", { name: /^Papers/ }).click();
  await expect(page.getByRole("article")).toHaveCount(4);
  await whole();
  expect(await texts()).toEqual(before);
});

test("a sheet taken out of the record is said on the bike, on its papers and on the rack", async ({ page }) => {
  await openRack(page);
  const job = await jobOf(page, "demo-201");
  await putJobs(page, [{ ...job, sheets: job.sheets.slice(0, -1), updatedAt: "2026-11-25T10:00:00.000Z" }]);
  await page.goto("/job/demo-201/papers");
  const words = /sealed sheets? (is|are) missing from this record/;
  for (const name of ["Workshop sheet", "Owner’s card", "Way-back card"])
    await expect(card(page, name)).toContainText(words);
  await page.getByRole("link", { name: /^Plan/ }).click();
  await expect(main(page)).toContainText(words);
});

test("printed, every paper has its page and no page is blank", async ({ page }) => {
  const pages = async () => (await page.pdf()).toString("latin1").match(/\/Type\s*\/Page[^s]/g)?.length ?? 0;
  await openDemo(page, 201, "papers");
  await expect(page.getByRole("article")).toHaveCount(4);
  expect(await pages()).toBe(4);
  await page.goto("/job/demo-208/papers");
  await expect(page.getByRole("article")).toHaveCount(3);
  expect(await pages()).toBe(3);
});

/** A bike on a display that shows miles, programmed and read back, with everything proven but its top speed. */
async function milesBike(page: Page): Promise<void> {
  await openRack(page);
  const demo = await jobOf(page, "demo-207");
  const profile = SHIPPED_DISPLAYS.find(({ name }) => name === "Tarn");
  if (!profile) throw new Error("no Tarn");
  const job: Job = {
    ...demo,
    id: "miles-bike-1",
    number: 911,
    stage: "program",
    intake: { ...demo.intake, nickname: "Milestone" },
    unlocked: { "63": "shows miles on this firmware" },
    overrides: { "63": 0 },
    asFound: {
      shown: {
        ...Object.fromEntries(linesOf(profile).map((line) => [line.code, shows(line.encoding, line.factoryRaw ?? 0)])),
        "63": "0",
      },
      waivedReason: "",
    },
  };
  await page
    .getByLabel("Job file to import")
    .setInputFiles({ name: "job.json", mimeType: "application/json", buffer: Buffer.from(writeJobFile(job)) });
  await page.getByRole("button", { name: "Put it on the rack" }).click();
  await expect(page).toHaveURL(/miles-bike-1/);
}

test("on a display in miles everything is asked in miles, and a bike over the limit does not pass", async ({
  page,
}) => {
  test.setTimeout(150_000);
  await milesBike(page);
  await page.goto("/job/miles-bike-1/program");
  await page.getByRole("button", { name: /^Start the keys on the bike|^Seal the sheet/ }).click();
  await programOnBike(page);
  await page.getByRole("link", { name: /^Prove it/ }).click();
  await expect(main(page)).toContainText("Hold a steady true 12 mph");
  const check = page.getByRole("listitem").filter({ hasText: "Top assisted speed" });
  await expect(check).toContainText("15.53 mph");
  await expect(check).not.toContainText("km/h");
  const field = page.getByLabel("Top assisted speed, measured");
  const hands = handsOf(page);
  // 20 would pass in km/h. It is miles, and over.
  await hands.write(field, "20");
  await expect(check).toContainText("failed");
  await expect(check).toContainText("Do not let it leave as this class.");
  await hands.write(field, "15.2");
  await expect(check).toContainText("passed");
  await expect(main(page).getByRole("img", { name: /at a true 12 mph/ })).toBeVisible();
  await expect
    .poll(async () => (await jobOf(page, "miles-bike-1")).checks["top-speed-run"])
    .toMatchObject({ measured: "15.2", askedIn: "mph" });
  await page.getByRole("link", { name: /^Papers/ }).click();
  await expect(card(page, "Owner’s card")).toContainText("mph set");
});

test(
  "programming again keeps what was read, plans from it, and makes the " + "checks due that rest on what changes",
  async ({ page }) => {
    test.setTimeout(120_000);
    await openDemo(page, 205, "prove");
    await page.getByRole("radiogroup", { name: "Brake cut-off" }).getByRole("radio", { name: "As it should" }).click();
    await page.getByRole("radiogroup", { name: "Crawl and turn" }).getByRole("radio", { name: "As it should" }).click();
    const hands = handsOf(page);
    await hands.write(page.getByLabel("Line 34 shows"), "5");
    await expect(main(page)).toContainText("1 line not as planned");
    await hands.doubleClick(page.getByRole("button", { name: "Plan the keys again" }));
    await expect(page).toHaveURL(/program/);
    await expect(main(page)).toContainText("The keys start from what the display was last known to hold.");
    await expect(main(page)).toContainText("5 → 2");
    await page.getByRole("button", { name: "Start the keys on the bike" }).click();
    await programOnBike(page);
    await page.getByRole("link", { name: /^Prove it/ }).click();
    const { sheets, events } = await jobOf(page, "demo-205");
    expect(sheets.filter(({ kind }) => kind === "read-back")).toHaveLength(1);
    expect(sheets.find(({ kind }) => kind === "read-back")?.lines.find(({ code }) => code === "34")?.shows).toBe("5");
    expect(events.filter(({ kind }) => kind === "set-aside")).toHaveLength(1);
  },
);
