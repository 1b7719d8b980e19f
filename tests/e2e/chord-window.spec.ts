// A chord that opens the menu only soon after power-on: counted down on the key card, with what it does when late.
import { FARROW } from "./hardDisplays";
import { atTheKeys, putOnRack } from "./standJobs";
import { main, openRack, pass, sayDone } from "./support";
import { clocked as test, expect } from "./workshop";

const JOB = atTheKeys(FARROW, "window-1", 881, "2310");

test("the window is counted down, is over when it is over, and the card leads off and on again", async ({ page }) => {
  await openRack(page);
  await putOnRack(page, JOB);
  await page.goto("/job/window-1/program");
  await page.getByRole("button", { name: "Start the keys on the bike" }).click();
  const card = page.getByRole("region", { name: "Key card" });
  const clock = card.getByRole("timer");
  // Off, on, and then the chord: the countdown runs from when it was said to be on.
  for (let i = 0; i < 4 && !(await clock.isVisible()); i++) {
    await expect(card).toBeVisible();
    await sayDone(page);
    await page.waitForTimeout(300);
  }
  await expect(clock).toContainText(/Press the chord within [78] s/);
  await expect(main(page)).toContainText(
    "Within 8 s of power-on, no later: at the wrong time the same chord puts the maker’s values back",
  );
  await pass(page, 3000);
  await expect(clock).toContainText(/Press the chord within [45] s/);
  await pass(page, 6000);
  await expect(clock).toContainText("Too late now. Keep off the chord.");
  await page.getByRole("button", { name: "Not pressed in time: off and on again" }).click();
  await expect(clock).toBeHidden();
  await expect(card).toContainText(/off/i);
  for (let i = 0; i < 4 && !(await clock.isVisible()); i++) {
    await sayDone(page);
    await page.waitForTimeout(300);
  }
  await expect(clock).toContainText("Press the chord within");
  // A reload forgets when it was switched on: then it is not known, and said so.
  await page.reload();
  await expect(clock).toContainText("Only within 8 s of power-on");
  await expect(page.getByRole("button", { name: "Not pressed in time: off and on again" })).toBeVisible();
});
