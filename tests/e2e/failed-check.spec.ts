// A failed check leads to the mend, its keys, the new read-back and the checks due again, and to nothing else.
import { type Page } from "@playwright/test";
import { withCheck, type Job } from "../../src/core/record";
import { demo, programmed, readBack } from "../../src/screens/testing/jobs";
import { handsOf, slowed } from "./hands";
import { main, openRack, programOnBike, putJobs } from "./support";
import { expect, test } from "./workshop";

/** Checks done before the one that fails. */
const DONE = ["brake-cut-off", "spin-speed", "levels", "crawl-and-turn"] as const;

const read = (edit: Partial<Job> = {}): Job =>
  DONE.reduce((job, id) => withCheck(job, id, { answer: "yes" }), readBack(programmed({ ...demo(207), ...edit })));

async function prove(page: Page, job: Job): Promise<void> {
  await openRack(page);
  await putJobs(page, [{ ...job, id: "failed", number: 991 }]);
  await page.goto("/job/failed/prove");
  await expect(main(page)).toContainText("All as planned.");
}

/** The card of a check. */
const card = (page: Page, title: string) =>
  main(page)
    .getByRole("listitem")
    .filter({ has: page.getByRole("heading", { name: title, exact: true }) });

/** Types a figure with real keys at human pace, a wrong key taken back on the way. */
async function measure(page: Page, title: string, figure: string): Promise<void> {
  await card(page, title).getByRole("textbox").click();
  await page.keyboard.type(`${figure}x`, { delay: 60 });
  await page.keyboard.press("Backspace");
  await page.keyboard.press("Tab");
  await expect(card(page, title)).toContainText("failed");
}

/** By the mend offered to the keys on the bike, and back to the proof. */
async function byTheKeys(page: Page, title: string): Promise<void> {
  await card(page, title).getByRole("link", { name: "Plan it, and to the keys" }).dblclick({ delay: 40 });
  await expect(page).toHaveURL(/\/program$/);
  await expect(main(page)).toContainText("The keys start from what the display was last known to hold.");
  await page.getByRole("button", { name: "Start the keys on the bike" }).click();
  await programOnBike(page);
  await page.getByRole("link", { name: /^Prove it/ }).click();
}

/** Titles of the checks that are due again. */
const dueAgain = (page: Page): Promise<readonly string[]> =>
  main(page).getByRole("listitem").filter({ hasText: "due again" }).getByRole("heading").allTextContents();

test("cap too high: the cap line, its keys, one line to read, and what rests on it due again", async ({ page }) => {
  test.setTimeout(90_000);
  await slowed(page, 4);
  await prove(page, read());
  await measure(page, "Top assisted speed", "27.1");
  await expect(card(page, "Top assisted speed")).toContainText(/Line 53: \d+ → \d+/);
  await expect(card(page, "Top assisted speed")).toContainText(
    "due again: Top assisted speed, Brake cut-off, Every level.",
  );
  await expect(card(page, "Top assisted speed").getByRole("link", { name: "Find what is behind it" })).toHaveCount(0);
  await page.reload();
  await expect(card(page, "Top assisted speed")).toContainText("failed");
  await byTheKeys(page, "Top assisted speed");
  await expect(main(page)).toContainText("1 line to go.");
  await expect(page.getByLabel("Line 53 shows")).toHaveValue("");
  expect(await dueAgain(page)).toEqual(["Brake cut-off", "Every level", "Top assisted speed"]);
  // Read back and ridden again, it passes.
  await page.getByLabel("Line 53 shows").click();
  await page.keyboard.press("Enter");
  await expect(main(page)).toContainText("All as planned.");
  await handsOf(page).write(card(page, "Top assisted speed").getByRole("textbox"), "24.6");
  await page.keyboard.press("Tab");
  await expect(card(page, "Top assisted speed")).toContainText("passed");
});

test("speedometer low: the wheel line, and every check that rests on the speed shown", async ({ page }) => {
  test.setTimeout(90_000);
  const job = read({ overrides: { "51": 8 } });
  await prove(page, withCheck(job, "top-speed-run", { measured: "24" }));
  await measure(page, "Speedometer against GPS", "17.9");
  await expect(card(page, "Speedometer against GPS")).toContainText("Line 51: 28 → 29");
  await card(page, "Speedometer against GPS")
    .getByRole("button", { name: "Keep it as this bike’s speedometer reading" })
    .click();
  await expect(page.getByText("The speedometer under Numbers rests on it now.").first()).toBeVisible();
  await byTheKeys(page, "Speedometer against GPS");
  await expect(page.getByLabel("Line 51 shows")).toHaveValue("");
  await expect(page.getByLabel("Line 34 shows")).not.toHaveValue("");
  const due = await dueAgain(page);
  expect(due).toContain("Speedometer against GPS");
  expect(due).toContain("Speed shown, wheel off the floor");
  expect(due).toContain("Top assisted speed");
  expect(due).not.toContain("Crawl and turn");
});

test("lever dead: no line mends it; the finder is led by the check, and the bike does not leave", async ({ page }) => {
  await prove(page, read());
  const brakes = card(page, "Brake cut-off");
  await brakes.getByRole("radio", { name: "Not so" }).click();
  await expect(brakes).toContainText("Do not let it leave.");
  await expect(brakes.getByRole("link", { name: "Plan it, and to the keys" })).toHaveCount(0);
  await brakes.getByRole("radio", { name: "the left one" }).click();
  await expect(brakes.getByRole("radio", { name: "the left one" })).toBeChecked();
  await page.reload();
  await expect(brakes.getByRole("radio", { name: "the left one" })).toBeChecked();
  await brakes.getByRole("link", { name: "Find what is behind it" }).click();
  await expect(page).toHaveURL(/\/faults/);
  await expect(main(page)).toContainText(/lever/i);
  await page.goBack();
  await expect(card(page, "Brake cut-off")).toContainText("failed");
  await card(page, "Brake cut-off").getByRole("radio", { name: "As it should" }).click();
  await expect(card(page, "Brake cut-off")).toContainText("passed");
  expect(await dueAgain(page)).toEqual([]);
});

test("level twin: the levels measured, the ladder kept, fewer levels and what rests on them due again", async ({
  page,
}) => {
  test.setTimeout(90_000);
  await prove(page, read());
  await main(page)
    .getByRole("region", { name: "On the road" })
    .getByText(/Worth a measurement/)
    .click();
  const title = "Steady speed of every level";
  const levels = Number(/(\d+) speeds,/.exec((await card(page, title).textContent()) ?? "")?.[1]);
  const speeds = Array.from({ length: levels }, (_, i) => (i === 2 ? 10.9 : 8 + 2.5 * i));
  await card(page, title).getByRole("textbox").click();
  await page.keyboard.type(speeds.slice(0, -1).join(" "), { delay: 30 });
  await page.keyboard.press("Tab");
  await expect(card(page, title)).toContainText(`Give ${levels} speeds`);
  await card(page, title).getByRole("textbox").click();
  await page.keyboard.press("End");
  await page.keyboard.type(` ${speeds.at(-1) ?? ""}`, { delay: 30 });
  await page.keyboard.press("Tab");
  await expect(card(page, title)).toContainText("Level 3 rides like level 2.");
  await card(page, title).getByRole("button", { name: "Keep it as this bike’s ladder" }).click();
  await expect(page.getByText("The ladder under Numbers rests on it now.").first()).toBeVisible();
  await expect(card(page, title)).toContainText(/Line 61: \d → \d \(.+\) mends it\./);
  await byTheKeys(page, title);
  await expect(main(page)).toContainText("1 line to go.");
  await expect(page.getByLabel("Line 61 shows")).toHaveValue("");
  expect(await dueAgain(page)).toEqual(["Brake cut-off", "Every level", title]);
  // The ladder stands under Numbers, and beside one of another number of levels measured before.
  await page.goto("/job/failed/numbers");
  await page.getByRole("navigation", { name: "Benches" }).getByRole("button", { name: "Ladder" }).click();
  await expect(main(page)).toContainText(`${levels} levels hold ${levels - 1} real ones.`);
  const ladders = page.getByLabel("Ladders measured, one for each number of levels");
  await ladders.click();
  await page.keyboard.press("Home");
  await page.keyboard.type("12 18 24 | ", { delay: 20 });
  await page.keyboard.press("Tab");
  await expect(main(page)).toContainText(`3 levels hold 3 real ones; ${levels} levels hold ${levels - 1} real ones.`);
  await expect(main(page)).toContainText(`Most are told apart with ${levels} levels: `);
});
