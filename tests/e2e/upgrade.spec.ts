// A part weighed before it is bought, and fitted by one deed: typed by hand with a wrong key, a reload, a double click.
import { handsOf } from "./hands";
import { jobOf, main, openDemo } from "./support";
import { expect, test } from "./workshop";

test("another display is weighed beside the parts, and fitted it is a swap that can be undone", async ({ page }) => {
  test.setTimeout(120_000);
  await openDemo(page, 207, "numbers");
  await page.getByRole("button", { name: "Upgrade", exact: true }).click();
  const hands = handsOf(page);
  const pick = page.getByLabel("Another display");
  // By keys, as in any list: the letter it begins with; a wrong one first.
  await pick.focus();
  await hands.type("L");
  await expect(pick).toHaveValue("lathe-60");
  // A list takes two letters typed at once for the beginning of one name.
  await page.waitForTimeout(1500);
  await hands.type("B");
  await expect(pick).toHaveValue("bracken-2");
  await expect(page.getByRole("table", { name: "Values carried over" })).toBeVisible();
  await page.reload();
  await expect(pick).toHaveValue("bracken-2");
  await expect(page.getByRole("region", { name: "What it comes to", exact: true })).toContainText("Brakes, from the");
  await expect(main(page)).toContainText("Display takes 48 V");
  await hands.doubleClick(page.getByRole("button", { name: "It is fitted: Bracken on the bike" }));
  await expect.poll(async () => (await jobOf(page, "demo-207")).profile?.name).toBe("Bracken");
  expect((await jobOf(page, "demo-207")).events.filter(({ kind }) => kind === "display-swapped")).toHaveLength(1);
  await expect(pick).toHaveValue("");
  await page.getByRole("button", { name: "Undo" }).first().click();
  await expect.poll(async () => (await jobOf(page, "demo-207")).profile?.name).toBe("Tarn");
});

test("a tyre is weighed before it is bought; fitted, it stands in the log and the plan follows", async ({ page }) => {
  test.setTimeout(120_000);
  await openDemo(page, 205, "numbers");
  await page.getByRole("button", { name: "Upgrade", exact: true }).click();
  await expect(main(page)).toContainText("Type what would change");
  const hands = handsOf(page);
  const field = page.getByLabel("New tyre, as on its sidewall");
  // Half typed it is no tyre: said so, and nothing is made of it.
  await hands.write(field, "60-62");
  await expect(main(page)).toContainText("Give width and rim as on the sidewall, such as 50-559.");
  await expect(main(page)).toContainText("not known: measure the rollout, or give the tyre");
  await hands.type("2");
  await expect(page.getByRole("region", { name: "What it comes to", exact: true })).toContainText(
    "Assist really ends at",
  );
  await page.reload();
  await expect(field).toHaveValue("60-622");
  await expect(main(page)).toContainText("Plugs and leads: not known: look");
  await hands.doubleClick(page.getByRole("button", { name: /^It is fitted: change 1 fact/ }));
  await expect(main(page)).toContainText("Parts changed on this bike");
  const { intake, events } = await jobOf(page, "demo-205");
  expect(intake.tyre).toBe("60-622");
  expect(intake.newTyre).toBeUndefined();
  expect(events.filter(({ kind }) => kind === "part-changed")).toHaveLength(1);
  await page.getByRole("button", { name: "Undo" }).first().click();
  await expect.poll(async () => (await jobOf(page, "demo-205")).intake.newTyre).toBe("60-622");
});
