// A trial of a line with real keys: its runs one by one, a wrong key, a reload, a double click, and what is learnt.
import { write } from "./hands";
import { openRack } from "./support";
import { expect, test } from "./workshop";

test("two values of a line, four runs each, and what they say is kept in the description", async ({ page }) => {
  await openRack(page);
  await page.goto("/job/demo-205/prove");
  await page.getByRole("button", { name: "Does a line do anything?" }).click();
  await page.getByText("Try a line").click();
  const form = page.locator("details").filter({ hasText: "Try a line" });
  const line = form.getByLabel("Line", { exact: true });
  // The plan has this line at 2: after a trial of 1 against 3 it is never what it is to be, whatever order was drawn.
  await line.selectOption({ label: "34 Start strength" });
  const [a, b] = [form.getByLabel("Value A"), form.getByLabel("Value B")];
  await a.selectOption({ label: "1" });
  await expect(form.getByRole("button", { name: "Begin the trial" })).toBeDisabled();
  await b.selectOption({ label: "3" });
  await form.getByLabel("What is measured").selectOption({ label: "push at the start, as felt, 1 to 10" });
  await form.getByRole("button", { name: "Begin the trial" }).click();

  const card = page.getByRole("article", { name: /^Trial of line/ });
  const field = card.getByLabel(/^Measured:/);
  await expect(card).toContainText("Run 1 of 8");
  // A wrong key is said, and loses nothing.
  await field.pressSequentially("fast", { delay: 30 });
  await card.getByRole("button", { name: "Keep this run" }).click();
  await expect(card.getByRole("alert")).toContainText("Give a number");
  await expect(field).toHaveValue("fast");
  await expect(card).toContainText("Run 1 of 8");
  await expect(card.getByRole("heading")).toHaveText("Line 34: 1 against 3, push at the start, as felt");
  let last = "";
  for (let run = 1; run <= 8; run++) {
    await expect(card).toContainText(`Run ${run} of 8`);
    const told = (await card.textContent()) ?? "";
    const now = /(?:to|holds) (\S+?)[.,]/.exec(told.slice(told.indexOf("Run ")))?.[1] ?? "";
    expect(["1", "3"]).toContain(now);
    last = now;
    await write(field, now === "1" ? `2.${run}` : `7.${run}`);
    if (run === 3) await card.getByRole("button", { name: "Keep this run" }).dblclick({ delay: 30 });
    else await page.keyboard.press("Enter");
    if (run === 4) {
      await expect(card).toContainText("Run 5 of 8");
      await page.reload();
    }
  }
  await expect(card).toContainText(/It does something\./);
  await card.getByRole("button", { name: "Keep it in the display’s description" }).click();
  await expect(card).toContainText("Kept in the description of this display.");
  await expect(page.getByText(/has learnt it/).first()).toBeVisible();
  // What the last run left in the display is said, with the way back.
  await expect(card).toContainText(`Line 34 still holds ${last}, from the last run.`);
  await expect(card).toContainText("Set line 34 to 2, save");
  // The last run taken back, the verdict waits again.
  await card.getByRole("button", { name: "Take the last run back" }).click();
  await expect(card).toContainText("Run 8 of 8");
});
