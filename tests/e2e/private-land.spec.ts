// Private land and back, by hand: chosen and acknowledged, marked everywhere, programmed; then one deed back to the
// road class, which ends with the class proven again.
import { handsOf, write } from "./hands";
import type { Page } from "@playwright/test";
import { jobOf, main, openDemo, programOnBike } from "./support";
import { expect, test } from "./workshop";

/** Every line read back as planned by Enter alone, every check answered. */
async function proveAll(page: Page): Promise<void> {
  const fields = main(page).getByRole("textbox", { name: /^Line .* shows$/ });
  await fields.first().focus();
  for (let i = 0; i < (await fields.count()); i++) await page.keyboard.press("Enter");
  await expect(main(page)).toContainText("All as planned.");
  for (const answer of await page.getByRole("radio", { name: "As it should" }).all()) await answer.click();
  await write(page.getByLabel("Walk assist, measured"), "5.5");
  await write(page.getByLabel("Speedometer against GPS, measured"), "20.0");
  await write(page.getByLabel("Top assisted speed, measured"), "23.9");
}

test("a bike goes to private land and back, and the road class is proven again", async ({ page }) => {
  test.setTimeout(300_000);
  await openDemo(page, 207, "intake");
  const hands = handsOf(page);
  await page.getByRole("radio", { name: "Private land", exact: true }).click();
  await expect(main(page)).toContainText("Not for public roads.");
  await page.getByRole("link", { name: /^Program/ }).click();
  await expect(main(page)).toContainText("written acknowledgement");
  await page.getByRole("link", { name: /^Intake/ }).click();
  await hands.write(page.getByLabel("Acknowledged in writing"), "The owner’s own field.");
  // The class it was in before is the one it goes back to.
  await expect(
    page.getByRole("radiogroup", { name: "Road class it goes back to" }).getByRole("radio", { checked: true }),
  ).toHaveAccessibleName("EU EPAC");
  await page.reload();
  await expect(main(page)).toContainText("Written ");
  await page.goto("/");
  await expect(page.getByRole("listitem").filter({ hasText: "Snowplough" })).toContainText("Not for public roads");
  await page.goto("/job/demo-207/program");
  await page.getByRole("button", { name: /^Start the keys on the bike|^Seal the sheet/ }).click();
  await programOnBike(page);
  await page.getByRole("link", { name: /^Papers/ }).click();
  for (const name of ["Workshop sheet", "Owner’s card", "Back to the road: EU EPAC"])
    await expect(page.getByRole("article", { name })).toContainText("Not for public roads");
  await page.getByRole("link", { name: /^Hand over/ }).click();
  await expect(main(page)).toContainText("Acknowledged");
  await hands.doubleClick(page.getByRole("button", { name: "Back to EU EPAC" }));
  await expect(page).toHaveURL(/program/);
  expect((await jobOf(page, "demo-207")).events.filter(({ kind }) => kind === "back-to-road")).toHaveLength(1);
  await page.getByRole("button", { name: /^Start the keys on the bike|^Seal the sheet/ }).click();
  await programOnBike(page);
  await page.getByRole("link", { name: /^Prove it/ }).click();
  await proveAll(page);
  await page.getByRole("link", { name: /^Hand over/ }).click();
  await expect(main(page)).toContainText("Proven. Ready to leave.");
  await page.getByRole("link", { name: /^Papers/ }).click();
  await expect(page.getByRole("article", { name: "Owner’s card" })).toContainText("EU EPAC");
  await expect(page.getByRole("article", { name: "Owner’s card" })).not.toContainText("Not for public roads");
  await expect(page.getByRole("article", { name: /Back to the road/ })).toHaveCount(0);
});
