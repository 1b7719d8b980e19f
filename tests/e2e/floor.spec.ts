// The floor every screen stands on: axe in both themes, no break at 390 px or 200 % zoom, keys alone, own origin only.
import { createRequire } from "node:module";
import { readFileSync } from "node:fs";
import type Axe from "axe-core";
import type { RunOnly } from "axe-core";
import type { Page } from "@playwright/test";
import { demoJobs } from "../../src/catalog/demo/workshop";
import { joined, likeBike, newBatch } from "../../src/core/batch";
import { restAsExpected } from "../../src/core/book/visits";
import { openRack, main, putJobs } from "./support";
import { expect, look as test } from "./workshop";

const SCREENS: readonly (readonly [string, string])[] = [
  ["rack", "/"],
  ["displays", "/displays"],
  ["faults", "/faults"],
  ["practice", "/practice"],
  ["two displays", "/displays/compare"],
  ["intake", "/job/demo-207/intake"],
  ["intake, nearly empty", "/job/demo-210/intake"],
  ["as found", "/job/demo-208/as-found"],
  ["plan", "/job/demo-204/plan"],
  ["plan, the rider", "/job/demo-204/plan?plan.demo-204=rider"],
  ["plan, what if", "/job/demo-204/plan?plan.demo-204=what-if"],
  ["program, before the keys", "/job/demo-208/program"],
  ["key card", "/job/demo-206/program"],
  ["prove", "/job/demo-205/prove"],
  ["hand over", "/job/demo-203/hand-over"],
  ["papers", "/job/demo-203/papers"],
  ["nothing there", "/job/no-such-job/plan"],
  ["the book", "/book"],
  ["back-up", "/book/backup"],
  ["a bike's history", "/book/bike/demo-203"],
  ["a bike nobody has", "/book/bike/no-such-bike"],
  ["batches, none yet", "/book/batches"],
  ["a batch begun", "/book/batch/from/demo-201"],
  ["a batch nobody has", "/book/batch/no-such-batch"],
  ["sent by light", "/book/send/demo-203"],
  ["bring something in", "/open"],
  ...["wheel", "speedometer", "battery", "current", "ladder", "ride", "upgrade"].map(
    (bench) => [`numbers, ${bench}`, `/job/demo-207/numbers?bench.demo-207=${bench}`] as const,
  ),
  ["numbers, nearly nothing known", "/job/demo-210/numbers?bench.demo-210=ride"],
  ...["wheel", "volts", "classes", "start", "rule"].map(
    (part) => [`tables, ${part}`, `/tables?tables=${part}`] as const,
  ),
];

/** A display described here, to have the workbench's parts to look at: the one with the longest words, cloned. */
async function workbenchScreens(page: Page): Promise<readonly (readonly [string, string])[]> {
  await page.goto("/displays");
  await page.getByRole("button", { name: /^Windrow/ }).click();
  await page.getByRole("button", { name: "Clone and vary" }).click();
  await expect(page.getByLabel("What you call it")).toBeVisible();
  const { pathname } = new URL(page.url());
  const id = pathname.split("/").at(-1) ?? "";
  return ["leaflet", "keys", "menu", "lines", "display", "files"].map(
    (part) => [`workbench, ${part}`, `${pathname}?workbench.${id}=${part}`] as const,
  );
}

/** Opens a screen; what stands behind a "?" is kept state that chooses its part. */
async function show(page: Page, path: string): Promise<void> {
  const [route = path, part] = path.split("?");
  const [name, value] = part?.split("=") ?? [];
  if (name)
    await page.evaluate(([key, kept]) => sessionStorage.setItem(`odd-spoke.${key ?? ""}`, kept ?? ""), [name, value]);
  await page.goto(route);
  await page.waitForLoadState("networkidle");
  await expect(page.getByRole("main").locator("h1, h2").first()).toBeAttached();
  if (name?.startsWith("bench."))
    await expect(page.getByRole("navigation", { name: "Benches" }).locator("[aria-current]")).toHaveText(
      new RegExp(`^${value}$`, "i"),
    );
}

const AXE = readFileSync(createRequire(import.meta.url).resolve("axe-core/axe.min.js"), "utf8");
const RULES = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"];
/** What a theme can change. */
const RULES_OF_COLOUR = ["color-contrast", "link-in-text-block"];

/** What axe finds on the page as it stands, by rule and place, and how much it looked at. No page here has frames. */
const axeOn = (page: Page, what: RunOnly): Promise<{ readonly faults: readonly string[]; readonly passed: number }> =>
  page.evaluate(async (runOnly) => {
    const { violations, passes } = await (window as unknown as { axe: typeof Axe }).axe.run(document, { runOnly });
    return {
      faults: violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(" ")).join(", ")}`),
      passed: passes.length,
    };
  }, what);

/** The whole of axe in the light theme, and what a theme can change in the dark one, in one load. */
async function expectNoFaults(page: Page, name: string): Promise<void> {
  const wear = (theme: string) => page.evaluate((to) => void (document.documentElement.dataset.theme = to), theme);
  await page.evaluate(AXE);
  await wear("light");
  const light = await axeOn(page, { type: "tag", values: RULES });
  expect(light.faults, `${name}, light`).toEqual([]);
  expect(light.passed, `rules axe held ${name} against`).toBeGreaterThan(10);
  await wear("dark");
  const dark = await axeOn(page, { type: "rule", values: RULES_OF_COLOUR });
  expect(dark.faults, `${name}, dark`).toEqual([]);
  expect(dark.passed, `rules of colour axe held ${name} against`).toBeGreaterThan(0);
  await wear("light");
}

const SIZES = [
  ["390 px", 390, 844],
  ["200 % zoom of 1280 × 800", 640, 400],
  ["a tablet upright", 800, 1180],
] as const;

/** No screen is wider than its window, however small that is. */
async function expectToFit(page: Page, name: string): Promise<void> {
  const full = page.viewportSize();
  for (const [what, width, height] of SIZES) {
    await page.setViewportSize({ width, height });
    await expect
      .poll(() => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth), {
        message: `${name} at ${what}`,
      })
      .toBeLessThanOrEqual(0);
  }
  if (full) await page.setViewportSize(full);
}

/** Requests to anywhere else, and whatever the console calls an error. */
function watchFor(page: Page, origin: string | undefined): { foreign: string[]; complaints: string[] } {
  const seen: { foreign: string[]; complaints: string[] } = { foreign: [], complaints: [] };
  page.on("request", (request) => {
    const url = new URL(request.url());
    if (!["data:", "blob:"].includes(url.protocol) && url.origin !== origin) seen.foreign.push(request.url());
  });
  page.on("console", (message) => {
    if (message.type() === "error" && !/404/.test(message.text())) seen.complaints.push(message.text());
  });
  page.on("pageerror", (error) => seen.complaints.push(String(error)));
  return seen;
}

/** All that must hold of any screen, in one load of it. */
async function expectFloor(page: Page, name: string): Promise<void> {
  await expectToFit(page, name);
  await expectNoFaults(page, name);
}

for (const [name, path] of SCREENS)
  test(`axe finds nothing on ${name}, it fits small windows, calls nowhere else and trips no policy`, async ({
    page,
    baseURL,
  }) => {
    const seen = watchFor(page, baseURL);
    await page.goto("/icon.svg");
    await show(page, path);
    await expectFloor(page, name);
    expect(seen).toEqual({ foreign: [], complaints: [] });
  });

test("axe finds nothing in the workbench, and its parts fit small windows", async ({ page }) => {
  for (const [name, path] of await workbenchScreens(page)) {
    await show(page, path);
    await expectFloor(page, name);
  }
});

test("axe finds nothing on a batch with exceptions, on a bike of it, and on its paper", async ({ page }) => {
  const at = "2026-11-20T08:00:00.000Z";
  const pattern = demoJobs().find(({ number }) => number === 201);
  const batch = pattern && newBatch(pattern, { id: "batch-floor", name: "Ferry fleet for the spring", at });
  if (!batch || !pattern.profile) throw new Error("no batch");
  const { profile } = pattern;
  const bikes = ["Plain", "The one with the long name and the basket"].map((nickname, i) => {
    const like = likeBike(pattern, { id: `floor-${i}`, number: 400 + i, nickname, at });
    return restAsExpected(
      joined({ ...like, intake: { ...like.intake, tyre: i ? "100-559" : "" } }, batch, profile, i + 1, at),
      at,
    );
  });
  await openRack(page);
  await putJobs(page, bikes);
  for (const [name, path] of [
    ["a batch", "/book/batch/batch-floor"],
    ["its paper", "/book/batch/batch-floor/paper"],
    ["the batches", "/book/batches"],
    ["a bike of a batch", "/job/floor-1/as-found"],
  ] as const) {
    await show(page, path);
    await expectFloor(page, name);
  }
});

test("axe finds nothing on the exercises, on a bike of the shop at the bench, and on checks with figures", async ({
  page,
}) => {
  test.setTimeout(90_000);
  await page.goto("/icon.svg");
  await show(page, "/practice");
  for (const kind of ["Find the odd line", "Fewest presses", "Rescue", "Which line lies?", "Find the fault"]) {
    await page.getByRole("radio", { name: kind }).click();
    await expect(main(page)).toContainText("Exercise 1");
    await expectFloor(page, kind);
  }
  await page.getByRole("radio", { name: "Rescue" }).click();
  await page.getByRole("button", { name: "Show me" }).click();
  await expect(main(page)).toContainText(/with \d+ press/);
  await expectFloor(page, "debrief");
  await show(page, "/practice?job=demo-207");
  await expect(page.getByRole("group", { name: /^Simulated / })).toBeVisible();
  await page.getByRole("radio", { name: "on the road" }).click();
  await expectFloor(page, "a bike of the shop at the bench");
  await show(page, "/job/demo-205/prove");
  for (const more of await page.getByText(/^Worth a measurement/).all()) await more.click();
  await expectFloor(page, "checks with figures");
});

test("axe finds nothing on the what-if and on what lies over a screen", async ({ page }) => {
  await page.goto("/icon.svg");
  await show(page, "/job/demo-207/plan");
  await page.getByRole("button", { name: "What if" }).click();
  await expect(page.getByRole("slider").first()).toBeVisible();
  await expectNoFaults(page, "what if");
  await show(page, "/job/demo-206/program");
  await expect(page.getByRole("region", { name: "Key card" })).toBeVisible();
  for (const open of ["e", "?", "/"]) {
    await page.keyboard.press(open);
    await expect(page.getByRole("dialog")).toBeVisible();
    await expectNoFaults(page, open);
    await page.keyboard.press("Escape");
    await expect(page.getByRole("dialog")).toBeHidden();
  }
  await page.getByRole("button", { name: "Sound, voice and hands" }).click();
  const sheet = page.getByRole("dialog", { name: "Sound, voice and hands" });
  for (const name of ["Count with me", "Read to me", "One key for everything"])
    await sheet.getByRole("radiogroup", { name }).getByText("On").click();
  await expectNoFaults(page, "sound, voice and hands");
  await page.keyboard.press("Escape");
  await expect(sheet).toBeHidden();
  await expect(page.locator("[data-said]")).toBeVisible();
  await expect(page.locator("[data-counted]")).toBeVisible();
  await expectNoFaults(page, "counted, read and offered");
});

test("the content policy allows nothing from elsewhere, and a visit ends with nothing asked of anybody", async ({
  page,
  baseURL,
}) => {
  const seen = watchFor(page, baseURL);
  const response = await page.goto("/");
  const policy = response?.headers()["content-security-policy"] ?? "";
  expect(policy).toContain("default-src 'none'");
  expect(policy).toContain("connect-src 'self'");
  expect(policy).not.toContain("unsafe-eval");
  expect(policy).not.toMatch(/script-src[^;]*unsafe-inline/);
  await openRack(page);
  await page.keyboard.press("Control+k");
  await expect(page.getByRole("dialog")).toBeVisible();
  expect(seen).toEqual({ foreign: [], complaints: [] });
});

test("the rack to a line's reason by keyboard alone, and back to the same line after a reload", async ({ page }) => {
  await openRack(page);
  await page.keyboard.press("/");
  // Typed at once, before the palette is there: nothing is lost, and no letter acts as a shortcut.
  await page.keyboard.type("snowplough plan");
  await expect(page.getByPlaceholder("Type a nickname")).toHaveValue("snowplough plan");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/demo-207\/plan/);
  await page.getByRole("button", { name: "Line 53, Speed cap" }).focus();
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("ArrowUp");
  await expect(page.getByRole("region", { name: "Because: line 51" })).toBeVisible();
  await page.reload();
  await expect(page.getByRole("region", { name: "Because: line 51" })).toBeVisible();
  await page.getByRole("slider", { name: /Spoke dial/ }).focus();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByRole("region", { name: "Because: line 52" })).toBeVisible();
  await page.keyboard.press("1");
  await expect(page).toHaveURL(/intake/);
  await page.keyboard.press("4");
  await expect(page).toHaveURL(/program/);
  await page.keyboard.press("g");
  await expect(page).toHaveURL(/\/$/);
});

test("Tab reaches every control of the key card, each with a visible focus", async ({ page }) => {
  await openRack(page);
  await show(page, "/job/demo-206/program");
  const reached = new Set<string>();
  for (let i = 0; i < 45; i++) {
    await page.keyboard.press("Tab");
    const name = await page.evaluate(() => {
      const at = document.activeElement;
      if (!(at instanceof HTMLElement) || at === document.body) return "";
      const { outlineStyle, outlineWidth } = getComputedStyle(at);
      return outlineStyle === "none" || outlineWidth === "0px"
        ? `no outline: ${at.innerText}`
        : at.innerText.replace(/\s+/g, " ");
    });
    expect(name).not.toMatch(/^no outline/);
    reached.add(name);
  }
  expect([...reached].join("|")).toMatch(/Done, it shows.*\|.*It shows something else.*Set the keys aside/);
});
