// The library, the workbench, comparing and swapping, by the real interface.
import type { Page } from "@playwright/test";
import { paste, write } from "./hands";
import { readFileSync } from "node:fs";
import { expectStored, main, openDemo, openRack } from "./support";
import { expect, test } from "./workshop";

const LEAFLET = `No | Function | Range | Default
k01 | Speed unit | 0 km/h, 1 mph | 0
k02 | Screen brightness | 1 - 5 | 3
k03 | Auto power off | 0 - 30 min | 5
k04 | Battery voltage | 36V/48V/52V | 48
k05 | Low voltage protection | 28.0 - 46.0 V | 40.0
k06 | Current limit | 6 - 25 A | 18
k07 | Wheel size | 20, 24, 26, 27.5, 28, 29 | 26
k08 | Magnets on wheel for speed sensor | 1 - 6 | 1
k09 | Speed limit | 10 - 45 km/h | 25
k10 | Number of assist levels | 3, 5, 9 | 5
k11 | Level at power on | 0 - 5 | 1
k12 | Slow start | 1 - 5 | 2
k13 | How many magnet pulses before motor start | 2 - 12 | 3
k14 | PAS disc magnet number | 6 - 24 | 12
k15 | Walk assist function | 0 off, 1 on | 1
k16 | Cruise | 0 off, 1 on | 0
k17 | Throttle start from standstill | 0 non-zero start, 1 zero start | 1
k18 | Battery display | 0 percent, 1 voltage | 0
k19 | Communication protocol | 0 - 3 | 0
k20 | Coefficient 3 | 0 - 9 | 4`;

const problems = (page: Page) => page.getByRole("region", { name: "Problems" });

test("from a pasted leaflet of 20 lines to a working, validated display with its keys", async ({ page }) => {
  await page.goto("/displays");
  await page.getByRole("button", { name: "Describe a display" }).click();
  await expect(page.getByLabel("What you call it")).toHaveValue("New display");
  await write(page.getByLabel("What you call it"), "Pedlar's find");
  await paste(page.getByLabel("The leaflet’s text"), LEAFLET);
  await expect(main(page)).toContainText("20 lines found");
  await expect(page.getByRole("listitem").filter({ hasText: "Coefficient 3" })).toContainText("not known");
  // The one guess is set right by hand.
  await page.getByLabel("What line k14 sets").selectOption({ label: "Crank pulses" });
  await page.getByRole("button", { name: "Take these lines" }).click();
  await expect(page.getByRole("button", { name: "Line k20, more" })).toBeVisible();
  await expect(main(page)).toContainText("It works. Press it and see.");
  await expect(main(page)).toContainText(/Keys to read every line: \d+ presses/);
  await expect(problems(page)).toHaveCount(0);

  // It can be chosen for a bike, and stays as it was when the library's copy changes.
  await page.goto("/");
  await page.getByRole("button", { name: /^New bike/ }).click();
  await page.getByRole("radio", { name: "Pedlar's find" }).click();
  await expectStored(page, /Pedlar's find/);
});

test("cells keep what is typed, say what they take, and the check names what is wrong at once", async ({ page }) => {
  await page.goto("/displays");
  await page.getByRole("button", { name: "Describe a display" }).click();
  await paste(
    page.getByLabel("The leaflet’s text"),
    "a1 Speed limit 10-45 km/h default 25\na2 Screen brightness 1-5 default 3",
  );
  await page.getByRole("button", { name: "Take these lines" }).click();
  const upTo = page.getByRole("textbox", { name: "Line a1, to" });
  await write(upTo, "fast");
  await expect(main(page)).toContainText("Give a number.");
  await expect(upTo).toHaveValue("fast");
  await write(upTo, "20");
  await expect(main(page)).not.toContainText("Give a number.");
  // A cap line that cannot hold a class is said so, without a bike in sight.
  await expect(page.getByRole("region", { name: "Classes its cap cannot hold" })).toContainText(
    "US class 3, model text: The line holds 20 at most",
  );
  await write(page.getByRole("combobox", { name: "What line a2 sets" }), "Nonsense");
  await expect(main(page)).toContainText("No setting of that name.");
  await write(page.getByRole("combobox", { name: "What line a2 sets" }), "Cruise");
  await page.getByRole("button", { name: "Line a2, more" }).click();
  const values = page.getByRole("textbox", { name: "Line a2, options" });
  await write(values, "0=perhaps");
  await expect(main(page)).toContainText("Means: yes or no.");
  await write(values, "0=yes, 1=no");
  // Claims: who says so, whom one believes.
  const detail = page.getByRole("region", { name: "Line a2 in full" });
  await expect(detail).toContainText("They disagree");
  await write(detail.getByLabel("Says"), "Held 25 for a minute without pedalling.");
  await detail.getByRole("button", { name: "Add" }).click();
  await detail
    .getByRole("listitem")
    .filter({ hasText: "Own trial" })
    .getByRole("button", { name: "Believe this" })
    .click();
  await expect(detail.getByRole("listitem").filter({ hasText: "Own trial" })).toContainText("believed");
  // A code used twice.
  await write(page.getByRole("textbox", { name: "Code" }).nth(1), "a1");
  await expect(problems(page)).toContainText("Two lines are called a1.");
});

test(
  "a display goes out as a file and comes back; broken files are refused " + "with the place, and nothing is stored",
  async ({ page }) => {
    await page.goto("/displays");
    await page.getByRole("button", { name: /^Skerry/ }).click();
    const download = page.waitForEvent("download");
    await page.getByRole("button", { name: "Save as a file" }).click();
    const text = readFileSync(await (await download).path(), "utf8");
    const take = (name: string, contents: string) =>
      page
        .getByLabel("Display file to import")
        .setInputFiles({ name, mimeType: "application/json", buffer: Buffer.from(contents) });
    await take("half.json", text.slice(0, 600));
    await expect(page.getByRole("alert").filter({ hasText: "not taken in" })).toBeVisible();
    await take("odd.json", text.replace('"factoryRaw": 2100', '"factoryRaw": 9'));
    await expect(page.getByRole("alert").filter({ hasText: "not taken in" })).toContainText(
      "The maker’s value 9 is not one the line can show.",
    );
    await expect(main(page)).toContainText("0 described here");
    await take("skerry.json", text);
    await expect(main(page)).toContainText("1 described here");
    // Lines as a spreadsheet, with the row and field of what does not fit.
    await page.getByRole("link", { name: "Open in the workbench" }).click();
    await page.getByRole("radio", { name: "Files" }).click();
    await page.getByLabel("Lines to import, as CSV").setInputFiles({
      name: "x.csv",
      mimeType: "text/csv",
      buffer: Buffer.from("code,setting,encoding,from,to,maker's\n7,backlight,number,1,five,3\n"),
    });
    await expect(page.getByRole("alert").filter({ hasText: "Not taken" })).toContainText(
      "Row 2, to: expected a whole number, found five",
    );
  },
);

test("clone and vary; which of these is it; two side by side", async ({ page }) => {
  await page.goto("/displays");
  await page.getByRole("button", { name: /^Tarn/ }).click();
  await page.getByRole("button", { name: "Clone and vary" }).click();
  await expect(page.getByLabel("What you call it")).toHaveValue("Tarn, varied");
  await page.getByRole("radio", { name: "Lines" }).click();
  await write(page.getByRole("textbox", { name: "Line 53, to" }), "72");
  await expect(page.getByRole("textbox", { name: "Line 53, to" })).toHaveValue("72");
  await page.goto("/displays");
  await expect(main(page)).toContainText("1 described here");
  await page.getByRole("button", { name: "Which of these is it?" }).click();
  const dialog = page.getByRole("dialog");
  for (let i = 0; i < 6 && !(await dialog.getByText(/It answers like/).isVisible()); i++) {
    // Always the last answer offered: whichever it is, it must end somewhere.
    await dialog.locator("button.text-lg").last().click();
  }
  await expect(dialog).toContainText("It answers like");
  await page.goto("/displays/compare");
  await page.getByLabel("The other").selectOption({ label: "Lathe" });
  await expect(page.getByRole("row").filter({ hasText: "Speed cap" })).toContainText("r12");
});

test("a display swapped on a bike: every value told before, carried after, undone in one action", async ({ page }) => {
  await openDemo(page, 207, "intake");
  await page.getByRole("radio", { name: "Pinfold" }).click();
  const dialog = page.getByRole("dialog");
  await expect(dialog).toContainText("The plug may fit and the pins not");
  await expect(dialog.getByRole("row").filter({ hasText: "Cut-off" })).toContainText("40.5 V");
  await expect(dialog.getByRole("row").filter({ hasText: "Auto-off" })).toContainText("lost");
  await dialog.getByRole("button", { name: /^Swap and carry over/ }).click();
  await expectStored(page, /display-swapped/);
  await expect(page.getByRole("radio", { name: "Pinfold" })).toBeChecked();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("radio", { name: "Tarn" })).toBeChecked();
});

test(
  "as found by a pasted list; values of another display are noticed; a line " + "nobody described is added on the spot",
  async ({ page }) => {
    await openDemo(page, 208, "as-found");
    await page.getByRole("radio", { name: "Pasted list" }).click();
    await paste(page.getByLabel("Line and value, one a row"), "52 = 1\n53: 99\n54=7\nsomething else\n61 2");
    await page.getByRole("button", { name: "Take 4 values" }).click();
    await expect(main(page)).toContainText("1 row not understood");
    await expect(page.getByRole("status").filter({ hasText: "could not come from a Tarn" })).toContainText(
      "lines 53, 54",
    );
    await page.getByText("A line is missing here?").click();
    await write(page.getByLabel("Its code"), "53");
    await expect(main(page)).toContainText("This line is already there.");
    await write(page.getByLabel("Its code"), "71");
    await write(page.getByLabel("What it shows", { exact: true }), "4");
    await page.getByRole("button", { name: "Add the line" }).click();
    await expect(page.getByRole("complementary", { name: "All lines" })).toContainText("71");
    // A photo of a line is made small and kept.
    await page.getByRole("radio", { name: "Line by line" }).click();
    await page.getByLabel(/^Photo of line/).setInputFiles("docs/screenshots/rack.png");
    await expect(main(page)).toContainText(/1 photo with this bike, \d+ kB in this browser/);
    await page.reload();
    await expect(main(page)).toContainText("1 photo with this bike");
  },
);

test("a job of the format before is brought up when it is imported", async ({ page }) => {
  await openRack(page);
  await page.getByLabel("Job file to import").setInputFiles("tests/fixtures/job-1.json");
  await expect(page.getByRole("dialog")).toContainText("Quarryman");
  await page.getByRole("button", { name: "Add beside it" }).click();
  await page.getByRole("link", { name: /^Program/ }).click();
  await expect(page.getByRole("region", { name: "Key card" })).toBeVisible();
});
