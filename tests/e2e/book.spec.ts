// The book by hand: found as one types, a bike that comes back, a back-up that moves to another browser, and one bike
// worked on at two benches made one again.
import { readFile } from "node:fs/promises";
import type { Page } from "@playwright/test";
import { handsOf, slowed, write } from "./hands";
import { DEMO, expectStored, jobOf, main, openDemo, openRack, putJobs, stored } from "./support";
import { expect, fresh, test } from "./workshop";

const found = (page: Page) => main(page).locator("[data-found]");
const rows = (page: Page) => page.getByRole("region", { name: "The book" }).getByRole("row");

async function backedUp(page: Page): Promise<Buffer> {
  await page.goto("/book/backup");
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Write a back-up" }).click();
  return readFile(await (await download).path());
}

async function bringIn(page: Page, buffer: Buffer, name = "book.zip"): Promise<void> {
  await page.goto("/book/backup");
  await page.getByLabel("Back-up to bring in").setInputFiles({ name, mimeType: "application/zip", buffer });
}

test("is found as one types, narrowed, put in order and taken along as a table", async ({ page }) => {
  await openRack(page);
  await page.goto("/book");
  await slowed(page, 4);
  const hands = handsOf(page);
  await expect(found(page)).toHaveText(`All ${DEMO.visits}`);
  await page.getByRole("searchbox", { name: /^Search everything/ }).click();
  await hands.type("snowplouhg");
  await expect(main(page)).toContainText("Nothing in the book fits.");
  await hands.press("Backspace", 2);
  await hands.type("gh");
  await expect(found(page)).toHaveText(`1 of ${DEMO.visits}`);
  await page.reload();
  await expect(page.getByRole("searchbox", { name: /^Search everything/ })).toHaveValue("snowplough");
  await expect(rows(page).nth(1)).toContainText("Snowplough");
  await page.getByRole("searchbox", { name: /^Search everything/ }).press("ControlOrMeta+a");
  await hands.press("Backspace");
  // A finding, and a line by its name, are found though nobody typed them.
  await page.getByRole("searchbox", { name: /^Search everything/ }).click();
  await hands.type("breach snow");
  await expect(found(page)).toHaveText(`1 of ${DEMO.visits}`);
  await page.getByRole("searchbox", { name: /^Search everything/ }).press("ControlOrMeta+a");
  await hands.press("Backspace");
  await page.getByRole("radio", { name: "Gone out" }).click();
  await expect(rows(page).nth(1)).toContainText("Gone out");
  await page.getByRole("radio", { name: "Anywhere" }).click();

  await page.getByRole("button", { name: "Order by No." }).click();
  await expect(page.getByRole("columnheader", { name: /^Order by No\./ })).toHaveAttribute("aria-sort", "ascending");
  const first = await rows(page).nth(1).innerText();
  await page.getByRole("button", { name: "Order by No." }).click();
  await expect(rows(page).nth(1)).not.toHaveText(first);
  // A column drawn wider by its edge, with the keyboard, and one more shown.
  const edge = page.getByRole("separator", { name: "Width of Bike" });
  const before = Number(await edge.getAttribute("aria-valuenow"));
  await edge.focus();
  await hands.press("ArrowRight", 2);
  expect(Number(await edge.getAttribute("aria-valuenow"))).toBe(before + 32);
  await page.getByText("More filters, and columns").click();
  await page.getByRole("checkbox", { name: "Seals" }).click();
  await page.reload();
  await expect(page.getByRole("columnheader", { name: /Seals/ })).toBeVisible();
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save this list as CSV" }).click();
  const csv = await readFile(await (await download).path(), "utf8");
  expect(csv.split("\r\n")[0]).toBe("No.,Bike,What it is,Display,Where,Worked on,Drift,Seals");
  expect(csv.trim().split("\r\n")).toHaveLength(DEMO.visits + 1);
});

test("a bike comes back: what we left is expected, what differs is named, the rest is told in one go", async ({
  page,
}) => {
  await openDemo(page, 203, "hand-over");
  const hands = handsOf(page);
  // A second press begins no second visit.
  await hands.doubleClick(page.getByRole("button", { name: "Begin a new visit" }));
  await expect(page.getByRole("heading", { name: "Intake", exact: true })).toBeVisible();
  await write(page.getByLabel("Odometer"), "1240");
  await expectStored(page, /"odometerKm":"1240"/);
  const id = page.url().split("/")[4] ?? "";
  await page.getByRole("link", { name: "Write down what it shows" }).click();
  await expect(page.getByRole("region", { name: "What we left" })).toContainText("Here before: visit 0203");
  const left = (await jobOf(page, id)).lastVisit?.left ?? {};
  const second = Object.keys(left)[1] ?? "";
  // The first line as we left it, by Enter alone; the second otherwise, typed.
  await hands.press("Enter");
  await expect(page.getByLabel(`What line ${second} shows`)).toBeFocused();
  const other = left[second] === 0 ? "1" : "0";
  await hands.type(other);
  await expect(page.getByRole("region", { name: "What we left" })).toContainText("One line shows another value");
  await page.getByRole("button", { name: /^The other \d+ lines show what we left/ }).click();
  await expect(main(page)).toContainText("18 of 18 written down");
  expect((await jobOf(page, id)).asFound.shown[second]).toBe(other);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(main(page)).not.toContainText("18 of 18 written down");
  expect((await jobOf(page, id)).asFound.shown[second]).toBe(other);
  await page.getByRole("link", { name: "History" }).click();
  await expect(main(page)).toContainText("1 line shows another value than we left.");
  await expect(page.getByRole("row", { name: new RegExp(`^${second} `) })).toContainText("found otherwise");
  // It goes along as a file for another program, and with its photos.
  const lines = page.waitForEvent("download");
  await page.getByRole("button", { name: "its lines as CSV" }).first().click();
  const csv = await readFile(await (await lines).path(), "utf8");
  expect(csv.split("\r\n")[0]).toBe("Line,Sets,As found,As left");
  expect(csv).toContain(`\n${second},`);
  const archive = page.waitForEvent("download");
  await page.getByRole("button", { name: "with its photos" }).first().click();
  expect((await archive).suggestedFilename()).toMatch(/marrow.*\.zip$/);
  await page.goto("/book");
  await expect(main(page)).toContainText(`${DEMO.visits + 1} visits of ${DEMO.bikes} bikes`);
});

test("a bike back on another tyre: its old rollout is let go and told, and comes back with its tyre", async ({
  page,
}) => {
  await openDemo(page, 203, "hand-over");
  await slowed(page, 4);
  await page.getByRole("button", { name: "Begin a new visit" }).click();
  await expect(page.getByRole("heading", { name: "Intake", exact: true })).toBeVisible();
  const rollout = page.getByLabel("Rollout, all turns");
  await expect(rollout).toHaveValue("1895");
  await write(page.getByLabel("Tyre, as on the sidewall"), "75-507");
  const follows = page.getByRole("complementary", { name: "What follows" });
  await expect(follows).toContainText("The 1895 mm a turn of the visit before were measured on 50-507.");
  await expect(follows).toContainText("from the sidewall");
  await expect(rollout).toHaveValue("");
  await page.reload();
  await expect(rollout).toHaveValue("");
  // Slip of the hand: it is the same tyre after all.
  await write(page.getByLabel("Tyre, as on the sidewall"), "50-507");
  await expect(rollout).toHaveValue("1895");
  await expect(follows).not.toContainText("visit before");
  // Another one, and rolled out on this visit: what was measured now is nobody's to take away.
  await write(page.getByLabel("Tyre, as on the sidewall"), "75-507");
  await expect(rollout).toHaveValue("");
  await write(rollout, "2010");
  await expect(follows).not.toContainText("visit before");
  await write(page.getByLabel("Tyre, as on the sidewall"), "72-507");
  await expect(follows).toContainText("2010 mm");
  await expect(rollout).toHaveValue("2010");
});

fresh(
  "a damaged record keeps no other back: it is backed up, named where it is brought in, and stays out",
  async ({ browser }) => {
    const [here, there] = [await browser.newContext(), await browser.newContext()];
    const [one, other] = [await here.newPage(), await there.newPage()];
    await openRack(one);
    const good = await jobOf(one, "demo-207");
    await putJobs(one, [{ ...good, id: "bad-job-1", bikeId: "bad-job-1", number: 901, demo: false, asFound: null }]);
    const file = await backedUp(one);
    await openRack(other);
    await bringIn(other, file);
    const panel = other.getByRole("dialog", { name: "Look before you bring it in" });
    await expect(panel).toContainText("1 visit in it cannot be read and stays out");
    await expect(panel).toContainText("asFound");
    await expect(panel).toContainText(`${DEMO.visits} the same`);
    await here.close();
    await there.close();
  },
);

fresh(
  "a back-up written here and brought in elsewhere is the same book, and is looked at first",
  async ({ browser }) => {
    const [here, there] = [await browser.newContext(), await browser.newContext()];
    const [one, other] = [await here.newPage(), await there.newPage()];
    await openDemo(one, 210, "intake");
    await write(one.getByLabel("Nickname"), "Tin Plover, painted");
    await expectStored(one, /painted/);
    const file = await backedUp(one);
    await expect(one.getByRole("banner")).toContainText("back-up of");
    await openRack(other);
    await bringIn(other, file);
    const panel = other.getByRole("dialog", { name: "Look before you bring it in" });
    await expect(panel).toContainText("1 worked on further in the file: taken");
    await expect(panel).toContainText(`${DEMO.visits - 1} the same`);
    expect(await stored(other)).not.toContain("painted");
    await panel.getByRole("button", { name: "Bring it in" }).click();
    await expectStored(other, /painted/);
    const jobs = async (page: Page) => JSON.parse(await stored(page)) as readonly { readonly id: string }[];
    expect(await jobs(other)).toEqual(await jobs(one));
    await other.getByRole("button", { name: "Undo" }).click();
    await expect.poll(() => stored(other)).not.toMatch(/painted/);

    // Spoilt on the way: refused, with where, and nothing is changed.
    const spoilt = Buffer.from(file);
    spoilt.fill(0x55, 200, 260);
    const before = await stored(other);
    await bringIn(other, spoilt);
    await expect(other.getByRole("dialog", { name: "This file was not brought in" })).toContainText("damaged");
    await other.keyboard.press("Escape");
    await bringIn(other, file.subarray(0, file.length - 100));
    await expect(other.getByRole("dialog")).toContainText("ends too early");
    expect(await stored(other)).toBe(before);
    await here.close();
    await there.close();
  },
);

fresh("one bike worked on at two benches is kept twice, and made one line by line", async ({ browser }) => {
  const [here, there] = [await browser.newContext(), await browser.newContext()];
  const [one, other] = [await here.newPage(), await there.newPage()];
  for (const [page, name, frame] of [
    [one, "Tin Plover", "26-inch, here"],
    [other, "Tin Plover of the yard", "26-inch, there"],
  ] as const) {
    await openDemo(page, 210, "intake");
    await write(page.getByLabel("Bike", { exact: true }), frame);
    await write(page.getByLabel("Nickname"), name);
    await expectStored(page, new RegExp(frame));
  }
  const file = await backedUp(other);
  await bringIn(one, file);
  const panel = one.getByRole("dialog", { name: "Look before you bring it in" });
  await expect(panel).toContainText("1 worked on in both: both kept");
  await panel.getByRole("button", { name: "Bring it in" }).click();
  await expectStored(one, /of the yard/);
  await one.goto("/book/bike/demo-210");
  const twins = one.getByRole("region", { name: "Visit 0210 was worked on at two benches" });
  await expect(twins).toContainText("26-inch, there");
  await twins.getByRole("radio", { name: "26-inch, there" }).click();
  await one.getByRole("button", { name: "Make one record of them" }).click();
  await expect(twins).toHaveCount(0);
  const jobs = (
    JSON.parse(await stored(one)) as readonly { readonly bikeId: string; readonly intake: unknown }[]
  ).filter(({ bikeId }) => bikeId === "demo-210");
  expect(jobs).toHaveLength(1);
  expect(jobs[0]?.intake).toMatchObject({ frame: "26-inch, there" });
  // Brought in again, the old back-up finds itself behind.
  await bringIn(one, file);
  await expect(one.getByRole("dialog")).toContainText("1 worked on further here: kept as here");
  await here.close();
  await there.close();
});

test("with 3,000 visits only those in sight are drawn, and the list follows the keys", async ({ page }) => {
  await openRack(page);
  const job = await jobOf(page, "demo-207");
  const many = Array.from({ length: 3000 }, (_, i) => ({
    ...job,
    id: `many-${i}`,
    bikeId: `many-${i}`,
    number: 1000 + i,
    demo: false,
    onTheStand: false,
    profile: null,
    sheets: [],
    intake: { ...job.intake, nickname: `Herd ${i}` },
  }));
  for (let i = 0; i < many.length; i += 500) await putJobs(page, many.slice(i, i + 500));
  await page.goto("/book");
  await expect(main(page)).toContainText(`${DEMO.visits + 3000} visits of ${DEMO.bikes + 3000} bikes`);
  expect(await rows(page).count()).toBeLessThan(60);
  await page.getByRole("searchbox", { name: /^Search everything/ }).click();
  await page.keyboard.type('"herd 2718"', { delay: 40 });
  await expect(found(page)).toHaveText(`1 of ${DEMO.visits + 3000}`);
  await expect(rows(page).nth(1)).toContainText("Herd 2718");
  await page.goto("/");
  await expect(main(page)).toContainText("more visits in the book");
});

test("says in time that the browser's room is nearly used up, and can be put away", async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(navigator.storage, "estimate", {
      value: () => Promise.resolve({ usage: 9.1e9, quota: 10e9 }),
    });
  });
  await openRack(page);
  const alarm = page.getByRole("alert").filter({ hasText: "The browser’s room is nearly used up." });
  await expect(alarm).toBeVisible();
  await alarm.getByRole("link", { name: "To the back-up" }).click();
  await expect(main(page)).toContainText("Write a back-up now, then take photos away");
  await expect(alarm).toHaveCount(0);
});

test("a bike that leaves is backed up by itself, into the folder that was chosen", async ({ page }) => {
  // The browser's own private folder stands in for one on the disk: no test can press the system's dialog.
  await page.addInitScript(() => {
    Object.assign(window, { showDirectoryPicker: () => navigator.storage.getDirectory() });
  });
  const inside = () =>
    page.evaluate(async () => {
      const names: string[] = [];
      const folder = (await navigator.storage.getDirectory()) as unknown as { keys: () => AsyncIterable<string> };
      for await (const name of folder.keys()) names.push(name);
      return names;
    });
  await openRack(page);
  await page.goto("/book/backup");
  await page.getByRole("button", { name: "Choose a folder" }).click();
  await expect(main(page)).toContainText("Back-ups go into");
  await page.reload();
  await expect(main(page)).toContainText("Back-ups go into");
  expect(await inside()).toEqual([]);
  await page.goto("/job/demo-203/hand-over");
  await page.getByRole("button", { name: "Open again" }).click();
  await page.getByRole("button", { name: "Hand it over" }).click();
  await expect.poll(inside).toHaveLength(1);
  expect((await inside())[0]).toMatch(/^odd-spoke-book-.*\.zip$/);
  await expect(page.getByRole("banner")).toContainText("back-up of");
  await page.goto("/book/backup");
  await page.getByRole("button", { name: "Stop that" }).click();
  await expect(page.getByRole("button", { name: "Choose a folder" })).toBeVisible();
  for (const name of await inside())
    await page.evaluate(async (gone) => (await navigator.storage.getDirectory()).removeEntry(gone), name);
});

test("a photo is turned upright and made small, and says nothing of place or device", async ({ page }) => {
  await openDemo(page, 208, "as-found");
  // A picture 1200 by 800, made by the browser, told by its tags to lie on its side and where it was taken.
  const plain = await page.evaluate(async () => {
    const canvas = Object.assign(document.createElement("canvas"), { width: 1200, height: 800 });
    canvas.getContext("2d")?.fillRect(0, 0, 600, 800);
    const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, "image/jpeg"));
    return [...new Uint8Array((await blob?.arrayBuffer()) ?? new ArrayBuffer(0))];
  });
  const tagged = withTags(Buffer.from(plain));
  expect(tagged.includes("Pocket 9")).toBe(true);
  await page.getByLabel(/^Photo of line/).setInputFiles({ name: "line.jpg", mimeType: "image/jpeg", buffer: tagged });
  await expect(main(page)).toContainText("1 photo with this bike");
  const kept = await page.evaluate(
    () =>
      new Promise<{ bytes: number[]; width: number; height: number }>((resolve) => {
        indexedDB.open("odd-spoke").onsuccess = (event) => {
          const database = (event.target as IDBOpenDBRequest).result;
          database.transaction("photos").objectStore("photos").getAll().onsuccess = (got) => {
            const [{ image }] = (got.target as IDBRequest<{ image: Blob }[]>).result as [{ image: Blob }];
            void Promise.all([image.arrayBuffer(), createImageBitmap(image)]).then(([bytes, { width, height }]) => {
              database.close();
              resolve({ bytes: [...new Uint8Array(bytes)], width, height });
            });
          };
        };
      }),
  );
  // Upright, nine hundred at its longest.
  expect([kept.width, kept.height]).toEqual([600, 900]);
  const bytes = Buffer.from(kept.bytes);
  for (const trace of ["Exif", "Pocket 9", "GPS", "http"]) expect(bytes.includes(trace), trace).toBe(false);
});

/**
 * The picture with the tags a telephone writes: its make, that it lies on its side, and a place. Exif 2.32, TIFF 6.0,
 * written by hand.
 */
function withTags(jpeg: Buffer): Buffer {
  const make = Buffer.from("Pocket 9\0\0");
  const entry = (tag: number, type: number, count: number, value: number) => {
    const bytes = Buffer.alloc(12);
    bytes.writeUInt16BE(tag, 0);
    bytes.writeUInt16BE(type, 2);
    bytes.writeUInt32BE(count, 4);
    if (type === 3) bytes.writeUInt16BE(value, 8);
    else bytes.writeUInt32BE(value, 8);
    return bytes;
  };
  const AFTER = 8 + 2 + 3 * 12 + 4;
  const place = Buffer.concat([Buffer.from([0, 1]), entry(1, 2, 2, 0x4e000000), Buffer.alloc(4)]);
  const tiff = Buffer.concat([
    Buffer.from("4d4d002a00000008", "hex"),
    Buffer.from([0, 3]),
    entry(0x010f, 2, make.length, AFTER),
    entry(0x0112, 3, 1, 6),
    entry(0x8825, 4, 1, AFTER + make.length),
    Buffer.alloc(4),
    make,
    place,
  ]);
  const body = Buffer.concat([Buffer.from("Exif\0\0"), tiff]);
  const head = Buffer.alloc(4);
  head.writeUInt16BE(0xffe1, 0);
  head.writeUInt16BE(body.length + 2, 2);
  return Buffer.concat([jpeg.subarray(0, 2), head, body, jpeg.subarray(2)]);
}
