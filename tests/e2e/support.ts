import { expect, type BrowserContext, type Page } from "@playwright/test";
import { demoJobs } from "../../src/catalog/demo/workshop";
import { TARN } from "../../src/catalog/displays/tarn";
import type { DisplayProfile } from "../../src/core/display";
import { entryOf } from "../../src/core/book/entry";
import { STAGES, type Job } from "../../src/core/record";

/** How many visits, and of how many bikes, a copy of the product begins with. */
export const DEMO = {
  visits: demoJobs().length,
  bikes: new Set(demoJobs().map(({ bikeId }) => bikeId)).size,
  goneOut: demoJobs().filter(({ handedOverAt }) => handedOverAt !== null).length,
  waiting: demoJobs().filter(({ handedOverAt, onTheStand }) => handedOverAt === null && !onTheStand).length,
} as const;

/** Where a job can be looked at: its stages, and its numbers. */
export const PLACES_OF_A_JOB = [...STAGES, "numbers", "papers"] as const;

/** Opens the rack on an empty browser, with the demo bikes on it. */
export async function openRack(page: Page): Promise<void> {
  await page.goto("/");
  await expect(page.getByRole("link", { name: "Snowplough" }).first()).toBeVisible();
}

/** Opens one demo bike at a stage; on an empty browser the rack is set up on the way. */
export async function openDemo(page: Page, number: number, stage: string): Promise<void> {
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

/** One job as the browser keeps it. */
export async function jobOf(page: Page, id: string): Promise<Job> {
  const job = (JSON.parse(await stored(page)) as Job[]).find((each) => each.id === id);
  if (!job) throw new Error(`no job ${id} is kept`);
  return job;
}

/**
 * Puts jobs straight into the browser's database, each with its entry in the book: for setting up what hands would take
 * hours for.
 */
export const putJobs = (page: Page, jobs: readonly unknown[]): Promise<void> =>
  page.evaluate(
    (all) =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open("odd-spoke");
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const writing = open.result.transaction(["jobs", "entries"], "readwrite");
          for (const { job, entry } of all) {
            writing.objectStore("jobs").put(job);
            writing.objectStore("entries").put(entry);
          }
          writing.oncomplete = () => {
            open.result.close();
            resolve();
          };
          writing.onerror = () => reject(writing.error);
        };
      }),
    jobs.map((job) => ({ job, entry: entryOf(job as Job) })),
  );

/** What follows a key follows in the blink of an eye: it is looked for that often, not that quickly given up. */
const SOON = { intervals: [15, 30, 60, 120, 250] };

/** Waits until what was typed has reached the database. */
export const expectStored = (page: Page, part: string | RegExp) => expect.poll(() => stored(page), SOON).toMatch(part);

export const main = (page: Page) => page.getByRole("main");
/** The line in the sheet's table with this code. */
export const sheetRow = (page: Page, code: string) =>
  page.getByRole("row").filter({ has: page.getByRole("button", { name: new RegExp(`^Line ${code},`) }) });

/** Rehearses on the simulated display by keyboard until the card says so. */
export async function rehearse(page: Page, profile: DisplayProfile = TARN, most = 120): Promise<void> {
  const done = page.getByRole("heading", { name: "Rehearsed" });
  for (let i = 0; i < most; i++) {
    if (await done.isVisible()) return;
    await pressNextStroke(page, profile);
  }
  await expect(done).toBeVisible();
}

/** Two presses closer together than this are one to the card, ms. */
const ONE_PRESS_MS = 250;

/** Says "done" to the step in hand, as a foot pedal does: never two in a quarter of a second. */
export async function sayDone(page: Page): Promise<void> {
  await pass(page, ONE_PRESS_MS + 30);
  await page.keyboard.press("Space");
}

/** Nobody reads what a line shows sooner: a press before that is the last one doubled. */
export const lineIsRead = (page: Page): Promise<void> => pass(page, 650);

/** Says "done" to every step of the bike's card, as a foot pedal does, until it is in force as told. */
export async function programOnBike(page: Page, most = 120): Promise<void> {
  const done = page.getByRole("heading", { name: "Saved and in force, as told" });
  const card = page.getByRole("region", { name: "Key card" });
  await expect(card.or(done)).toBeVisible();
  for (let i = 0; i < most; i++) {
    if (await done.isVisible()) return;
    // The last step takes the card away.
    const says = () => card.innerText({ timeout: 500 }).catch(() => "gone");
    const before = await says();
    if (before === "gone") continue;
    if (before.includes("What does it show?")) await lineIsRead(page);
    await sayDone(page);
    await expect.poll(says, SOON).not.toBe(before);
  }
  await expect(done).toBeVisible();
}

const moved = new WeakSet<BrowserContext>();

/** Gives the pages of a context a clock that can be moved on: holds and menus that close take no waiting. */
export async function moveTheClock(page: Page): Promise<void> {
  await page.clock.install();
  moved.add(page.context());
}

/** Lets time go by for the page, in ms: its clock is moved where that is possible. */
export const pass = (page: Page, ms: number): Promise<void> =>
  moved.has(page.context()) ? page.clock.runFor(ms) : page.waitForTimeout(ms);

/** Reads the first keys off the card, as a technician would, and presses them on the simulated display. */
export async function pressNextStroke(page: Page, profile: DisplayProfile = TARN): Promise<void> {
  const card = page.getByRole("region", { name: "Key card" });
  const before = await card.innerText({ timeout: 2_000 }).catch(() => null);
  if (before === null) return; // the last stroke ended the card
  const firstRun = card.locator("[data-run]").first();
  const names = (
    await firstRun.getByRole("img").evaluateAll((caps) => caps.map((cap) => cap.getAttribute("aria-label") ?? ""))
  ).map((label) => label.replace(/ key$/, ""));
  const keys = names.map((name) => profile.keys.find((key) => key.name === name)?.keyboard ?? "");
  const words = await firstRun.innerText();
  const hold = /hold ([\d.]+) s/.exec(words);
  const until = /hold until (\S+)/.exec(words);
  const taps = /(\d+) taps?/.exec(words);
  const group = page.getByRole("group", { name: new RegExp(`^Simulated ${profile.name}:`) });
  const all = async (act: (key: string) => Promise<void>) => {
    for (const key of keys) await act(key);
  };
  if (hold) {
    await all((key) => page.keyboard.down(key));
    await pass(page, Number(hold[1]) * 1000 + 150);
    await all((key) => page.keyboard.up(key));
  } else if (until) {
    await all((key) => page.keyboard.down(key));
    // Watched frame by frame, as an eye does: the value passes in a fraction of a second. On a busy machine it may pass
    // between two frames; then the hand lets go once the values come round or stop, and the card goes on from there.
    await group.evaluate(
      (display, ending) =>
        new Promise<void>((resolve) => {
          const label = () => (display.getAttribute("aria-label") ?? "").replace(/, blinking$/, "");
          const first = label();
          let last = { label: first, at: performance.now() };
          const look = () => {
            const now = label();
            const cameRound = now === first && last.label !== first;
            if (now !== last.label) last = { label: now, at: performance.now() };
            if (now.endsWith(ending) || cameRound || performance.now() - last.at > 3000) resolve();
            else requestAnimationFrame(look);
          };
          look();
        }),
      `shows ${until[1] ?? ""}`,
    );
    await all((key) => page.keyboard.up(key));
  } else if (words.includes("double tap")) {
    for (let i = 0; i < 2; i++) {
      await all((key) => page.keyboard.down(key));
      await page.waitForTimeout(40);
      await all((key) => page.keyboard.up(key));
    }
  } else if (taps) {
    for (let i = 0; i < Number(taps[1]); i++) {
      await all((key) => page.keyboard.down(key));
      await page.waitForTimeout(20);
      await all((key) => page.keyboard.up(key));
    }
  }
  await expect.poll(async () => ((await card.isVisible()) ? card.innerText() : "gone"), SOON).not.toBe(before);
}
