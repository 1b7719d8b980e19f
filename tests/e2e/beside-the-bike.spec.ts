// Beside the bike with no free hand: one key, a game pad, or taps on a phone; with a slip, a doubled press, a held
// press and a menu that closes. Whoever presses looks at a display of their own, which the product knows nothing of.
import type { Page } from "@playwright/test";
import { SHIPPED_DISPLAYS } from "../../src/catalog/displays";
import { linesOf, type DisplayProfile } from "../../src/core/display";
import { AtTheBike } from "./atTheBike";
import { CAIRN, FARROW } from "./hardDisplays";
import { changesFor, putOnRack, toBeProgrammed } from "./standJobs";
import { jobOf, lineIsRead, openRack } from "./support";
import { expect, fresh as test } from "./workshop";

const WORDED = SHIPPED_DISPLAYS.find(({ name }) => name === "Windrow") ?? FARROW;
/** A window of time, a code with shares below it, a menu in words. */
const DISPLAYS: readonly DisplayProfile[] = [FARROW, CAIRN, WORDED];

/** What a hand or foot can do, whichever it is. */
interface Driver {
  readonly name: string;
  readonly size: { readonly width: number; readonly height: number };
  readonly settings: object;
  readonly done: (page: Page) => Promise<void>;
  /** Says what the display shows instead. */
  readonly other: (page: Page, shows: string) => Promise<void>;
  /** Says what a line shows that nobody is sure of. */
  readonly read: (page: Page, shows: string) => Promise<void>;
  readonly back: (page: Page) => Promise<void>;
  /** One press that lasts long; one that trembles. */
  readonly held: (page: Page) => Promise<void>;
  readonly trembling: (page: Page) => Promise<void>;
}

/** Presses are at least so far apart as the card needs to tell them apart, ms. */
const APART_MS = 280;
const apart = (page: Page) => page.waitForTimeout(APART_MS);

const space = async (page: Page) => {
  await apart(page);
  await page.keyboard.press("Space");
};
/** The key of a value that a line may show: the suggested one says more. */
const valueKey = (shows: string) => new RegExp(`^(It shows )?${shows.replace(/[.+*?()[\]^$|\\]/g, "\\$&")}(space)?$`);
const whenOffered = async (page: Page, name: string | RegExp) => {
  await expect(page.locator("[data-offered]")).toHaveText(name, { timeout: 120_000 });
  // Nobody answers sooner to what they see.
  await page.waitForTimeout(250);
  await page.keyboard.press("Space");
};

const ONE_KEY: Driver = {
  name: "one key alone",
  size: { width: 1280, height: 800 },
  settings: { oneKey: true, offerMs: 1200 },
  done: space,
  other: whenOffered,
  read: (page, shows) => whenOffered(page, valueKey(shows)),
  back: (page) => whenOffered(page, "One step back"),
  held: async (page) => {
    await apart(page);
    for (let i = 0; i < 12; i++) {
      await page.keyboard.down("Space");
      await page.waitForTimeout(30);
    }
    await page.keyboard.up("Space");
  },
  trembling: async (page) => {
    await apart(page);
    // In one go, as no load of the machine may draw them apart.
    await page.evaluate(() => {
      for (let i = 0; i < 3; i++) window.dispatchEvent(new KeyboardEvent("keydown", { key: " ", cancelable: true }));
    });
  },
};

const pad = async (page: Page, button: number, forMs = 90) => {
  await apart(page);
  await page.evaluate((at) => (window as unknown as { pad: Set<number> }).pad.add(at), button);
  await page.waitForTimeout(forMs);
  await page.evaluate((at) => (window as unknown as { pad: Set<number> }).pad.delete(at), button);
  await page.waitForTimeout(60);
};
/** A game pad that is not there: its buttons are those of `window.pad`. */
const standInPad = (page: Page) =>
  page.addInitScript(() => {
    const down = new Set<number>();
    Object.assign(window, { pad: down });
    const buttons = Array.from({ length: 8 }, (_, i) => ({
      get pressed() {
        return down.has(i);
      },
    }));
    navigator.getGamepads = () => [{ index: 0, buttons }] as unknown as Gamepad[];
  });

const PAD: Driver = {
  name: "a game pad",
  size: { width: 1280, height: 800 },
  settings: {},
  done: (page) => pad(page, 0),
  other: async (page, shows) => {
    await pad(page, 3);
    const answers = page.getByRole("dialog", { name: "What does it show?" }).locator("li");
    await expect(answers.first()).toBeVisible();
    for (let i = 0; i < 12; i++) {
      const marked = answers.filter({ has: page.locator("[data-offered]") });
      if ((await marked.locator(".font-bold").innerText()) === shows) return pad(page, 0);
      await pad(page, 3);
    }
    throw new Error(`no answer “${shows}” by the pad`);
  },
  read: async (page, shows) => {
    const marked = page.locator("[data-offered]");
    const said = () => marked.innerText({ timeout: 200 }).catch(() => null);
    // The suggested value is taken without a mark.
    const first = page.getByRole("region", { name: "Key card" }).getByRole("button").first();
    if (valueKey(shows).test((await first.innerText()).replace(/\s*space$/, ""))) return pad(page, 0);
    for (let i = 0; i < 200; i++) {
      await pad(page, 3);
      if (valueKey(shows).test((await said()) ?? "")) return pad(page, 0);
    }
    throw new Error(`no value “${shows}” by the pad`);
  },
  back: (page) => pad(page, 1),
  held: (page) => pad(page, 0, 900),
  trembling: async (page) => {
    await apart(page);
    await page.evaluate(async () => {
      const { pad: down } = window as unknown as { pad: Set<number> };
      const wait = () => new Promise((resolve) => setTimeout(resolve, 45));
      for (let i = 0; i < 2; i++) {
        down.add(0);
        await wait();
        down.delete(0);
        await wait();
      }
    });
  },
};

/** A free place of the card: what it must show. */
const free = (page: Page) =>
  page.getByRole("region", { name: "Key card" }).locator("[data-must-line], [data-must-show]").first();
const tap = async (page: Page) => {
  await apart(page);
  await free(page).tap();
};
const TAPS: Driver = {
  name: "taps on a phone",
  size: { width: 390, height: 844 },
  settings: {},
  done: tap,
  other: async (page, shows) => {
    await apart(page);
    const card = page.getByRole("region", { name: "Key card" });
    await card.getByRole("button", { name: shows, exact: true }).tap();
  },
  read: async (page, shows) => {
    await apart(page);
    const card = page.getByRole("region", { name: "Key card" });
    await card
      .getByRole("button", { name: valueKey(shows) })
      .first()
      .tap();
  },
  back: async (page) => {
    await apart(page);
    await page.getByRole("button", { name: "One step back" }).tap();
  },
  held: async (page) => {
    await apart(page);
    await free(page).hover();
    await page.mouse.down();
    await page.waitForTimeout(900);
    await page.mouse.up();
  },
  trembling: async (page) => {
    await apart(page);
    await free(page).evaluate((at: HTMLElement) => {
      at.click();
      at.click();
    });
  },
};

for (const [n, driver] of [ONE_KEY, PAD, TAPS].entries())
  for (const [i, profile] of DISPLAYS.entries())
    test.describe(`${profile.name} by ${driver.name}`, () => {
      test.use({ viewport: driver.size, hasTouch: driver === TAPS });
      test("is programmed whole, mishaps and all", async ({ page }) => {
        test.setTimeout(240_000);
        await page.addInitScript(
          (settings) => localStorage.setItem("odd-spoke.beside-the-bike", JSON.stringify(settings)),
          driver.settings,
        );
        if (driver === PAD) await standInPad(page);
        await openRack(page);
        const job = toBeProgrammed(profile, `beside-${n}-${i}`, 950 + 10 * n + i);
        await putOnRack(page, job);
        await page.goto(`/job/${job.id}/program`);
        await page.getByRole("button", { name: "Start the keys on the bike" }).click();
        // Hands besides the keyboard are looked for once the card stands.
        await expect(page.locator("[data-hands]")).toBeVisible();
        await page.waitForTimeout(500);
        await programmed(page, driver, profile);
        const kept = await jobOf(page, job.id);
        expect(kept.program?.done).toBe(true);
      });
    });

/** What stands on the card, but for its clock; "gone" once there is none. */
const says = async (bike: AtTheBike): Promise<string> =>
  (await bike.card.innerText({ timeout: 400 }).catch(() => "gone")).replace(/Menu closes in[^\n]*\n*\d*/, "");

/** Whether what follows the step in hand is another step, and no line to be read. */
const staysOnSteps = async (bike: AtTheBike): Promise<boolean> =>
  (await bike.card.getByText("Go there and read it").count()) === 0;

/** Whether the card asks what a line shows that a slip may have changed. */
const isReading = async (bike: AtTheBike): Promise<boolean> =>
  (await bike.card.getByRole("heading", { name: "What does it show?" }).count()) > 0;

/** The whole card by one driver, with every mishap once; the bike's own display decides whether it went well. */
async function programmed(page: Page, driver: Driver, profile: DisplayProfile): Promise<void> {
  const bike = new AtTheBike(page, profile);
  const end = page.getByRole("heading", { name: "Saved and in force, as told" });
  const due = new Set(["slip", "tremble", "hold", "doubled", "closes"]);
  for (let step = 0; step < 90; step++) {
    await expect(bike.card.or(end)).toBeVisible();
    if (await end.isVisible()) break;
    await expect(bike.card).not.toContainText("Working out the keys");
    const before = await says(bike);
    if (await isReading(bike)) {
      await lineIsRead(page);
      await driver.read(page, bike.value);
      await expect.poll(() => says(bike)).not.toBe(before);
      continue;
    }
    const inMenu = bike.state.screen.kind === "menu";
    const endsInTaps = /tap/.test(await bike.card.locator("[data-act]").last().innerText());
    const isLine = (await bike.card.locator("[data-must-line]").count()) > 0;
    // A tap too many on a value.
    const slips = inMenu && isLine && endsInTaps && due.delete("slip");
    if (!slips && inMenu && due.delete("closes")) bike.rest(profile.menu.idle.closesAfterMs + 500);
    else await bike.press(slips ? 1 : 0);
    if (!(await bike.isAsItMust())) await driver.other(page, bike.shows);
    else if (due.delete("tremble")) await driver.trembling(page);
    else if (due.delete("hold")) await driver.held(page);
    else if (inMenu && isLine && (await staysOnSteps(bike)) && due.delete("doubled")) await doubled(page, driver, bike);
    else await driver.done(page);
    await expect.poll(() => says(bike)).not.toBe(before);
  }
  await expect(end).toBeVisible();
  expect([...due], "mishaps that never came").toEqual([]);
  // A display that acts only once it is on again is on again by now.
  for (const [code, raw] of changesFor(profile))
    expect(bike.state.inForce[linesOf(profile).findIndex((line) => line.code === code)], code).toBe(raw);
  expect(bike.state.inForce).toEqual(bike.state.saved);
}

/** Pressed twice, half a second apart: a step nobody has pressed is told as done, and one step back takes it back. */
async function doubled(page: Page, driver: Driver, bike: AtTheBike): Promise<void> {
  await driver.done(page);
  await page.waitForTimeout(500);
  const after = await says(bike);
  await driver.done(page);
  await expect.poll(() => says(bike)).not.toBe(after);
  await driver.back(page);
}
