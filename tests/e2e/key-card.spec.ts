// The key card when things go wrong: a wrong key, something else shown, a menu that closes by itself, a near miss.
import type { Page } from "@playwright/test";
import { expectStored, jobOf, openDemo, pass, pressNextStroke, programOnBike, rehearse, sayDone } from "./support";
import { clocked as test, expect } from "./workshop";

const card = (page: Page) => page.getByRole("region", { name: "Key card" });
const simulated = (page: Page) => page.getByRole("group", { name: /^Simulated Tarn:/ });

async function start(page: Page, keysOn: "bike" | "simulated"): Promise<void> {
  await openDemo(page, 207, "program");
  await page.getByRole("button", { name: keysOn === "bike" ? "Start the keys on the bike" : "Rehearse first" }).click();
  await expect(card(page)).toContainText("Open the menu");
  if (keysOn === "simulated") await expect(card(page)).toContainText("Press the keys of the simulated display.");
}

test("Space walks the whole card to the end, the simulated display following", async ({ page }) => {
  await start(page, "bike");
  await expect(card(page)).toContainText("Plus alone for 1.5 s starts walk assist");
  await sayDone(page);
  await expect(simulated(page)).toHaveAccessibleName("Simulated Tarn: line 31 shows 2");
  await programOnBike(page);
});

test("a wrong key recovers in one action: one tap on what it shows", async ({ page }) => {
  await start(page, "bike");
  await sayDone(page);
  await expect(card(page)).toContainText("Start strength");
  await card(page).getByRole("button", { name: "34 · 1", exact: true }).click();
  await expect(card(page)).toContainText("That was off the plan. These are the keys from where it is now.");
  await expect(simulated(page)).toHaveAccessibleName("Simulated Tarn: line 34 shows 1");
  await expect(card(page).locator("[data-run]").first()).toContainText("1 tap");
  await expect(card(page).getByRole("button", { name: /Done, it shows 2/ })).toBeVisible();
});

test("a wrong key on the simulated display needs no action at all: the card is already right", async ({ page }) => {
  await start(page, "simulated");
  await pressNextStroke(page);
  await page.keyboard.press("u", { delay: 20 });
  await expect(simulated(page)).toHaveAccessibleName("Simulated Tarn: line 31 shows 0");
  await expect(card(page)).toContainText("That was off the plan.");
  await expect(card(page)).toContainText("Throttle");
  await rehearse(page);
});

test("any line and value can be said, and the plan goes on from there", async ({ page }) => {
  await start(page, "bike");
  await sayDone(page);
  await page.keyboard.press("e");
  const panel = page.getByRole("dialog", { name: "What does it show?" });
  await panel.getByLabel("Or line").selectOption({ label: "62 Level at power-on" });
  await panel.getByRole("button", { name: "9", exact: true }).click();
  await expect(simulated(page)).toHaveAccessibleName("Simulated Tarn: line 62 shows 9");
  await expect(card(page)).toContainText("Level at power-on");
  await programOnBike(page);
});

test("a menu that closes in the middle is shown, with what was thrown away, and the card goes on", async ({ page }) => {
  await start(page, "simulated");
  await pressNextStroke(page);
  await pressNextStroke(page); // to line 34
  await pressNextStroke(page); // 34 set
  await expect(card(page)).toContainText("closing throws away 34");
  await pass(page, 8_000);
  await expect(card(page)).toContainText("The menu closed by itself. Thrown away: 34.");
  await expect(card(page)).toContainText("Open the menu");
  await rehearse(page);
  // Nothing of a rehearsal stands in the record of the bike but that it was one.
  const { events, program } = await jobOf(page, "demo-207");
  expect(events.map(({ kind }) => kind)).toEqual(["created", "rehearsed"]);
  expect(program).toBeNull();
});

test("on the bike, time running out is told and one tap goes on from a closed menu", async ({ page }) => {
  await start(page, "bike");
  await sayDone(page);
  await sayDone(page);
  await pass(page, 8_000);
  await expect(card(page)).toContainText("The menu has closed by now");
  await card(page).getByRole("button", { name: "It closed" }).click();
  await expect(card(page)).toContainText("Thrown away: 34");
  await expect(card(page)).toContainText("Open the menu");
  await expectStored(page, /"kind":"menu-closed","detail":"34"/);
});

test("the near miss: Plus held alone starts walk assist, and letting go stops it", async ({ page }) => {
  await start(page, "simulated");
  await page.keyboard.down("u");
  await expect(simulated(page)).toHaveAccessibleName(/walk assist: the motor runs/, { timeout: 5_000 });
  await page.keyboard.up("u");
  await expect(simulated(page)).toHaveAccessibleName(/home screen/);
  await expect(card(page)).toContainText("Open the menu");
});

test("keys work by mouse too, held and together", async ({ page }) => {
  await start(page, "simulated");
  const chord = page.getByRole("button", { name: "Lamp + Plus together on the simulated display" });
  await chord.hover();
  await page.mouse.down();
  await expect(simulated(page)).toHaveAccessibleName(/line 31 shows 2/, { timeout: 5_000 });
  await page.mouse.up();
  await page.getByRole("button", { name: "Ring key of the simulated display" }).click();
  await expect(simulated(page)).toHaveAccessibleName(/line 32/);
});
