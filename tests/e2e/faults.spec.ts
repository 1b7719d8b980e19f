// The fault finder: from the rack to mended, for everything a bike may show; answers given once, kept, taken back.
import type { Page } from "@playwright/test";
import { SIGNS } from "../../src/catalog/faults/signs";
import { SIGN_WORDS } from "../../src/words/faults/signs";
import { handsOf } from "./hands";
import { main, openRack } from "./support";
import { expect, test } from "./workshop";

const title = (sign: string): string => SIGN_WORDS[sign]?.title ?? "";
const panel = (page: Page) => page.locator("main section[aria-live]");
const button = (page: Page, name: string) => panel(page).getByRole("button", { name, exact: true });

async function begin(page: Page, bike: string, sign: string): Promise<void> {
  await page.goto("/faults");
  await page.getByLabel("Which bike?").selectOption({ label: bike });
  await page.getByRole("checkbox", { name: title(sign), exact: true }).check();
  await page.getByRole("button", { name: "Find the cause" }).click();
  await expect(page.getByRole("heading", { level: 1, name: title(sign) })).toBeVisible();
}

/** Answers every check with one of two answers until the case has an end; says what stands there then. */
async function toTheEnd(page: Page, answer: "As it should be" | "Something is wrong"): Promise<string> {
  const done = page.getByRole("heading", { name: "Done so far" }).locator("..").getByRole("listitem");
  const before = await done.count();
  for (let i = before; i < before + 40; i++) {
    const choice = button(page, answer);
    const ended = button(page, "Gone");
    await expect(
      choice
        .or(ended)
        .or(panel(page).getByText(/Stop:|Cannot be told|None of the causes/))
        .first(),
    ).toBeVisible();
    if (!(await choice.isVisible())) break;
    await choice.click();
    await expect(done).toHaveCount(i + 1);
  }
  return (await panel(page).getByRole("heading", { level: 2 }).textContent()) ?? "";
}

const HALF = Math.ceil(SIGNS.length / 2);
for (const [part, signs] of [
  ["first", SIGNS.slice(0, HALF)],
  ["second", SIGNS.slice(HALF)],
] as const)
  test(`everything a bike may show has a path from the rack to mended: the ${part} half`, async ({ page }) => {
    test.setTimeout(240_000);
    await openRack(page);
    for (const { id } of signs) {
      await begin(page, "201 Gannet Hill", id);
      const end = await toTheEnd(page, "Something is wrong");
      if (end.startsWith("Stop:")) {
        // Out of use: nothing is offered but to stop.
        await expect(panel(page).getByRole("button")).toHaveCount(0);
        continue;
      }
      expect(end, id).toMatch(/^Most likely /);
      await button(page, "Gone").click();
      await expect(panel(page)).toContainText("Found and mended");
    }
  });

test("answers are kept over a reload, given once by a double click, and taken back", async ({ page }) => {
  await openRack(page);
  await begin(page, "201 Gannet Hill", "no-assist");
  const done = page.getByRole("heading", { name: "Done so far" }).locator("..").getByRole("listitem");
  await button(page, "As it should be").dblclick({ delay: 30 });
  await expect(done.first()).toBeVisible();
  const count = await done.count();
  expect(count).toBeLessThanOrEqual(2);
  const now = await panel(page).getByRole("heading", { level: 2 }).textContent();
  await page.reload();
  await expect(done).toHaveCount(count);
  await expect(panel(page).getByRole("heading", { level: 2 })).toHaveText(now ?? "");
  for (let left = count; left > 0; left--) {
    await page.getByRole("button", { name: "Take the last answer back" }).click();
    await expect(done).toHaveCount(left - 1);
  }
});

test("a check nobody can do here is not asked again, and what the shop has not is not asked for", async ({ page }) => {
  await openRack(page);
  await page.goto("/faults");
  await page.getByRole("checkbox", { name: "a meter" }).uncheck();
  await begin(page, "201 Gannet Hill", "dies-at-half");
  for (let i = 0; i < 12 && (await button(page, "As it should be").isVisible()); i++) {
    await expect(panel(page)).not.toContainText("Meter the pack");
    const asked = await panel(page).getByRole("heading", { level: 2 }).textContent();
    await button(page, i % 2 === 0 ? "Cannot do it here" : "As it should be").click();
    await expect(panel(page).getByRole("heading", { level: 2 })).not.toHaveText(asked ?? "");
  }
});

test("what was found counts in this shop's odds, until they are counted anew", async ({ page }) => {
  await openRack(page);
  const odds = () => page.getByRole("listitem").filter({ hasText: "the throttle itself" }).first();
  await begin(page, "One that is not on the rack", "code-throttle");
  await expect(odds()).toContainText(/4\d in 100/);
  await toTheEnd(page, "Something is wrong");
  const named = await panel(page).getByRole("heading", { level: 2 }).textContent();
  await button(page, "Gone").click();
  await expect(panel(page)).toContainText("It counts in this shop’s odds.");
  await begin(page, "One that is not on the rack", "code-throttle");
  const itself = named?.includes("the throttle itself") === true;
  await expect(odds()).toContainText(itself ? /(?:4[7-9]|5\d) in 100/ : /4[0-3] in 100/);
  await page.goto("/faults");
  await page.getByRole("button", { name: "Count anew from now" }).click();
  await begin(page, "One that is not on the rack", "code-throttle");
  await expect(odds()).toContainText(/4[4-6] in 100/);
});

test("a display's own code leads to what it stands for, and a complaint at the intake leads here", async ({ page }) => {
  await openRack(page);
  await page.goto("/job/demo-201/intake");
  await page.getByRole("link", { name: "Find what is behind it" }).click();
  await expect(page).toHaveURL(/\/faults\?job=demo-201/);
  await expect(page.getByLabel("Which bike?")).toHaveValue("demo-201");
  await page.getByLabel("In a few words").pressSequentially("can't set anything", { delay: 20 });
  await expect(page.getByRole("checkbox", { name: title("stuck") })).toBeVisible();
  await expect(page.getByRole("checkbox", { name: title("gauge-wrong") })).toHaveCount(0);
  await expect(main(page)).toContainText("Choose what it shows first.");
});

test("what the rider says leads to what the bike shows, and from there to mended", async ({ page }) => {
  test.setTimeout(90_000);
  await openRack(page);
  for (const [said, sign] of [
    ["dies at half a gauge", "dies-at-half"],
    ["no bars on a full pack", "no-bars-on-full"],
    ["stuck, can't set anything", "stuck"],
    ["wants it faster", "will-not-pass"],
  ] as const) {
    await page.goto("/job/demo-204/intake");
    await handsOf(page).write(page.getByLabel("What the rider says"), said);
    await page.keyboard.press("Tab");
    await page.getByRole("link", { name: "Find what is behind it" }).click();
    const likely = page.getByRole("group", { name: `The rider says “${said}”. It may be:` });
    await likely.getByRole("checkbox", { name: title(sign) }).check();
    await page.getByRole("button", { name: "Find the cause" }).click();
    await expect(page).toHaveURL(/\/faults\/.+/);
    expect(await toTheEnd(page, "Something is wrong"), said).toMatch(/^Most likely /);
    await button(page, "Gone").click();
    await expect(panel(page)).toContainText("Found and mended");
  }
});

test("a failed check leads to what is behind it, and the owner gets one line in their own display's keys", async ({
  page,
}) => {
  await openRack(page);
  await page.goto("/job/demo-205/prove");
  const check = page.getByRole("listitem").filter({ hasText: "Pull each lever" });
  await check.getByText("Not so").click();
  await check.getByRole("link", { name: "Find what is behind it" }).click();
  await expect(page.getByRole("checkbox", { name: title("brake-does-not-cut") })).toBeChecked();
  await page.getByRole("button", { name: "Find the cause" }).click();
  await expect(panel(page)).toContainText("Pull each lever slowly");
  await expect(page.getByRole("link", { name: /205 Fernery/ })).toBeVisible();

  await begin(page, "205 Fernery", "dies-at-half");
  const heading = panel(page).getByRole("heading", { level: 2 });
  for (let i = 0; i < 6 && !((await heading.textContent()) ?? "").startsWith("Read "); i++) {
    const asked = (await heading.textContent()) ?? "";
    await button(page, "As it should be").click();
    await expect(heading).not.toHaveText(asked);
  }
  await panel(page)
    .getByText(/For an owner far away/)
    .first()
    .click();
  await expect(panel(page)).toContainText("Change nothing.");
  await expect(panel(page).getByRole("listitem").first()).toBeVisible();
  await page.context().grantPermissions(["clipboard-read", "clipboard-write"]);
  await panel(page).getByRole("button", { name: "Copy as text to send" }).first().click();
  const text = await page.evaluate(() => navigator.clipboard.readText());
  expect(text).toMatch(/^Please look at line \S+ of your display\. Change nothing\.\n/);
  expect(text).toMatch(/\n1\. /);
});
