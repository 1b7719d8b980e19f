// Where one lands, what is reached, what a phone shows, what a long text costs, and what 200 bikes cost.
import type { Page } from "@playwright/test";
import { writeJobFile, type Job } from "../../src/core/record";
import { handsOf, paste, write } from "./hands";
import { jobOf, main, openDemo, openRack, putJobs } from "./support";
import { expect, fresh, test } from "./workshop";

const STAGES = [
  ["intake", "Intake"],
  ["as-found", "As found"],
  ["plan", "Plan"],
  ["program", "Program"],
  ["prove", "Prove"],
  ["hand-over", "Hand over"],
  ["numbers", "Numbers"],
] as const;

test("each stage opens at its top with its heading in focus", async ({ page }) => {
  await openDemo(page, 201, "numbers");
  const rail = page.getByRole("navigation", { name: "Stages of the job" });
  for (const [, name] of STAGES) {
    await page.evaluate(() => window.scrollTo(0, 9999));
    await rail.getByRole("link", { name: new RegExp(`^${name}`) }).click();
    await expect(page.getByRole("heading", { name, exact: true, level: 2 })).toBeFocused();
    expect(await page.evaluate(() => window.scrollY)).toBe(0);
  }
});

test("digits typed in a field are digits, and on As found they are whatever has the focus", async ({ page }) => {
  await openDemo(page, 208, "as-found");
  await page.locator("button", { hasText: "Photo of line 52" }).focus();
  await page.keyboard.type("6", { delay: 30 });
  await expect(page).toHaveURL(/as-found/);
  await expect(page.getByLabel("What line 52 shows")).toHaveValue("6");
});

test("nothing in focus is hidden behind a bar that sticks", async ({ page }) => {
  await openDemo(page, 204, "plan");
  for (let i = 0; i < 70; i++) {
    await page.keyboard.press("Tab");
    const covered = await page.evaluate(() => {
      const at = document.activeElement;
      if (!(at instanceof HTMLElement) || at === document.body) return null;
      const box = at.getBoundingClientRect();
      const top = document.elementFromPoint(box.left + box.width / 2, box.top + Math.min(box.height / 2, 12));
      return top && (at.contains(top) || top.contains(at)) ? null : `${at.tagName} ${at.innerText.slice(0, 40)}`;
    });
    expect(covered).toBeNull();
  }
});

fresh.describe("on a phone", () => {
  fresh.use({ viewport: { width: 390, height: 780 }, hasTouch: true, isMobile: true });

  fresh(
    "the number pad stands above the fold, with no keyboard of the system's, and nothing is cut",
    async ({ page }) => {
      await openDemo(page, 208, "as-found");
      const pad = page.getByRole("group", { name: "Number pad" });
      const box = await pad.boundingBox();
      expect((box?.y ?? 999) + (box?.height ?? 999)).toBeLessThanOrEqual(780);
      await expect(page.getByLabel("What line 52 shows")).toHaveAttribute("inputmode", "none");
      for (const digit of "12") await pad.getByRole("button", { name: digit, exact: true }).tap();
      await page.getByRole("button", { name: "Next line" }).tap();
      await expect.poll(async () => (await jobOf(page, "demo-208")).asFound.shown["52"]).toBe("12");
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    },
  );

  fresh("Done stays in one place from step to step, and is always in sight", async ({ page }) => {
    await openDemo(page, 207, "program");
    await page.getByRole("button", { name: "Start the keys on the bike" }).tap();
    const card = page.getByRole("region", { name: "Key card" });
    const places = new Set<number>();
    for (let step = 1; step <= 4; step++) {
      await expect(card).toContainText(`step ${step} of`);
      const box = await card.getByRole("button", { name: /^Done/ }).boundingBox();
      places.add(Math.round(box?.y ?? -1));
      expect((box?.y ?? 999) + (box?.height ?? 999)).toBeLessThanOrEqual(780);
      await card.getByRole("button", { name: /^Done/ }).tap();
      // A second tap in the same half second is a double tap, which is one.
      await page.waitForTimeout(600);
    }
    expect(places.size).toBe(1);
  });
});

test("the count of taps is as large as the key it counts", async ({ page }) => {
  await openDemo(page, 207, "program");
  await page.getByRole("button", { name: "Start the keys on the bike" }).click();
  await expect(page.getByRole("region", { name: "Key card" })).toContainText("step 1 of");
  await page.keyboard.press("Space");
  await expect(page.getByRole("region", { name: "Key card" })).toContainText("step 2 of");
  const run = page.locator("[data-run]").first();
  const [key, words] = [
    await run.getByRole("img").first().boundingBox(),
    await run
      .locator("p")
      .first()
      .evaluate((p) => parseFloat(getComputedStyle(p).fontSize)),
  ];
  expect(words).toBeGreaterThanOrEqual(0.45 * (key?.height ?? 999));
});

test("no key of a nickname makes a plan", async ({ page }) => {
  await page.addInitScript(() => {
    const asked = { plans: 0 };
    Object.assign(window, { asked });
    const post = Worker.prototype.postMessage;
    Worker.prototype.postMessage = function (this: Worker, ...args: Parameters<typeof post>) {
      asked.plans += 1;
      return post.apply(this, args);
    } as typeof post;
  });
  await openDemo(page, 207, "intake");
  await expect(page.getByRole("link", { name: /^Program about 31 s/ })).toBeVisible();
  const before = await page.evaluate(() => (window as unknown as { asked: { plans: number } }).asked.plans);
  expect(before).toBeGreaterThan(0);
  await write(page.getByLabel("Nickname"), "Snowplough by another name");
  await expect.poll(async () => (await jobOf(page, "demo-207")).intake.nickname).toBe("Snowplough by another name");
  expect(await page.evaluate(() => (window as unknown as { asked: { plans: number } }).asked.plans)).toBe(before);
});

test(
  "a long leaflet is read in slices with a way to stop; one too long is " + "refused, and nothing of it is taken",
  async ({ page }) => {
    await openRack(page);
    await page.goto("/displays");
    await page.getByRole("button", { name: "Describe a display" }).click();
    const field = page.getByLabel("The leaflet’s text");
    // Stop is pressed the moment it stands there: how quick a machine is makes no difference.
    await page.evaluate(() => {
      const watch = new MutationObserver(() => {
        const stop = [...document.querySelectorAll("main button")].find(
          (button) => button.textContent?.trim() === "Stop",
        );
        if (!(stop instanceof HTMLElement)) return;
        watch.disconnect();
        stop.click();
      });
      watch.observe(document.body, { childList: true, subtree: true });
    });
    const long = Array.from({ length: 3600 }, (_, i) => `q${i} Speed limit of kind ${i}, 10-45 km/h, default 25`).join(
      "\n",
    );
    await paste(field, long);
    await expect(main(page)).toContainText("Reading stopped.");
    await paste(field, "q1 some line of a leaflet\n".repeat(8_000));
    await expect(page.getByRole("alert").first()).toContainText("up to 200000 are read at once");
    await paste(field, "a1 Speed limit 10-45 km/h default 25");
    await expect(main(page)).toContainText("1 line found");
  },
);

test("a text longer than a field takes is refused whole, and what stood there stays", async ({ page }) => {
  await openDemo(page, 210, "intake");
  const note = page.getByLabel("Nickname");
  await paste(note, "y".repeat(20_001));
  await expect(page.getByRole("alert").first()).toContainText(
    "That is 20001 characters; Nickname keeps up to 20000. Nothing was changed.",
  );
  await expect(note).toHaveValue("Tin Plover");
});

/** The same bike many times over, under ids and numbers of their own. */
const many = (job: Job, count: number): Job[] =>
  Array.from({ length: count }, (_, i) => ({
    ...job,
    id: `many-${i}`,
    number: 1000 + i,
    // One a minute: the rack shows the newest, and the book all of them.
    createdAt: new Date(Date.parse(job.createdAt) + i * 60_000).toISOString(),
    demo: false,
    onTheStand: false,
    intake: { ...job.intake, nickname: `Herd ${i}` },
  }));

async function withHerd(page: Page): Promise<void> {
  await openRack(page);
  await putJobs(page, many(await jobOf(page, "demo-207"), 200));
  await page.goto("/");
  // The newest and the oldest of those the rack shows: all between them are worked out as well.
  for (const name of ["Herd 199", "Herd 145"])
    await expect(page.getByRole("link", { name }).first()).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole("link", { name: /more visits in the book/ })).toBeVisible();
}

test("with 200 bikes a ticket is worked out once, and the finder finds, mounting only what is seen", async ({
  page,
}) => {
  test.setTimeout(120_000);
  await page.addInitScript(() => {
    const counts = { tickets: 0 };
    Object.assign(window, { counts });
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args: Parameters<typeof put>) {
      if (this.name === "tickets") counts.tickets += 1;
      return put.apply(this, args);
    };
  });
  await withHerd(page);
  const made = () => page.evaluate(() => (window as unknown as { counts: { tickets: number } }).counts.tickets);
  await page.goto("/");
  await expect(page.getByRole("link", { name: "Herd 199" }).first()).toBeVisible();
  await page.waitForTimeout(600);
  expect(await made()).toBe(0);
  await page.getByRole("button", { name: "Put on the stand: Herd 190", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Herd 190", exact: true })).toBeVisible();
  await page.waitForTimeout(400);
  // Its own, and that of the one that takes its hook among the waiting.
  expect(await made()).toBe(2);

  // The finder among them: its active item is always there.
  await page.keyboard.press("/");
  const box = page.getByRole("combobox", { name: "Find a bike, a line, a place" });
  await expect(box).toBeFocused();
  const active = () =>
    box.evaluate((input) => {
      const id = input.getAttribute("aria-activedescendant");
      return id !== null && document.getElementById(id) !== null;
    });
  await expect.poll(active).toBe(true);
  for (const letter of "herd 42 wheel") {
    await page.keyboard.type(letter, { delay: 40 });
    await expect.poll(active).toBe(true);
    expect(await page.getByRole("option").count()).toBeLessThan(110);
  }
  await page.keyboard.press("ArrowDown");
  await expect.poll(active).toBe(true);
  await expect(page.getByRole("option", { name: /51 Wheel.*Herd 42$/ })).toBeVisible();
  await page.getByRole("option", { name: /51 Wheel.*Herd 42$/ }).click();
  await expect(page).toHaveURL(/many-42\/plan/);
  await expect(page.getByRole("region", { name: "Because: line 51" })).toBeVisible();
});

test("a number as large as a ticket takes is followed by the lowest free one, and both go out and in again", async ({
  page,
}) => {
  await openRack(page);
  const job = await jobOf(page, "demo-210");
  await putJobs(page, [{ ...job, id: "large-number", number: 999_999_999, demo: false }]);
  await page.goto("/");
  await page.keyboard.press("n");
  await expect(page).toHaveURL(/\/intake/);
  const id = /\/job\/([^/]+)\//.exec(page.url())?.[1] ?? "";
  expect((await jobOf(page, id)).number).toBe(1);
  const large = await jobOf(page, "large-number");
  await page.goto("/");
  await page.getByLabel("Job file to import").setInputFiles({
    name: "job.json",
    mimeType: "application/json",
    buffer: Buffer.from(writeJobFile({ ...large, id: "large-number-2" })),
  });
  await page.getByRole("button", { name: "Put it on the rack" }).click();
  await expect(page).toHaveURL(/large-number-2/);
});

test("scripts, workers and styles run under a policy that calls nowhere else, and are what they say", async ({
  page,
  request,
}) => {
  const statics = new Set<string>();
  page.on("response", (response) => {
    if (new URL(response.url()).pathname.startsWith("/_next/static/")) statics.add(response.url());
  });
  const workers: string[] = [];
  page.on("worker", (worker) => workers.push(worker.url()));
  await openDemo(page, 207, "plan");
  await expect(page.getByText("walking the leaflet would take")).toBeVisible();
  expect(workers.length).toBeGreaterThan(0);
  for (const url of [...statics, ...workers]) {
    const headers = (await request.get(url)).headers();
    expect(headers["x-content-type-options"], url).toBe("nosniff");
    expect(headers["content-security-policy"], url).toContain("connect-src 'self'");
    expect(headers["content-security-policy"], url).not.toContain("unsafe-eval");
  }
  const [worker] = page.workers();
  // The same server under its other name is another origin. Tried from the worker's own clock: what a test runs in it
  // directly is let through.
  const elsewhere = new URL(page.url());
  elsewhere.hostname = "127.0.0.1";
  const blocked = await worker?.evaluate(
    (address) =>
      new Promise<string[]>((resolve) =>
        setTimeout(async () => {
          const reached = await fetch(`${address}icon.svg`, { mode: "no-cors" }).then(
            () => "reached",
            () => "refused",
          );
          let evaluated = "refused";
          try {
            evaluated = String(new Function("return 1")());
          } catch {
            // As it should be.
          }
          resolve([reached, evaluated]);
        }),
      ),
    `${elsewhere.origin}/`,
  );
  expect(blocked).toEqual(["refused", "refused"]);
});

test("a display that has to be described is described, and comes back with the bike", async ({ page }) => {
  await openDemo(page, 210, "intake");
  await page.getByRole("link", { name: "Describe it under Displays" }).click();
  await expect(main(page)).toContainText("Tin Plover waits for its display.");
  await page.getByRole("button", { name: "Describe a display" }).click();
  await expect(main(page)).toContainText("Tin Plover waits for its display.");
  await handsOf(page, 10).write(page.getByLabel("What you call it"), "Post find");
  await page.getByRole("link", { name: "Put Post find on Tin Plover" }).click();
  await expect(page).toHaveURL(/demo-210\/intake$/);
  await expect.poll(async () => (await jobOf(page, "demo-210")).profile?.name).toBe("Post find");
});
