// Practice: a fault put in, found by checks of one's own choice, and held against the finder.
import { main } from "./support";
import { expect, test } from "./workshop";

test("an exercise is done to its end, kept over a reload, and another one follows", async ({ page }) => {
  await page.goto("/practice");
  await page.getByText("Find the fault").click();
  await expect(main(page)).toContainText("Exercise 1,");
  const seen = page.getByRole("complementary", { name: "What you saw" });
  await expect(seen).toContainText("Nothing done yet.");
  // The bike itself can be ridden before any check is chosen.
  await page.getByText("Ride it and press its keys").click();
  await expect(page.getByRole("group", { name: /^Simulated / })).toBeVisible();
  await expect(page.getByText("Meter at the pack")).toBeVisible();
  const checks = page.getByRole("button", { name: /^Do it: / });
  let found = false;
  for (let i = 0; i < 20 && !found; i++) {
    const left = await checks.count();
    await checks.first().click();
    await expect(checks).toHaveCount(left - 1);
    found = (await seen.getByText("something is wrong").count()) > 0;
  }
  expect(found).toBe(true);
  const done = await seen.getByRole("listitem").count();
  await page.reload();
  await expect(seen.getByRole("listitem")).toHaveCount(done);
  await expect(page.getByRole("button", { name: "Say it" })).toBeDisabled();
  await page.getByLabel("It is", { exact: true }).selectOption({ index: 1 });
  await page.getByRole("button", { name: "Say it" }).click();
  await expect(main(page)).toContainText(/Right: |Not so\. What it was/);
  await expect(main(page)).toContainText(/You took .+ The finder takes /);
  await page.getByRole("button", { name: "Another bike" }).dblclick({ delay: 30 });
  await expect(main(page)).toContainText(/Exercise [23],/);
  await expect(seen).toContainText("Nothing done yet.");
});
