// The numbers of a bike in the real interface: benches, a recorded ride, the what-if and the tables.
import { writeFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import { write } from "./hands";
import { CLEAN, gpxText, makeRide } from "../../src/core/wheel/testingTrack";
import { expectStored, main, openRack } from "./support";
import { expect, test } from "./workshop";

async function openBench(page: Page, job: string, bench: string): Promise<void> {
  await openRack(page);
  await page.goto(`/job/${job}/numbers`);
  await page.getByRole("navigation", { name: "Benches" }).getByRole("button", { name: bench }).click();
}

/**
 * From now on nothing that is asked of a worker reaches it. What still happens, the page does itself; what waits is the
 * worker's.
 */
const muteWorkers = (page: Page) => page.evaluate(() => void (Worker.prototype.postMessage = () => undefined));

/** The row of a table by its first cell. */
const row = (page: Page, table: string, head: string | RegExp) =>
  page
    .getByRole("table", { name: table })
    .getByRole("row")
    .filter({ has: page.getByRole("rowheader", { name: head }) });

test("the wheel bench knows that a fat tyre set as 26 makes the cap a lie, and opens the working", async ({ page }) => {
  await openBench(page, "demo-207", "Wheel");
  await expect(main(page)).toContainText("−10.2 %");
  await expect(row(page, "Lines that fit", "As it stands")).toContainText("27.8 km/h");
  await expect(row(page, "Lines that fit", "Best wheel line")).toContainText("51: 29");
  await expect(row(page, "Lines that fit", "Best wheel line")).toContainText("24.96 km/h");
  await page.getByRole("button", { name: "Best wheel line" }).click();
  await expect(page.getByRole("table", { name: "Lines that fit" })).toContainText("2314.1 ÷ 2310 = 1.0018");
  await page.locator("summary", { hasText: "Rollout: 2310 mm" }).click();
  await expect(main(page)).toContainText("4620 mm ÷ 2 = 2310 mm");
  await expect(row(page, "Held against what it could be", "Magnets on the spokes")).toContainText("possible");
});

test("a sidewall as typed becomes a tyre, or says what it lacks", async ({ page }) => {
  await openBench(page, "demo-210", "Wheel");
  const field = page.getByLabel("What the sidewall says");
  await write(field, "26");
  await expect(main(page)).toContainText("The width is missing");
  await write(field, "puncture proof");
  await expect(main(page)).toContainText("No tyre size in this");
  await write(field, "26 x 1 3/8");
  await page.getByRole("button", { name: "35-597" }).click();
  await expectStored(page, /"tyre":"35-597"/);
  await expect(main(page)).toContainText("from the sidewall");
});

test("runs are kept cell by cell, give r with its interval, and a jumping sensor is told", async ({ page }) => {
  await openBench(page, "demo-205", "Speedometer");
  await expect(main(page)).toContainText("Give three steady runs");
  const runs = [
    ["12", "11.5"],
    ["16", "15.3"],
    ["20", "19.1"],
    ["24", "22.9"],
    ["28", "26.8"],
  ];
  for (const [i, [real = "", shown = ""]] of runs.entries()) {
    await write(page.getByLabel(`Run ${i + 1}, true`), real);
    await write(page.getByLabel(`Run ${i + 1}, shown`), shown);
  }
  await expect(page.getByText("0.956", { exact: true }).first()).toBeVisible();
  await expect(main(page)).toContainText("no more needed");
  await write(page.getByLabel("Run 3, shown"), "fast");
  await expect(main(page)).toContainText("give two speeds, true then shown");
  await page.reload();
  await expect(page.getByLabel("Run 3, shown")).toHaveValue("fast");
  await expect(page.getByLabel("Run 5, shown")).toHaveValue("26.8");
  await write(page.getByLabel("Run 3, shown"), "15");
  await write(page.getByLabel("Run 5, shown"), "21");
  await expect(main(page)).toContainText("One factor does not explain this");
  await expect(main(page)).toContainText("Look at the magnet");
});

test(
  "a recorded ride dropped in is measured within half a per cent; a file that is none says why and changes " +
    "nothing",
  async ({ page }, info) => {
    const { fixes, trueM } = makeRide({ ...CLEAN, seconds: 1800, whiteM: 1.5, driftM: 2, stopEveryS: 600, seed: 5 });
    const good = info.outputPath("ride.gpx");
    const bad = info.outputPath("torn.gpx");
    writeFileSync(good, gpxText(fixes));
    writeFileSync(bad, gpxText(fixes).slice(0, 5000));
    await openBench(page, "demo-207", "Speedometer");
    await page.getByLabel("GPX file").setInputFiles(bad);
    await expect(main(page)).toContainText("This is not a whole GPX file");
    await expect(page.getByLabel("Length of the track")).toHaveValue("");
    await page.getByLabel("GPX file").setInputFiles(good);
    await expect(main(page)).toContainText("Length of ride.gpx");
    await expect(main(page)).toContainText("3 stops");
    await expect(page.getByLabel("Length of the track")).not.toHaveValue("");
    const km = Number(await page.getByLabel("Length of the track").inputValue());
    expect(Math.abs((km * 1000) / trueM - 1)).toBeLessThan(0.005);
    await write(page.getByLabel("Trip on the display"), String((km * 0.9).toFixed(1)));
    await expect(main(page)).toContainText("By the trip");
  },
);

test("a recorded ride that is brought in goes to the bike it was ridden on, and is read there", async ({
  page,
}, info) => {
  const file = info.outputPath("evening.gpx");
  writeFileSync(file, gpxText(makeRide({ ...CLEAN, seconds: 900, whiteM: 1.5, seed: 7 }).fixes));
  await openRack(page);
  await page.goto("/open");
  await page.getByLabel("File to open").setInputFiles(file);
  await expect(main(page)).toContainText("“evening.gpx” is a recorded ride.");
  await page.getByRole("button", { name: /Snowplough/ }).click();
  await expect(main(page)).toContainText("Length of evening.gpx");
  await expect(page.getByLabel("Length of the track")).not.toHaveValue("");
  // It was handed over once: opened anew, the bench waits for another.
  await page.getByRole("link", { name: /^Plan/ }).click();
  await expect(page.getByRole("heading", { name: "Plan", exact: true })).toBeVisible();
  await page.getByRole("link", { name: /^Numbers/ }).click();
  await expect(page.getByLabel("GPX file")).toBeVisible();
  await expect(main(page)).not.toContainText("Length of evening.gpx");
});

test("ten hours of a ride are read in a worker: the page does nothing of it, and all else goes on meanwhile", async ({
  page,
}, info) => {
  const file = info.outputPath("long.gpx");
  writeFileSync(file, gpxText(makeRide({ ...CLEAN, seconds: 36_000, whiteM: 1.5, seed: 6 }).fixes));
  await openBench(page, "demo-205", "Speedometer");
  await muteWorkers(page);
  await page.getByLabel("GPX file").setInputFiles(file);
  const progress = page.getByRole("progressbar", { name: "Reading long.gpx" });
  await expect(progress).toHaveAttribute("value", "0");
  await write(page.getByLabel("Trip on the display", { exact: true }), "123.4");
  await expectStored(page, /"tripShown":"123.4/);
  await expect(progress).toHaveAttribute("value", "0");
  await expect(main(page)).not.toContainText("Length of long.gpx");

  // With a worker that answers it comes to its end, telling how far it is.
  await page.reload();
  await page.getByLabel("GPX file").setInputFiles(file);
  await expect.poll(() => progress.getAttribute("value").then(Number), { intervals: [20] }).toBeGreaterThan(0.3);
  await expect(main(page)).toContainText("Length of long.gpx");
});

test("the ride is swept in a worker: every level and grade, with nothing else held up", async ({ page }) => {
  await openBench(page, "demo-206", "Ride");
  await expect(row(page, "Every level on the flat", "3")).toContainText("km/h");
  await page.getByRole("radiogroup", { name: "Level on every grade" }).getByText("2", { exact: true }).click();
  await expect(page.getByRole("table", { name: "Level 2 on every grade" }).getByRole("row")).toHaveCount(14);
  const flat = row(page, "Every level on the flat", "3");
  const rider = page.getByLabel("Rider", { exact: true });
  const before = await flat.innerText();
  await write(rider, "120");
  await expect.poll(() => flat.innerText()).not.toBe(before);

  // A worker that hears nothing: the page works none of it out itself, keeps the last answer, and takes what is typed.
  const swept = await flat.innerText();
  await muteWorkers(page);
  await write(rider, "70");
  await expectStored(page, /"riderKg":"70"/);
  await write(rider, "95");
  await expectStored(page, /"riderKg":"95"/);
  expect(await flat.innerText()).toBe(swept);
  await page.reload();
  await expect(flat).toContainText("km/h");
  expect(await flat.innerText()).not.toBe(swept);
  await page.getByRole("button", { name: "3", exact: true }).first().click();
  await expect(page.getByRole("table", { name: "Every level on the flat" })).toContainText(
    "Road load: Martin et al. 1998",
  );
});

test("what is missing is said, and no figure is shown in its place", async ({ page }) => {
  await openBench(page, "demo-210", "Ride");
  await expect(main(page)).toContainText("Still to say");
  await expect(page.getByRole("table")).toHaveCount(0);
  await page.getByRole("navigation", { name: "Benches" }).getByRole("button", { name: "Current" }).click();
  await expect(main(page)).toContainText("Give the controller’s amps");
  await expect(main(page)).not.toContainText(/NaN|undefined|Infinity/);
  await page.getByRole("navigation", { name: "Benches" }).getByRole("button", { name: "Battery" }).click();
  await expect(main(page)).not.toContainText(/NaN|undefined|Infinity/);
});

test("battery: a bad figure names what would be accepted, and the rest still stands", async ({ page }) => {
  await openBench(page, "demo-204", "Battery");
  await expect(main(page)).toContainText("Cut-off to set");
  await write(page.getByLabel("Charger’s label"), "fifty");
  await expect(main(page)).toContainText("Give a number from 12 to 130 V.");
  await expect(main(page)).toContainText("40.5 V");
  await write(page.getByLabel("Bars on the gauge"), "6");
  await expect(page.getByRole("table", { name: "Volts for 6 bars" }).getByRole("row")).toHaveCount(7);
});

test("current: the weakest part sets the plan's line, and the reason shows the working", async ({ page }) => {
  await openBench(page, "demo-207", "Current");
  await expect(main(page)).toContainText("11.7 A");
  // What a motor bears is from memory: told beside the ratings, and no line is moved for it.
  await expect(row(page, "What each part bears", "Motor")).toContainText("from memory: moves no line");
  await expect(main(page)).not.toContainText("The plan lowers it.");
  await write(page.getByLabel("Motor bears its rating times"), "3");
  await expect(row(page, "What each part bears", "Motor")).toContainText("20 A");
  await write(page.getByLabel("Connector bears"), "10");
  await expect(row(page, "What each part bears", "Connector")).toContainText("sets the limit");
  await write(page.getByLabel("Controller", { exact: true }), "fifteen");
  await expect(main(page)).toContainText("Give a number from 1 to 200 A.");
  await write(page.getByLabel("Controller", { exact: true }), "15");
  await expectStored(page, /"controllerA":"15"/);
  await page.getByRole("link", { name: /^Plan/ }).click();
  await page.getByRole("button", { name: "Line 41, Current limit" }).click();
  const because = page.getByRole("region", { name: "Because: line 41" });
  await expect(because).toContainText("The connector sets it: 10 A.");
  await expect(because).toContainText("15 A is more than the 10 A the connector bears");
  await page.getByRole("link", { name: /^Intake/ }).click();
  await expect(page.getByLabel("Controller", { exact: true })).toHaveValue("15");
});

test("a figure may be typed in a unit of its own, and says what it is taken as", async ({ page }) => {
  await openBench(page, "demo-205", "Ride");
  const rider = page.getByLabel("Rider", { exact: true });
  await write(rider, "170 lb");
  await expect(main(page)).toContainText("Taken as 77.11 kg.");
  await write(rider, "170 mph");
  await expect(main(page)).toContainText("Give a number from 25 to 200 kg, or name another unit: lb, g.");
  await expect(rider).toHaveValue("170 mph");
  await write(rider, "");
  await page.getByRole("navigation", { name: "Benches" }).getByRole("button", { name: "Speedometer" }).click();
  await page.getByText("mph", { exact: true }).click();
  for (const [i, [real = "", shown = ""]] of [
    ["10", "15.3"],
    ["15", "23"],
    ["20", "30.7"],
  ].entries()) {
    await write(page.getByLabel(`Run ${i + 1}, true`), real);
    await expect(main(page)).toContainText(`Run ${i + 1}: the other speed is still to come.`);
    await write(page.getByLabel(`Run ${i + 1}, shown`), shown);
  }
  // 30.7 km/h shown at a true 20 mph, 32.19 km/h.
  await expect(page.getByText("0.953", { exact: true }).first()).toBeVisible();
});

test("ladder: measured levels show their twins; shares are dragged by hand and kept", async ({ page }) => {
  await openBench(page, "demo-207", "Ladder");
  await page.getByText("Speed", { exact: true }).click();
  await write(page.getByLabel("Speeds measured, true"), "15 17.5 20 23 25.8");
  await expect(row(page, "As it is", "1")).toContainText("15 km/h");
  await expect(row(page, "As it is", "5")).toContainText("25.8 km/h");
  await expect(main(page)).toContainText("Level 0 was not measured");
  await expect(main(page).getByText(/^Caution: Level [1-5] is really/)).toHaveCount(0);
  await write(page.getByLabel("Level 0, measured"), "15.2");
  await expect(main(page)).toContainText("Level 1 is really level 0 again.");
  await write(page.getByLabel("Speeds measured, true"), "15 15.3 19 22 22.4 25");
  await expect(main(page)).toContainText("is really level");
  await page.getByText("By hand", { exact: true }).click();
  const level1 = page.getByRole("slider", { name: /^Level 1/ });
  await level1.focus();
  const was = Number(await level1.inputValue());
  await page.keyboard.press("ArrowRight");
  await expect.poll(async () => Number(await level1.inputValue())).toBeGreaterThan(was);
  await expectStored(page, /"byHand":"/);
});

test("what if: a moved line moves the true cap and the findings at once, and is kept only when it is taken", async ({
  page,
}) => {
  await openRack(page);
  await page.goto("/job/demo-207/plan");
  await page.getByRole("button", { name: "What if" }).click();
  const cap = row(
    page,
    "What the values come to, as found, as planned and with the lines moved",
    "Assist really ends at",
  );
  await expect(cap).toContainText("27.84 km/h");
  await expect(cap).toContainText("24.96 km/h");
  const wheel = page.getByRole("slider", { name: /^51 / });
  await wheel.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press("ArrowLeft");
  await expect(cap.getByRole("cell").nth(2)).toContainText("27.84 km/h");
  await expect(page.getByRole("status").filter({ hasText: "Assist really stops at" })).toBeVisible();
  await page.getByRole("button", { name: "Back to the target" }).click();
  await expect(cap.getByRole("cell").nth(2)).toHaveText("—");
  await page.getByRole("slider", { name: /^53 / }).focus();
  await page.keyboard.press("ArrowLeft");
  await page.getByRole("button", { name: "Set these by hand" }).click();
  await expectStored(page, /"overrides":\{"53":24\}/);
  await page.getByRole("button", { name: "Undo" }).click();
  await expectStored(page, /"id":"demo-207".*"overrides":\{\}/);
});

test("tables: a tyre of one's own, packs by chemistry, and the unit rule both ways", async ({ page }) => {
  await openRack(page);
  await page.getByRole("link", { name: "Tables" }).click();
  await write(page.getByLabel("A tyre of your own"), "100-559");
  await expect(row(page, "That tyre", "100-559")).toContainText("29");
  const tables = page.getByRole("navigation", { name: "Tables" });
  await tables.getByRole("button", { name: "Volts" }).click();
  await page.getByText("LFP", { exact: true }).click();
  await expect(page.getByRole("table", { name: "Packs, volts at rest" })).toContainText("54.8 V");
  await tables.getByRole("button", { name: "Unit rule" }).click();
  await write(page.getByLabel("In mph"), "28");
  await expect(page.getByLabel("In km/h")).toHaveValue("45.062");
  await write(page.getByLabel("In km/h"), "abc");
  await expect(main(page)).toContainText("Give a number.");
  await page.getByText("Temperature: °C and °F").click();
  await write(page.getByLabel("Celsius"), "-20");
  await expect(page.getByLabel("Fahrenheit")).toHaveValue("-4");
});
