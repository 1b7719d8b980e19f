// The server stopped after the first visit: a new bike goes from intake to its printed papers, every stage is reloaded,
// and the product can be installed.
import { spawn, type ChildProcess } from "node:child_process";
import { join } from "node:path";
import type { Page } from "@playwright/test";
import { TARN } from "../../src/catalog/displays/tarn";
import { linesOf } from "../../src/core/display";
import { handsOf, write } from "./hands";
import { expectStored, main, openRack, programOnBike } from "./support";
import { expect, fresh as test } from "./workshop";

const ROOT = join(import.meta.dirname, "..", "..");

/** A server of the test's own, to be stopped in the middle. */
async function served(port: number): Promise<ChildProcess> {
  const server = spawn(process.execPath, ["node_modules/next/dist/bin/next", "start", "-p", String(port)], {
    cwd: ROOT,
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1" },
    stdio: ["ignore", "pipe", "inherit"],
  });
  await new Promise<void>((resolve, reject) => {
    server.stdout.on("data", (said: Buffer) => {
      if (/ready/i.test(said.toString())) resolve();
    });
    server.on("exit", (code) => reject(new Error(`the server ended with ${String(code)}`)));
  });
  return server;
}

const stopped = (server: ChildProcess): Promise<void> =>
  new Promise((resolve) => {
    if (server.exitCode !== null || server.signalCode !== null) return resolve();
    server.removeAllListeners("exit");
    server.on("exit", () => resolve());
    server.kill("SIGKILL");
  });

/** Waits until the page has a copy of the product laid by. */
const laidBy = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });

/** Lines of the display somebody can write down. */
const CODES = linesOf(TARN).flatMap(({ code, encoding }) => (encoding.kind === "read-only" ? [] : [code]));

const PORT = 4190;
// One after the other: each has the port to itself.
test.describe.configure({ mode: "default" });
let server: ChildProcess;
test.use({ serviceWorkers: "allow", baseURL: `http://localhost:${PORT}` });
test.beforeEach(async () => {
  server = await served(PORT);
});
test.afterEach(() => stopped(server));

test("a new bike from intake to its papers with the server gone, each stage reloaded", async ({ page }) => {
  await openRack(page);
  await laidBy(page);
  await stopped(server);
  await page.goto("/");
  await page.getByRole("button", { name: /^New bike/ }).click();
  await page.getByRole("radio", { name: /^Tarn/ }).click();
  await page.getByRole("radio", { name: "EU EPAC" }).click();
  for (const [label, typed] of [
    ["Nickname", "Ferry Goat"],
    ["Tyre, as on the sidewall", "38-622"],
    ["Rollout, all turns", "2194"],
    ["Motor rating", "250"],
    ["Pack, nominal", "36"],
    ["Controller", "15"],
    ["BMS, continuous", "20"],
  ] as const)
    await write(page.getByLabel(label, { exact: true }), typed);
  await page.getByRole("radio", { name: "Geared hub" }).click();
  await page.getByRole("radiogroup", { name: "Throttle fitted" }).getByRole("radio", { name: "No" }).click();
  await page.getByRole("radiogroup", { name: "Brake cut-off levers" }).getByRole("radio", { name: "Yes" }).click();
  await expectStored(page, /"bmsA":"20"/);
  await page.reload();
  await expect(page.getByLabel("Nickname")).toHaveValue("Ferry Goat");

  await page.getByRole("link", { name: "Write down what it shows" }).click();
  await expect(page.getByRole("heading", { name: "As found", exact: true })).toBeFocused();
  const hands = handsOf(page, 15);
  for (const code of CODES) {
    await expect(page.getByLabel(`What line ${code} shows`)).toBeVisible();
    await hands.press("Enter");
  }
  await page.reload();
  await expect(main(page)).toContainText("18 of 18 written down");

  await page.getByRole("link", { name: /^Work out the plan/ }).click();
  await expect(page.getByRole("heading", { name: "Plan", exact: true })).toBeVisible();
  await page.reload();
  await page.getByRole("link", { name: /^Program it/ }).click();
  await page.getByRole("button", { name: "Start the keys on the bike" }).click();
  // What is shown is kept: the card stands once the start of the keys is written.
  await expect(page.getByRole("region", { name: "Key card" })).toBeVisible();
  await page.reload();
  await programOnBike(page);
  await page.getByRole("link", { name: /^Prove it/ }).click();
  await page.getByLabel("Line 31 shows").focus();
  await hands.press("Enter", CODES.length);
  await page.reload();
  await expect(main(page)).toContainText("All as planned.");
  await page.getByRole("link", { name: "Papers" }).click();
  await expect(page.getByRole("article", { name: "Workshop sheet" })).toContainText("Ferry Goat");
  await page.reload();
  await expect(page.getByRole("article", { name: "Workshop sheet" })).toContainText("Ferry Goat");
  // The papers are printed by the browser itself, which needs no server either.
  expect((await page.pdf()).length).toBeGreaterThan(10_000);
});

test("every place opens with the server gone, its workers and its type faces too", async ({ page }) => {
  await openRack(page);
  await laidBy(page);
  await stopped(server);
  for (const [path, heading] of [
    ["/book", "Book"],
    ["/book/backup", "Book"],
    ["/book/bike/demo-207", "Snowplough"],
    ["/displays", "Displays"],
    ["/displays/own-nobody-has", "This display is not described on this machine"],
    ["/displays/compare", /side by side|Compare/i],
    ["/faults", "Faults"],
    ["/practice", "Practice"],
    ["/tables", "Tables"],
    ["/open", "Bring something in"],
    ["/job/demo-207/plan", "Snowplough"],
    ["/job/demo-203/papers", "Marrow"],
  ] as const) {
    await page.goto(path);
    await expect(page.getByRole("heading", { level: 1, name: heading }).first()).toBeVisible();
    expect(new URL(page.url()).pathname).toBe(path);
  }
  expect(await page.evaluate(() => document.fonts.check("16px 'Atkinson Hyperlegible Next Variable'"))).toBe(true);
  const download = page.waitForEvent("download");
  await page.goto("/book/backup");
  await page.getByRole("button", { name: "Write a back-up" }).click();
  expect((await download).suggestedFilename()).toMatch(/^odd-spoke-book-.*\.zip$/);
});

test("it can be installed, and a file handed over to it is looked at", async ({ page }) => {
  await openRack(page);
  await laidBy(page);
  const devtools = await page.context().newCDPSession(page);
  const { installabilityErrors } = (await devtools.send("Page.getInstallabilityErrors")) as {
    installabilityErrors: readonly { readonly errorId: string }[];
  };
  // A test's browser keeps nothing, as a private window does: that alone may speak against it.
  expect(installabilityErrors.map(({ errorId }) => errorId).filter((id) => id !== "in-incognito")).toEqual([]);
  await page.goto("/book");
  const answer = await page.evaluate(async () => {
    const body = new FormData();
    body.append("file", new File(["line k04: wheel"], "leaflet.txt"));
    return (await fetch("/open", { method: "POST", body, redirect: "manual" })).type;
  });
  expect(answer).toBe("opaqueredirect");
  await page.goto("/open");
  await expect(main(page).getByRole("alert")).toContainText("leaflet.txt");
});
