/**
 * Kills a tab, or the whole browser, in the middle of work, and looks at what is left: all that the page had been told
 * was written must be there, and nothing may be half.
 */
import { spawn, type ChildProcess } from "node:child_process";
import { existsSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium, expect, type BrowserContext, type Page } from "@playwright/test";
import { entryOf } from "../../src/core/book/entry";
import { readKeptJob } from "../../src/core/record/jobFile";
import { sealFault, type Job } from "../../src/core/record";
import { seeded } from "../../src/core/units/seeded";
import { CHROMIUM } from "../../playwright.config";

export const WORKS = ["typing", "keys", "restore", "backup"] as const;
export type Work = (typeof WORKS)[number];
export const KILLS = ["tab", "browser"] as const;

export interface KillReport {
  readonly work: Work;
  readonly kill: (typeof KILLS)[number];
  /** Letters or keys done by then, and how many of them the page knew to be written. */
  readonly done: number;
  readonly known: number;
  /** The longest a letter waited until it was written, ms. */
  readonly slowestMs: number;
}

/** A browser of its own, whose process can be ended as a power cut would. */
interface Running {
  readonly context: BrowserContext;
  readonly process: ChildProcess;
  readonly close: () => Promise<void>;
}

/** Time a browser has to say where it listens, ms. */
const START_MS = 30_000;

async function started(profile: string): Promise<Running> {
  const args = [
    ...CHROMIUM.args,
    "--headless=new",
    "--remote-debugging-port=0",
    "--no-default-browser-check",
    `--user-data-dir=${profile}`,
    "about:blank",
  ];
  const process = spawn(CHROMIUM.executablePath, args, { stdio: ["ignore", "ignore", "pipe"], detached: true });
  const address = await new Promise<string>((resolve, reject) => {
    let said = "";
    const timer = setTimeout(() => reject(new Error(`no browser came up: ${said}`)), START_MS);
    process.stderr.on("data", (bytes: Buffer) => {
      said += bytes.toString();
      const found = /DevTools listening on (ws:\S+)/.exec(said)?.[1];
      if (!found) return;
      clearTimeout(timer);
      resolve(found);
    });
  });
  const browser = await chromium.connectOverCDP(address);
  const context = browser.contexts()[0] ?? (await browser.newContext());
  return {
    context,
    process,
    close: async () => {
      await browser.close().catch(() => undefined);
      await ended(process);
    },
  };
}

/** Ends a browser with all its processes, at once, by the id of their group. */
const ended = (child: ChildProcess): Promise<void> =>
  new Promise((resolve) => {
    if (child.exitCode !== null || child.signalCode !== null || child.pid === undefined) return resolve();
    child.on("exit", () => resolve());
    process.kill(-child.pid, "SIGKILL");
  });

/** Tells this process of every job the page knows to be written, as soon as it knows. */
const TELL_WRITTEN = () => {
  const put = IDBObjectStore.prototype.put;
  IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args: Parameters<typeof put>) {
    if (this.name === "jobs") {
      const job = args[0] as { id: string; intake: { frame?: string }; program: unknown; updatedAt: string };
      const said = JSON.stringify({ id: job.id, frame: job.intake.frame ?? "", updatedAt: job.updatedAt });
      this.transaction.addEventListener("complete", () => {
        console.debug(`written ${said}`);
      });
    }
    return put.apply(this, args);
  };
};

interface Written {
  readonly id: string;
  readonly frame: string;
  readonly updatedAt: string;
  readonly at: number;
}

const ALL = () =>
  new Promise<{ jobs: unknown[]; entries: unknown[] }>((resolve, reject) => {
    const open = indexedDB.open("odd-spoke");
    open.onerror = () => reject(open.error);
    open.onsuccess = () => {
      const reading = open.result.transaction(["jobs", "entries"]);
      const jobs = reading.objectStore("jobs").getAll();
      const entries = reading.objectStore("entries").getAll();
      reading.oncomplete = () => {
        open.result.close();
        resolve({ jobs: jobs.result, entries: entries.result });
      };
    };
  });

const TEXT = "26-inch post bike, both tyres new, rim trued, cable end crimped";

/** Works until the page goes, and keeps count of what was done. */
async function work(
  page: Page,
  kind: Work,
  origin: string,
  file: string,
  count: (done: number) => void,
): Promise<void> {
  if (kind === "typing") {
    await page.goto(`${origin}/job/demo-210/intake`);
    await page.getByLabel("Bike", { exact: true }).click();
    await page.keyboard.press("ControlOrMeta+a");
    for (const [i, letter] of [...TEXT].entries()) {
      count(i + 1);
      await page.keyboard.type(letter, { delay: 25 });
    }
  } else if (kind === "keys") {
    await page.goto(`${origin}/job/demo-207/program`);
    await page.getByRole("button", { name: /Start the keys on the bike/ }).click();
    await expect(page.getByRole("region", { name: "Key card" })).toBeVisible();
    for (let i = 1; i < 40; i++) {
      await page.keyboard.press("Space");
      count(i);
      // Two in a quarter of a second are one press.
      await page.waitForTimeout(280);
    }
  } else {
    await page.goto(`${origin}/book/backup`);
    if (kind === "backup") {
      for (let i = 1; i < 20; i++) {
        await page.getByRole("button", { name: "Write a back-up" }).click();
        count(i);
      }
    } else {
      await page.getByLabel("Back-up to bring in").setInputFiles(file);
      await page.getByRole("button", { name: "Bring it in" }).click();
      count(1);
      await page.waitForTimeout(3000);
    }
  }
}

/** What must hold of everything the browser keeps: every job whole, its seals unbroken, and listed as it is. */
function nothingIsHalf({ jobs, entries }: Awaited<ReturnType<typeof ALL>>): void {
  const byId = new Map((entries as readonly { readonly id: string }[]).map((entry) => [entry.id, entry]));
  expect(byId.size).toBe(jobs.length);
  for (const data of jobs) {
    const reading = readKeptJob(data);
    expect(reading.ok, JSON.stringify(reading)).toBe(true);
    const job = data as Job;
    expect(sealFault(job)).toBeNull();
    expect(byId.get(job.id)).toEqual(entryOf(job));
  }
}

/** One kill, as its seed says: of which work, of what, and when. */
export async function killOnce(origin: string, seed: number, file: string): Promise<KillReport> {
  const dice = seeded(seed);
  // Every work meets every kind of kill, whatever the run of seeds.
  const kind = WORKS[seed % WORKS.length] ?? "typing";
  const kill = KILLS[Math.floor(seed / WORKS.length) % KILLS.length] ?? "tab";
  const afterMs = 60 + dice() * (kind === "typing" ? 1600 : 900);
  const profile = mkdtempSync(join(tmpdir(), "odd-spoke-kill-"));
  let running = await started(profile);
  try {
    const page = await running.context.newPage();
    await page.addInitScript(TELL_WRITTEN);
    await page.goto(origin);
    await expect(page.getByRole("link", { name: "Snowplough" }).first()).toBeVisible();
    const written: Written[] = [];
    page.on("console", (message) => {
      const said = /^written (.*)/.exec(message.text())?.[1];
      if (said) written.push({ ...(JSON.parse(said) as Omit<Written, "at">), at: Date.now() });
    });
    const moments: number[] = [];
    let going: (() => void) | undefined;
    const begun = new Promise<void>((resolve) => {
      going = resolve;
    });
    const working = work(page, kind, origin, file, (done) => {
      moments[done] = Date.now();
      going?.();
    }).catch(() => undefined);
    await Promise.race([begun, working]);
    await new Promise((resolve) => setTimeout(resolve, afterMs));
    const known = [...written];
    const done = moments.length - 1;
    if (kill === "browser") {
      await ended(running.process);
      running = await started(profile);
    } else {
      const devtools = await running.context.newCDPSession(page);
      // A tab that is gone answers nothing more: neither this nor what was being done in it.
      void devtools.send("Page.crash").catch(() => undefined);
      await new Promise((resolve) => page.once("crash", resolve));
    }
    const next = await running.context.newPage();
    await next.goto(origin);
    await expect(next.getByRole("link", { name: "Snowplough" }).first()).toBeVisible();
    const left = await next.evaluate(ALL);
    nothingIsHalf(left);
    const kept = new Map((left.jobs as readonly Job[]).map((job) => [job.id, job]));
    for (const { id, frame, updatedAt } of known) {
      const job = kept.get(id);
      // Written again since, it is later than what was known; it is never older.
      expect(job && job.updatedAt >= updatedAt, `${id} as of ${updatedAt}`).toBe(true);
      if (kind === "typing" && id === "demo-210") expect(job?.intake.frame?.startsWith(frame)).toBe(true);
    }
    const typed = known.filter(({ id }) => kind === "typing" && id === "demo-210");
    const letters = Math.max(0, ...typed.map(({ frame }) => frame.length));
    const waits = moments.flatMap((since, n) => {
      const first = typed.find(({ frame }) => frame.length >= n);
      return first && n <= letters ? [first.at - since] : [];
    });
    return {
      work: kind,
      kill,
      done,
      known: kind === "typing" ? letters : known.length,
      slowestMs: Math.max(0, ...waits),
    };
  } finally {
    await running.close();
    if (existsSync(profile)) rmSync(profile, { recursive: true, force: true, maxRetries: 5 });
  }
}
