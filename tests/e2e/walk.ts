/**
 * A random user, seeded: clicks, types with real keys, reloads, goes back, double-clicks, opens a second tab. What was
 * typed in a field of a bike must stand there after whatever comes next; nothing may crash, complain, or write without
 * end; and what is left in the browser must come back from a job file the same.
 */
import { expect, type BrowserContext, type Locator, type Page } from "@playwright/test";
import { readJobFile } from "@/core/record/jobFile";
import { sealFault, type Job } from "@/core/record";
import { seeded } from "@/core/units/seeded";
import { openRack, PLACES_OF_A_JOB, stored } from "./support";

export interface WalkFigures {
  readonly deeds: number;
  readonly typed: number;
  readonly keptFieldsChecked: number;
  readonly writes: number;
  readonly jobs: number;
}

const TEXTS = [
  "26",
  "0",
  "2075",
  "50-559",
  "29 x 2.25",
  "-3",
  "1e9",
  "25 mph",
  "…",
  "1,5",
  "  ",
  "999999999",
  "toString",
];
const KEYS = ["Enter", "Escape", "Tab", " ", "1", "3", "5", "e", "j", "/", "?", "ArrowDown", "ArrowUp", "Delete"];
/** Fields here belong to the job, and what is typed in them is kept as typed. */
const KEPT_ON = /\/job\/[^/]+\/(intake|numbers|hand-over)/;
/** Longest a quiet page may go on writing after the last deed, and how long it is watched, ms. */
const REST_MS = 1500;
const WATCHED_MS = 1500;

type Writes = Window & { walkWrites?: number };

/** Counts every write to the browser's database. */
const countWrites = (context: BrowserContext): Promise<unknown> =>
  context.addInitScript(() => {
    const counted = window as Writes;
    counted.walkWrites = 0;
    for (const name of ["put", "add", "delete", "clear"] as const) {
      const real = IDBObjectStore.prototype[name] as (...args: unknown[]) => IDBRequest;
      (IDBObjectStore.prototype as unknown as Record<string, unknown>)[name] = function (
        this: IDBObjectStore,
        ...args: unknown[]
      ) {
        counted.walkWrites = (counted.walkWrites ?? 0) + 1;
        return real.apply(this, args);
      };
    }
  });

const writesOf = (page: Page): Promise<number> => page.evaluate(() => (window as Writes).walkWrites ?? 0);

/** Matches any of the texts, whole. */
const oneOfTexts = (...texts: readonly string[]): RegExp =>
  new RegExp(`^(${texts.map((text) => text.replace(/[.*+?^${}()|[\]\\/]/g, "\\$&")).join("|")})$`);

const nameOf = (target: Locator): Promise<string> =>
  target
    .evaluate((node) => (node.getAttribute("aria-label") ?? node.textContent ?? "").trim().slice(0, 50), undefined, {
      timeout: 1000,
    })
    .catch(() => "?");

/** Somebody who wanders: clicks, types, presses and reloads as the dice say, and complains of what goes wrong. */
class Wanderer {
  readonly log: string[] = [];
  typed = 0;
  keptFieldsChecked = 0;
  private readonly random: () => number;

  constructor(
    private readonly context: BrowserContext,
    private readonly page: Page,
    private readonly seed: number,
  ) {
    this.random = seeded(seed);
  }

  told(): string {
    return `seed ${this.seed}\n${this.log.slice(-12).join("\n")}`;
  }

  pick<Item>(items: readonly Item[]): Item {
    return items[Math.floor(this.random() * items.length)] as Item;
  }

  anywhere(): string {
    return this.pick([
      "/",
      "/displays",
      "/displays/compare",
      "/tables",
      "/faults",
      "/practice",
      ...PLACES_OF_A_JOB.flatMap((stage) => [stage, stage]).map(
        (stage) => `/job/demo-${this.pick([201, 203, 204, 205, 206, 207, 208, 209])}/${stage}`,
      ),
      `/job/demo-${this.pick([201, 207, 208, 209])}/numbers`,
    ]);
  }

  /** One of what can be seen, or null. Chosen within the page, so that a moving screen is no obstacle. */
  private async oneOf(on: Page, selector: string): Promise<Locator | null> {
    const all = on.locator(selector).filter({ visible: true });
    const count = await all.count();
    return count === 0 ? null : all.nth(Math.floor(this.random() * count));
  }

  /** A click that may miss, as a hand's may: the thing can have gone in the meantime. */
  async click(on: Page, double: boolean): Promise<void> {
    const target = await this.oneOf(
      on,
      "main button:enabled, main a[href^='/'], main summary, [role=dialog] button:enabled",
    );
    if (!target) return;
    this.log.push(`${double ? "double click" : "click"} ${await nameOf(target)}`);
    const options = { timeout: 1500, noWaitAfter: true };
    await (double ? target.dblclick(options) : target.click(options)).catch(() => undefined);
  }

  async type(on: Page): Promise<void> {
    const field = await this.oneOf(
      on,
      "main input:enabled:not([type=radio],[type=checkbox],[type=file],[type=range]), main textarea",
    );
    if (!field) return;
    if (
      !(await field.click({ timeout: 1500 }).then(
        () => true,
        () => false,
      ))
    )
      return;
    const text = this.pick(TEXTS);
    await on.keyboard.press("Control+a");
    await on.keyboard.type(text, { delay: 12 });
    this.typed += 1;
    // The screen may have changed under the hand: what counts is the field that has the focus now, and where it stands.
    const { label, value, path } = await on.evaluate(() => {
      const now = document.activeElement;
      const isField = now instanceof HTMLInputElement || now instanceof HTMLTextAreaElement;
      const called = isField ? (now.labels?.[0]?.textContent?.trim() ?? "") : "";
      return { label: called, value: isField ? now.value : "", path: location.pathname };
    });
    this.log.push(`type ${JSON.stringify(text)}: ${label || "?"} shows ${JSON.stringify(value)} at ${path}`);
    if (on !== this.page || label === "" || !KEPT_ON.test(path)) return;
    const same = on.getByLabel(label, { exact: true });
    if ((await same.count()) !== 1) return;
    if (this.random() < 0.5) await on.waitForTimeout(300);
    this.log.push("reload at once");
    await on.reload();
    if ((await same.count().catch(() => 0)) !== 1)
      await same
        .first()
        .waitFor({ timeout: 4000 })
        .catch(() => undefined);
    if ((await same.count()) !== 1) return;
    // A speed that names the unit it is asked in is the number alone, with the unit beside its field.
    const bare = value.replace(/ (mph|km\/h)$/, "");
    await expect
      .poll(() => same.inputValue(), { message: this.told(), timeout: 4000 })
      .toMatch(oneOfTexts(value, bare));
    this.keptFieldsChecked += 1;
  }

  async press(on: Page): Promise<void> {
    const key = this.pick(KEYS);
    this.log.push(`press ${key}`);
    await on.keyboard.press(key);
  }

  async secondTab(): Promise<void> {
    this.log.push(`second tab at ${this.page.url()}`);
    const other = await this.context.newPage();
    await other.goto(this.page.url());
    await other.waitForTimeout(250);
    await this.pick([() => this.click(other, false), () => this.type(other), () => this.press(other)])();
    await other.waitForTimeout(200);
    await other.close();
  }

  private readonly deeds: readonly (readonly [weight: number, deed: () => Promise<unknown>])[] = [
    [6, () => this.click(this.page, false)],
    [5, () => this.type(this.page)],
    [3, () => this.press(this.page)],
    [2, () => this.click(this.page, true)],
    [
      2,
      () => {
        const to = this.anywhere();
        this.log.push(`go to ${to}`);
        return this.page.goto(to);
      },
    ],
    [1, () => (this.log.push("back"), this.page.goBack().catch(() => null))],
    [1, () => (this.log.push("reload"), this.page.reload())],
    [1, () => this.secondTab()],
  ];
  private readonly bag = this.deeds.flatMap(([weight, deed]) => Array.from({ length: weight }, () => deed));

  /** One deed by chance. */
  async act(): Promise<void> {
    await this.pick(this.bag)();
  }
}

/** One walk of `length` deeds in a fresh browser. */
export async function walk(context: BrowserContext, seed: number, length: number): Promise<WalkFigures> {
  await countWrites(context);
  const complaints: string[] = [];
  context.on("page", (page) => {
    page.on("pageerror", (error) => complaints.push(`crash: ${error.message}`));
    page.on("console", (message) => {
      if (message.type() === "error") complaints.push(`console: ${message.text()}`);
    });
    page.on("dialog", (dialog) => void dialog.accept());
  });
  const page = await context.newPage();
  await openRack(page);
  const wanderer = new Wanderer(context, page, seed);

  // A walk begins with something typed.
  await page.goto(`/job/demo-${wanderer.pick([201, 207, 208, 209])}/intake`);
  await page.getByLabel("Nickname").waitFor();
  await wanderer.type(page);
  await page.goto(wanderer.anywhere());
  for (let i = 0; i < length; i++) {
    await wanderer.act();
    // Back at the very start of the tab there is nothing: a person opens the product again.
    if (!page.url().startsWith("http")) await page.goto("/");
    expect(complaints, wanderer.told()).toEqual([]);
    await expect(page.getByText(/cannot be shown/), wanderer.told()).toHaveCount(0);
  }

  await page.waitForTimeout(REST_MS);
  const writes = await writesOf(page);
  await page.waitForTimeout(WATCHED_MS);
  expect((await writesOf(page)) - writes, `writes of a page left alone\n${wanderer.told()}`).toBeLessThanOrEqual(1);
  const jobs = JSON.parse(await stored(page)) as Job[];
  for (const job of jobs) {
    const reading = readJobFile(JSON.stringify(job));
    expect(reading.ok ? null : reading.problem, wanderer.told()).toBeNull();
    expect(reading.ok ? reading.job : null, wanderer.told()).toEqual(JSON.parse(JSON.stringify(job)));
    expect(sealFault(job), wanderer.told()).toBeNull();
  }
  expect(complaints, wanderer.told()).toEqual([]);
  return {
    deeds: length,
    typed: wanderer.typed,
    keptFieldsChecked: wanderer.keptFieldsChecked,
    writes,
    jobs: jobs.length,
  };
}
