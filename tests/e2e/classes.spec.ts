// A class of the shop's own, described with real keys on a slow machine; taken by a bike, amended, and taken anew.
import { demo } from "../../src/screens/testing/jobs";
import { handsOf } from "./hands";
import { jobOf, main, openRack, putJobs } from "./support";
import { expect, test } from "./workshop";

test("a class is described key by key, offered once whole, and a bike keeps the one it took", async ({ page }) => {
  await openRack(page);
  await putJobs(page, [{ ...demo(207), id: "lake", number: 993 }]);
  const slow = await page.context().newCDPSession(page);
  await slow.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  const hands = handsOf(page, 15);
  const field = (name: string | RegExp) => page.getByRole("textbox", { name });
  const choose = (group: string, answer: string) =>
    page.getByRole("radiogroup", { name: group }).getByText(answer, { exact: true }).click();

  await page.goto("/job/lake/intake");
  await page.getByRole("link", { name: "Another class? Describe it, or amend one" }).click();
  await page.getByRole("button", { name: "Describe a class" }).click();
  await expect(main(page)).toContainText("Still to be said: Name of the class, Where it holds");
  await hands.write(field("Name of the class"), "Lake path");
  await hands.write(field("Where it holds"), "Around the lake");
  await choose("It speaks in", "km/h");
  await choose("Assist must end at", "A speed");
  // A wrong key, and what would be accepted.
  await hands.write(field("Assist limit"), "200");
  await expect(main(page)).toContainText("Assist limit: give 3 to 120 km/h, or name another unit: mph.");
  await hands.write(field("Assist limit"), "18");
  await choose("Is the limit itself allowed?", "Allowed: at most");
  await choose("The throttle", "Not allowed");
  await choose("The walking aid", "No rule");
  await choose("The motor", "No rule");
  await choose("Public roads", "Yes");
  await hands.write(field("Source"), "Order of the lake council, section 4");
  await expect(main(page)).toContainText("Not offered yet: one answer is missing.");
  await hands.write(field("Known to stand on"), "2026-10-02");
  await page.reload();
  await expect(main(page)).toContainText("Lake path · 18 km/h");
  await expect(main(page)).toContainText("Offered to every bike.");

  await page.goto("/job/lake/intake");
  await choose("Must leave as", "Lake path");
  await expect.poll(async () => (await jobOf(page, "lake")).classChoice.rule?.assist?.value).toBe(18);

  // A second tab amends it: the bike keeps what it took, and says so.
  const other = await page.context().newPage();
  await other.goto("/tables");
  await other.getByRole("button", { name: "Speed by class" }).click();
  await other.getByRole("button", { name: "Change Lake path" }).click();
  await handsOf(other, 15).write(other.getByRole("textbox", { name: "Assist limit" }), "15 mph");
  await expect(other.getByText("Lake path · 15 mph").first()).toBeVisible();
  await expect(main(page)).toContainText("Lake path has changed since this bike took it");
  expect((await jobOf(page, "lake")).classChoice.rule?.assist).toEqual({ value: 18, unit: "kmh", strict: false });
  await page.getByRole("button", { name: "Take it as it is now" }).dblclick();
  await expect(main(page)).not.toContainText("has changed since");
  expect((await jobOf(page, "lake")).classChoice.rule?.assist).toEqual({ value: 15, unit: "mph", strict: false });

  // Taken out, and back.
  await other.getByRole("button", { name: "Take out Lake path" }).click();
  await expect(other.getByText("Lake path was taken out. Bikes that took it keep it.", { exact: true })).toBeVisible();
  await expect(page.getByRole("radio", { name: "Lake path" })).toBeChecked();
  await other.getByRole("button", { name: "Undo" }).click();
  await expect(other.getByText("Lake path · 15 mph").first()).toBeVisible();
});
