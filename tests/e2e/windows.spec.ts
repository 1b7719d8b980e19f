// Two windows on one bike, storage that fails, a record that cannot be shown: nothing is lost, and what is wrong is
// said.
import type { Page } from "@playwright/test";
import { readFile } from "node:fs/promises";
import { TARN } from "../../src/catalog/displays/tarn";
import { writeJobFile } from "../../src/core/record";
import { handsOf, listenForErrors, write } from "./hands";
import { jobOf, main, openDemo, openRack, putJobs, stored } from "./support";
import { expect, test } from "./workshop";

/** Counts what is written to the browser's database, by store. Call before the first page is opened. */
const countWrites = (page: Page) =>
  page.addInitScript(() => {
    const counts: Record<string, number> = {};
    (window as unknown as { writes: typeof counts }).writes = counts;
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args: Parameters<typeof put>) {
      counts[this.name] = (counts[this.name] ?? 0) + 1;
      return put.apply(this, args);
    };
  });
const writesOf = (page: Page, store: string): Promise<number> =>
  page.evaluate((name) => (window as unknown as { writes: Record<string, number> }).writes[name] ?? 0, store);

test("two windows at two stages of one bike write its stage once each, not for ever", async ({ context, page }) => {
  const other = await context.newPage();
  await countWrites(page);
  await countWrites(other);
  await openRack(page);
  await openDemo(page, 207, "intake");
  await other.goto("/job/demo-207/plan");
  await expect(other.getByRole("heading", { name: "Plan", exact: true })).toBeVisible();
  await page.waitForTimeout(2500);
  const [one, two] = [await writesOf(page, "jobs"), await writesOf(other, "jobs")];
  expect(one + two).toBeLessThanOrEqual(3);
  await page.waitForTimeout(1500);
  expect((await writesOf(page, "jobs")) + (await writesOf(other, "jobs"))).toBe(one + two);
});

test("one bike in two windows, each typing in another field: both are kept, and each is seen in the other", async ({
  context,
  page,
}) => {
  const other = await context.newPage();
  await openDemo(page, 210, "intake");
  await other.goto("/job/demo-210/intake");
  const [here, there] = [page.getByLabel("Nickname"), other.getByLabel("Bike", { exact: true })];
  await here.click();
  await page.keyboard.press("End");
  await there.click();
  await other.keyboard.press("End");
  for (const letter of "abcdef") {
    await page.keyboard.type(letter, { delay: 5 });
    await other.keyboard.type(letter, { delay: 5 });
  }
  await expect(other.getByLabel("Nickname")).toHaveValue("Tin Ploverabcdef");
  await expect(page.getByLabel("Bike", { exact: true })).toHaveValue("26-inch post bikeabcdef");
  const { intake } = await jobOf(page, "demo-210");
  expect([intake.nickname, intake.frame]).toEqual(["Tin Ploverabcdef", "26-inch post bikeabcdef"]);
});

test("one window leads the keys, the other follows and says so, and can take over", async ({ context, page }) => {
  await openDemo(page, 207, "program");
  await page.getByRole("button", { name: "Start the keys on the bike" }).click();
  const card = page.getByRole("region", { name: "Key card" });
  await expect(card).toContainText("step 1 of");
  const other = await context.newPage();
  await other.goto("/job/demo-207/program");
  await expect(main(other)).toContainText("Another window leads the keys.");
  await page.keyboard.press("Space");
  await expect(card).toContainText("step 2 of");
  await expect(main(other)).toContainText("the display stands at: 31");
  // A key here does nothing there.
  await other.keyboard.press("Space");
  await other.waitForTimeout(300);
  await expect(card).toContainText("step 2 of");
  await other.getByRole("button", { name: "Lead from here" }).click();
  await expect(other.getByRole("region", { name: "Key card" })).toBeVisible();
  await expect(main(page)).toContainText("Another window leads the keys.");
  await other.keyboard.press("Space");
  await expect(other.getByRole("region", { name: "Key card" })).toContainText("step 3 of");
  // Kept, and seen by the window that follows.
  await expect(main(page)).toContainText("the display stands at: 34 · 2");
  // The window that leads goes: this one leads again, from where the other stood.
  await other.close();
  await expect(card).toContainText("step 3 of");
});

test("a write that fails is told once, the field keeps its text, and the file has it", async ({ page }) => {
  await page.addInitScript(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args: Parameters<typeof put>) {
      if ((window as unknown as { full?: boolean }).full && this.name === "jobs")
        throw new DOMException("The disk is full.", "QuotaExceededError");
      return put.apply(this, args);
    };
  });
  await openDemo(page, 210, "intake");
  const field = page.getByLabel("Nickname");
  await page.evaluate(() => Object.assign(window, { full: true }));
  await write(field, "Not lost");
  const told = page.getByRole("alert").filter({ hasText: "The last change is not kept." });
  await expect(told).toHaveCount(1);
  await expect(told).toContainText("The browser has no room left for it.");
  await page.keyboard.type(" at all");
  await expect(field).toHaveValue("Not lost at all");
  await expect(told).toHaveCount(1);
  const download = page.waitForEvent("download");
  await told.getByRole("button", { name: "Save the job as a file" }).click();
  expect(await readFile(await (await download).path(), "utf8")).toContain('"nickname": "Not lost at all"');
  await page.waitForTimeout(500);
  await told.getByRole("button", { name: "Try again" }).click();
  await page.waitForTimeout(600);
  await expect(told).toHaveCount(1);
  await page.evaluate(() => Object.assign(window, { full: false }));
  await told.getByRole("button", { name: "Try again" }).click();
  await expect(told).toHaveCount(0);
  expect((await jobOf(page, "demo-210")).intake.nickname).toBe("Not lost at all");
});

test("a worker that does not come up is started anew; one that never does is told, with what to do", async ({
  page,
}) => {
  const refuse = (times: number) => async () => {
    let left = times;
    await page.unrouteAll();
    await page.route(/worker/i, (route) => {
      left -= 1;
      return left >= 0 ? route.abort() : route.continue();
    });
  };
  const told = page.getByRole("alert").filter({ hasText: "The part that works out the keys did not start." });
  const start = main(page).getByRole("button", { name: "Start the keys on the bike" });
  await refuse(1)();
  await openDemo(page, 207, "program");
  await expect(start).toBeEnabled();
  await expect(told).toHaveCount(0);
  await refuse(99)();
  await page.reload();
  await expect(told).toHaveCount(1);
  await page.unrouteAll();
  await told.getByRole("button", { name: "Load the page again" }).click();
  await expect(start).toBeEnabled();
  await expect(told).toHaveCount(0);
});

test("no database, one of a newer version, one held by an old tab: each is said on a page of its own", async ({
  browser,
  baseURL,
}) => {
  const without = await (await browser.newContext()).newPage();
  await without.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException(
        "A mutation operation was attempted on a database that did not allow mutations.",
        "InvalidStateError",
      );
    };
  });
  await without.goto(`${baseURL}/`);
  await expect(main(without)).toContainText("This browser keeps nothing");
  await without.getByRole("button", { name: "Save what can be read" }).click();
  await expect(main(without)).toContainText("Nothing could be read: A mutation operation");

  const newer = await (await browser.newContext()).newPage();
  await newer.goto(`${baseURL}/icon.svg`);
  await newer.evaluate(
    () =>
      new Promise<void>((resolve) => {
        indexedDB.open("odd-spoke", 9999).onsuccess = (event) => {
          (event.target as IDBOpenDBRequest).result.close();
          resolve();
        };
      }),
  );
  await newer.goto(`${baseURL}/`);
  await expect(main(newer)).toContainText("The data is of a newer version");
  // What can be read is not shut in: nothing, here, and that is said too.
  const rescued = newer.waitForEvent("download");
  await newer.getByRole("button", { name: "Save what can be read" }).click();
  expect((await rescued).suggestedFilename()).toMatch(/^odd-spoke-rescued-.*\.zip$/);
  await expect(main(newer)).toContainText("0 visits saved.");

  const context = await browser.newContext();
  const old = await context.newPage();
  await old.goto(`${baseURL}/icon.svg`);
  await old.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const asked = indexedDB.open("odd-spoke", 10);
        asked.onupgradeneeded = () => {
          asked.result.createObjectStore("jobs", { keyPath: "id" }).createIndex("number", "number");
          asked.result.createObjectStore("facts", { keyPath: "key" });
        };
        asked.onsuccess = () => {
          Object.assign(window, { held: asked.result });
          resolve();
        };
      }),
  );
  const page = await context.newPage();
  await page.goto(`${baseURL}/`);
  await expect(main(page)).toContainText("Another tab is in the way");
  // Nothing is wrong with the data, and nothing can be read of it before that tab lets go.
  await expect(page.getByRole("button", { name: "Save what can be read" })).toHaveCount(0);
  await old.evaluate(() => (window as unknown as { held: IDBDatabase }).held.close());
  await expect(page.getByRole("link", { name: "Snowplough" }).first()).toBeVisible();
});

test("one bad job takes nothing else down: the rack stands, the job can be saved as a file", async ({ page }) => {
  await openRack(page);
  const [good] = JSON.parse(await stored(page)) as Record<string, unknown>[];
  await putJobs(page, [
    { ...good, id: "bad-job-1", number: 901, onTheStand: true, asFound: null, updatedAt: "2026-11-24T10:00:00.000Z" },
  ]);
  await page.goto("/");
  await expect(page.getByRole("link", { name: "Snowplough" }).first()).toBeVisible();
  await expect(main(page)).toContainText("Its record cannot be read here");
  await page.goto("/job/bad-job-1/intake");
  await expect(main(page)).toContainText("This bike cannot be shown");
  const download = page.waitForEvent("download");
  await main(page).getByRole("button", { name: "Save the job as a file" }).click();
  expect(await readFile(await (await download).path(), "utf8")).toContain('"id": "bad-job-1"');
  await page.getByRole("link", { name: "Back to the rack" }).click();
  await expect(page.getByRole("link", { name: "Thimble" }).first()).toBeVisible();
});

test("lines called toString and valueOf, and pulses of 0, are a bike like any other", async ({ page }) => {
  const quiet = listenForErrors(page);
  await openRack(page);
  const job = await jobOf(page, "demo-207");
  const renamed = { 52: "toString", 65: "valueOf" } as Readonly<Record<string, string>>;
  const name = (code: string) => renamed[code] ?? code;
  const profile = {
    ...TARN,
    id: "odd-names",
    lines: TARN.lines.map((line) => ({
      ...line,
      code: name(line.code),
      encoding: line.code === "52" && line.encoding.kind === "number" ? { ...line.encoding, rawMin: 0 } : line.encoding,
    })),
    menu: {
      ...TARN.menu,
      pages: TARN.menu.pages.map((each) => ({
        ...each,
        entries: each.entries.map((entry) => (entry.kind === "line" ? { ...entry, line: name(entry.line) } : entry)),
      })),
    },
  };
  await page.getByLabel("Job file to import").setInputFiles({
    name: "job.json",
    mimeType: "application/json",
    buffer: Buffer.from(
      writeJobFile({
        ...job,
        id: "odd-names-1",
        number: 902,
        profile: profile as typeof job.profile,
        asFound: { ...job.asFound, shown: { "51": "26", "53": "25", "63": "0", toString: "0" } },
      }),
    ),
  });
  await page.getByRole("button", { name: "Put it on the rack" }).click();
  await expect(page).toHaveURL(/odd-names-1/);
  await page.goto("/job/odd-names-1/as-found");
  await page.getByRole("button", { name: /valueOf/ }).click();
  await handsOf(page).write(page.getByLabel("What line valueOf shows"), "5");
  await expect.poll(async () => (await jobOf(page, "odd-names-1")).asFound.shown.valueOf).toBe("5");
  await page.goto("/job/odd-names-1/plan");
  await expect(main(page)).toContainText("the pulse line holds 0, which counts nothing: set it");
  await page.goto("/");
  await expect(page.getByRole("link", { name: "Snowplough" }).first()).toBeVisible();
  quiet();
});

test("an import undone after it was worked on keeps the work, under a number of its own", async ({ page }) => {
  await openRack(page);
  const job = await jobOf(page, "demo-210");
  await page.getByLabel("Job file to import").setInputFiles({
    name: "job.json",
    mimeType: "application/json",
    buffer: Buffer.from(writeJobFile({ ...job, intake: { ...job.intake, frame: "from the file" } })),
  });
  await page.getByRole("button", { name: "Replace the one here" }).click();
  await expect(page).toHaveURL(/demo-210/);
  await write(page.getByLabel("Nickname"), "Worked on since");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(main(page)).toContainText("On the stand");
  await expect.poll(async () => (await jobOf(page, "demo-210")).intake.nickname).toBe("Tin Plover");
  const all = JSON.parse(await stored(page)) as { intake: { nickname?: string; frame?: string } }[];
  expect(all.filter(({ intake }) => intake.nickname === "Worked on since").map(({ intake }) => intake.frame)).toEqual([
    "from the file",
  ]);
});
