// Files: a job goes out and comes back; bad files are refused with the reason, and nothing stored changes.
import { JOB_VERSION } from "@/core/record/format";
import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import { main, openDemo, openRack, stored } from "./support";
import { expect, test } from "./workshop";

const give = (page: Page, name: string, text: string) =>
  page
    .getByLabel("Job file to import")
    .setInputFiles({ name, mimeType: "application/json", buffer: Buffer.from(text) });

async function exported(page: Page): Promise<string> {
  await openDemo(page, 203, "hand-over");
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save the job as a file" }).click();
  return readFileSync(await (await download).path(), "utf8");
}

test("a job exported is the job imported: looked at first, added beside, undone", async ({ page }) => {
  const text = await exported(page);
  await page.goto("/");
  const before = (JSON.parse(await stored(page)) as unknown[]).length;
  await give(page, "marrow.json", text);
  const panel = page.getByRole("dialog", { name: "Look before you take it in" });
  await expect(panel).toContainText("Marrow");
  await expect(panel).toContainText("3 sheets, chain holds");
  await expect(panel).toContainText("already on the rack");
  expect((JSON.parse(await stored(page)) as unknown[]).length).toBe(before);
  await panel.getByRole("button", { name: "Add beside it" }).click();
  await expect(page).toHaveURL(/hand-over/);
  await expect(main(page)).toContainText("Every seal holds");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect.poll(async () => (JSON.parse(await stored(page)) as unknown[]).length).toBe(before);
});

test("malformed, truncated, oversized, older, newer, foreign and tampered files are refused with the reason", async ({
  page,
}) => {
  const text = await exported(page);
  await openRack(page);
  const before = await stored(page);
  const job = JSON.parse(text) as { version: number; sheets: { lines: { raw: number }[] }[]; number: unknown };
  const cases: readonly (readonly [string, string, RegExp])[] = [
    ["words.json", "not a file at all", /not a JSON file/],
    ["cut.json", text.slice(0, text.length / 2), /cut short/],
    ["large.json", `{"format":"odd-spoke/job","x":"${"x".repeat(32_100_000)}"}`, /32 MB at most/],
    ["old.json", JSON.stringify({ ...job, version: 0 }), /format 0, older than 1/],
    [
      "new.json",
      JSON.stringify({ ...job, version: JOB_VERSION + 1 }),
      new RegExp(`format ${JOB_VERSION + 1}; this version reads format ${JOB_VERSION}`),
    ],
    ["other.json", JSON.stringify({ format: "somebody/else" }), /another kind \(somebody\/else\)/],
    ["field.json", JSON.stringify({ ...job, number: "twelve" }), /At number: .*"twelve"/],
    [
      "tampered.json",
      JSON.stringify({
        ...job,
        sheets: job.sheets.map((sheet, i) =>
          i === 1
            ? { ...sheet, lines: sheet.lines.map((line, k) => (k === 0 ? { ...line, raw: line.raw + 1 } : line)) }
            : sheet,
        ),
      }),
      /Sheet 2 does not match its seal/,
    ],
  ];
  for (const [name, contents, reason] of cases) {
    await give(page, name, contents);
    const panel = page.getByRole("dialog", { name: "This file was not taken in" });
    await expect(panel, name).toContainText(reason);
    await expect(panel).toContainText("Nothing on this machine was changed.");
    await page.keyboard.press("Escape");
    await expect(panel).toBeHidden();
  }
  expect(await stored(page)).toBe(before);
});

test("demo bikes can be taken off and brought back", async ({ page }) => {
  await openRack(page);
  await page.getByRole("button", { name: "Take the demo bikes off" }).click();
  await expect(main(page)).toContainText("The stand is empty.");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("link", { name: "Snowplough" })).toBeVisible();
});
