// A display described by walking its menu, by the real interface: a technician holds a display nobody has described.
import type { Page } from "@playwright/test";
import { foundOn, startWalk } from "../../src/core/display/walk/walk";
import type { Answer, Question } from "../../src/core/display/walk/questions";
import { Technician } from "../../src/core/display/walk/testingTechnician";
import { smallProfile } from "../../src/core/keys/testing";
import { WHAT_WORDS } from "../../src/words/walk";
import { seeded } from "../../src/core/units/seeded";
import { handsOf, write } from "./hands";
import { jobOf, main, openDemo } from "./support";
import { expect, test } from "./workshop";

/** Tells the product what the technician sees, as a person does: by choosing, and by typing with real keys. */
async function tellIt(page: Page, question: Question, answer: Answer): Promise<void> {
  // Nobody answers in a quarter of a second: that would be the second press of a double click.
  await page.waitForTimeout(270);
  const next = () => main(page).getByRole("button", { name: "Next question" }).click();
  const type = async (label: string, text: string) => {
    const field = main(page).getByRole("textbox", { name: label, exact: true });
    await field.click();
    await page.keyboard.press("Control+a");
    await page.keyboard.type(text);
  };
  if (question.ask === "until" || question.ask === "battery" || question.ask === "wait")
    return main(page).getByRole("button", { name: "Done, next" }).click();
  if (answer.is === "entry") return main(page).getByRole("button", { name: "a way out" }).click();
  if (answer.is === "ran") {
    await type("Last value", answer.last);
    if (answer.then !== null) await type("Then it showed", answer.then);
    return next();
  }
  if (answer.is === "values") {
    await type("Values", answer.values.join(", "));
    if (answer.then === "stops") await page.getByText("it stops", { exact: true }).click();
    return next();
  }
  if (answer.is === "closed") {
    await type("Until it closed", String(answer.afterMs / 1000));
    return next();
  }
  if (answer.is !== "seen") throw new Error(answer.is);
  const { seen } = answer;
  const other = main(page).getByRole("button", { name: "It shows something else" });
  const choice = main(page).getByRole("radiogroup", { name: "What does it show now?" });
  await expect(other.or(choice).first()).toBeVisible();
  if (await other.isVisible()) await other.click();
  await choice.getByText(WHAT_WORDS[seen.kind], { exact: true }).click();
  if (seen.kind === "line") {
    await type("Line", seen.code);
    await type("Value", seen.shows);
    if (seen.blinks) await main(page).getByLabel("it blinks").check();
  }
  if (seen.kind === "entry") await type("Word", seen.code);
  if (question.ask === "press" && question.press.kind === "hold")
    await type("Held until it changed", String((answer.afterMs ?? 0) / 1000 || 4));
  return next();
}

const KEYS = "A, B, C, D, E, F";
const SETUP = {
  keys: ["a", "b", "c", "d", "e", "f"].map((id) => ({ id, name: id.toUpperCase(), isKey: true })),
  power: "c",
};

async function beginWalk(page: Page): Promise<void> {
  await page.goto("/displays");
  await describeByWalking(page);
}

async function describeByWalking(page: Page): Promise<void> {
  await page.getByRole("button", { name: "Describe a display" }).click();
  await page.getByText("Walk it", { exact: true }).click();
  await write(page.getByRole("textbox", { name: "Its keys, as you call them" }), KEYS);
  const power = main(page).getByRole("radiogroup", { name: "Which one switches it on?" });
  await power.getByText("C", { exact: true }).click();
  await page.getByRole("button", { name: "Begin the walk" }).click();
}

const questionIs = (page: Page, n: number) =>
  expect(main(page).getByRole("heading", { name: `Question ${n}`, exact: true })).toBeVisible();

test("a menu is walked to its end, works as it was walked, and what it was found at goes with the bike", async ({
  page,
}) => {
  test.setTimeout(240_000);
  const technician = new Technician(smallProfile(seeded(6)));
  await openDemo(page, 210, "intake");
  await page.getByRole("link", { name: "Describe it under Displays" }).click();
  await describeByWalking(page);
  await write(page.getByLabel("What you call it"), "Ditch find");
  const walk = startWalk(SETUP);
  let question = walk.next();
  for (let n = 1; question; n++) {
    await questionIs(page, n);
    // Left and taken up where it stood.
    if (n === 30) {
      await page.reload();
      await questionIs(page, n);
    }
    const answer = technician.answer(question);
    await tellIt(page, question, answer);
    question = walk.next(answer);
  }
  await expect(main(page)).toContainText("The walk is at its end.");
  await page.getByRole("button", { name: "Take this description" }).click();
  await expect(main(page)).toContainText("It works. Press it and see.");
  await expect(page.getByRole("button", { name: "Line a0, more" })).toBeVisible();
  // Nobody has stated a maker's value, and none is made up.
  await expect(page.getByRole("textbox", { name: /^Line a0, maker/ })).toHaveValue("");
  // What every line was first seen at is written down for the bike that waits, and stays when the display is put on it.
  const found = foundOn(walk.model);
  await expect.poll(async () => (await jobOf(page, "demo-210")).asFound.shown).toEqual(found);
  await page.getByRole("link", { name: "Put Ditch find on Tin Plover" }).click();
  await expect(page).toHaveURL(/demo-210\/intake$/);
  await expect.poll(async () => (await jobOf(page, "demo-210")).profile?.name).toBe("Ditch find");
  await page.goto("/job/demo-210/as-found");
  const lines = main(page).getByRole("complementary", { name: "All lines" });
  for (const [code, shows] of Object.entries(found))
    await expect(lines.getByRole("button", { name: new RegExp(`^${code}\\b.*${shows}$`) })).toBeVisible();
});

test("a slip is taken back, a double click answers once, a second window does not answer again", async ({
  page,
  context,
}) => {
  await (await context.newCDPSession(page)).send("Emulation.setCPUThrottlingRate", { rate: 4 });
  await beginWalk(page);
  await questionIs(page, 1);
  const choice = main(page).getByRole("radiogroup", { name: "What does it show now?" });
  const next = main(page).getByRole("button", { name: "Next question" });
  // What is missing is named, and nothing goes on.
  await page.waitForTimeout(400);
  await next.click();
  await expect(main(page)).toContainText("Say what it shows.");
  await choice.getByText("dark", { exact: true }).click();
  await next.click();
  await expect(main(page)).toContainText("Type how many seconds");
  await write(main(page).getByRole("textbox", { name: "Held until it changed" }), "2,2");
  const other = await context.newPage();
  await other.goto(page.url());
  await other.getByText("Walk it", { exact: true }).click();
  await questionIs(other, 1);
  await handsOf(page).doubleClick(next);
  await questionIs(page, 2);
  // The other window follows, and stands at the same question.
  await questionIs(other, 2);
  await page.getByRole("button", { name: "Take back the last answer" }).click();
  await questionIs(page, 1);
  await questionIs(other, 1);
});
