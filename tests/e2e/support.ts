import { expect, type Page } from "@playwright/test";

/** Opens the rack on an empty browser, with the demo bikes on it. */
export async function openRack(page: Page): Promise<void> {
  await page.goto("/");
  await expect(page.getByRole("link", { name: "Snowplough" }).first()).toBeVisible();
}

/** Opens one demo bike at a stage. */
export async function openDemo(page: Page, number: number, stage: string): Promise<void> {
  await openRack(page);
  await page.goto(`/job/demo-${number}/${stage}`);
  await expect(page.getByRole("navigation", { name: "Stages of the job" })).toBeVisible();
}

/** Everything the browser keeps of jobs, as one text: to prove that nothing stored has changed. */
export const stored = (page: Page): Promise<string> =>
  page.evaluate(
    () =>
      new Promise<string>((resolve, reject) => {
        const open = indexedDB.open("odd-spoke");
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const all = open.result.transaction("jobs").objectStore("jobs").getAll();
          all.onsuccess = () => {
            open.result.close();
            resolve(JSON.stringify(all.result));
          };
          all.onerror = () => reject(all.error);
        };
      }),
  );

/** Waits until what was typed has reached the database. */
export const expectStored = (page: Page, part: string | RegExp) => expect.poll(() => stored(page)).toMatch(part);

export const main = (page: Page) => page.getByRole("main");
/** The line in the sheet's table with this code. */
export const sheetRow = (page: Page, code: string) => page.getByRole("row").filter({ has: page.getByRole("button", { name: new RegExp(`^Line ${code},`) }) });

/** Presses the simulated display's keys by keyboard until the card says the program is in force. */
export async function programOnSimulated(page: Page): Promise<void> {
  const done = page.getByRole("heading", { name: "Saved and in force" });
  for (let i = 0; i < 80; i++) {
    if (await done.isVisible()) return;
    await pressNextStroke(page);
  }
  await expect(done).toBeVisible();
}

const KEYBOARD: Readonly<Record<string, string>> = { Ring: "r", Lamp: "l", Plus: "u", Minus: "d" };

/** Reads the first keys off the card, as a technician would, and presses them on the simulated display. */
export async function pressNextStroke(page: Page): Promise<void> {
  const card = page.getByRole("region", { name: "Key card" });
  const before = await card.innerText({ timeout: 2_000 }).catch(() => null);
  if (before === null) return; // the last stroke ended the card
  const firstRun = card.locator("[data-run]").first();
  const keys = (await firstRun.getByRole("img").evaluateAll((caps) => caps.map((cap) => cap.getAttribute("aria-label") ?? ""))).map((label) => KEYBOARD[label.replace(/ key$/, "")] ?? "");
  const words = await firstRun.innerText();
  const hold = /hold ([\d.]+) s/.exec(words);
  const until = /hold until (\S+)/.exec(words);
  const taps = /(\d+) taps?/.exec(words);
  const group = page.getByRole("group", { name: /^Simulated Tarn:/ });
  if (hold) {
    for (const key of keys) await page.keyboard.down(key);
    await page.waitForTimeout(Number(hold[1]) * 1000 + 150);
    for (const key of keys) await page.keyboard.up(key);
  } else if (until) {
    for (const key of keys) await page.keyboard.down(key);
    // Watched frame by frame, as an eye does: the value passes in a fraction of a second.
    await group.evaluate(
      (display, ending) =>
        new Promise<void>((resolve) => {
          const look = () => (display.getAttribute("aria-label")?.endsWith(ending) ? resolve() : requestAnimationFrame(look));
          look();
        }),
      `shows ${until[1] ?? ""}`,
    );
    for (const key of keys) await page.keyboard.up(key);
  } else if (taps) {
    for (let i = 0; i < Number(taps[1]); i++) for (const key of keys) await page.keyboard.press(key, { delay: 20 });
  }
  await expect.poll(async () => ((await card.isVisible()) ? card.innerText() : "gone")).not.toBe(before);
}
