// A bike sent by light: its codes read off the screen by another library, pasted elsewhere, looked at, and taken in.
import jsQR from "jsqr";
import type { Page } from "@playwright/test";
import { PNG } from "pngjs";
import { paperOf, type Job } from "../../src/core/record";
import { travelSheetOf, writeTravelSheet } from "../../src/core/record/travelSheet";
import { handsOf } from "./hands";
import { jobOf, main, openDemo, openRack, stored } from "./support";
import { expect, fresh, test } from "./workshop";

/** What the code on screen holds, as a camera would see it. */
async function scanned(page: Page): Promise<string> {
  const { data, width, height } = PNG.sync.read(
    await page
      .getByRole("img", { name: /^Code \d/ })
      .first()
      .screenshot(),
  );
  return jsQR(new Uint8ClampedArray(data), width, height)?.data ?? "";
}

async function allCodes(page: Page): Promise<readonly string[]> {
  await page.getByRole("button", { name: "Hold this one" }).click();
  const shown = () =>
    main(page)
      .getByText(/^Code \d+ of \d+$/)
      .first()
      .innerText();
  const count = Number(/of (\d+)/.exec(await shown())?.[1]);
  const texts: string[] = [];
  for (let i = 0; i < count; i++) {
    texts.push(await scanned(page));
    await page.getByRole("button", { name: "Next" }).click();
  }
  return texts;
}

fresh("goes from one browser to another as it is, and is looked at first", async ({ browser }) => {
  const [here, there] = [await browser.newContext(), await browser.newContext()];
  const [one, other] = [await here.newPage(), await there.newPage()];
  await openDemo(one, 203, "hand-over");
  await one.getByRole("link", { name: "History" }).click();
  await one.getByRole("link", { name: "by light, as codes" }).click();
  await expect(one.getByRole("heading", { name: "Send Marrow by light" })).toBeVisible();
  const codes = await allCodes(one);
  expect(codes.every((text) => text.startsWith("ODDSPOKE2:"))).toBe(true);

  await openRack(other);
  await other.goto("/open");
  const field = other.getByLabel("What a scanner read");
  const hands = handsOf(other, 5);
  const pasted = [...codes].reverse();
  // A hand scanner is a keyboard: it types, letter by letter, and ends with Enter.
  await field.click();
  for (const code of pasted.slice(0, 2)) {
    await other.keyboard.type(code);
    await other.keyboard.press("Enter");
  }
  await expect(main(other)).toContainText(`2 of ${codes.length} codes read. Still wanted: 1, 2`);
  await hands.paste(field, pasted.slice(2).join("\n"));
  const panel = other.getByRole("dialog", { name: "Look before you take it in" });
  await expect(panel).toContainText("Marrow");
  await expect(panel).toContainText("3 sheets, chain holds");
  const jobs = async () => JSON.parse(await stored(other)) as readonly Job[];
  const before = new Set((await jobs()).map(({ id }) => id));
  await panel.getByRole("button", { name: "Add beside it" }).click();
  await expect.poll(async () => (await jobs()).length).toBe(before.size + 1);
  const kept = (await jobs()).find(({ id }) => !before.has(id));
  expect(kept?.sheets).toEqual((await jobOf(one, "demo-203")).sheets);
  await here.close();
  await there.close();
});

test("what is no code of ours, and a file that is nothing of ours, are said to be that", async ({ page }) => {
  await openRack(page);
  await page.goto("/open");
  await handsOf(page).paste(page.getByLabel("What a scanner read"), "https://example.test/leaflet");
  await expect(main(page)).toContainText("That is no code of Odd Spoke.");
  await page.getByRole("button", { name: "Start again" }).click();
  await expect(page.getByLabel("What a scanner read")).toHaveValue("");
  await page
    .getByLabel("File to open")
    .setInputFiles({ name: "holiday.txt", mimeType: "text/plain", buffer: Buffer.from("sun and sea") });
  await expect(main(page)).toContainText("“holiday.txt” is no job, display or book of Odd Spoke.");
});

test("the code of a workshop sheet is read for what it holds; spoilt, it is said to be", async ({ page }) => {
  await openRack(page);
  const paper = paperOf(await jobOf(page, "demo-203"));
  const sheet = paper && travelSheetOf(paper);
  if (!sheet) throw new Error("the bike has no papers");
  const text = writeTravelSheet(sheet);
  await page.goto("/open");
  const hands = handsOf(page);
  const field = page.getByLabel("What a scanner read");
  await hands.paste(field, text.slice(0, -3));
  await expect(main(page)).toContainText("the sheet’s code was not read whole");
  await page.getByRole("button", { name: "Start again" }).click();
  await hands.paste(field, text);
  const panel = page.getByRole("dialog", { name: "Marrow, visit 0203: as it was left" });
  for (const [code, shown] of sheet.lines.slice(0, 4))
    await expect(panel.getByRole("row", { name: `${code} ${shown}`, exact: true })).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(panel).toHaveCount(0);
  await expect(field).toHaveValue("");
});
