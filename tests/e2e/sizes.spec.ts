// First-load JavaScript per route, gzipped: everything a browser fetches to show it, split-off parts included.
import type { Response } from "@playwright/test";
import { gzipSync } from "node:zlib";
import { openRack, PLACES_OF_A_JOB } from "./support";
import { expect, test } from "./workshop";

const BUDGET_KB = 231;
/** With what it loads once it has rested. */
const RESTED_BUDGET_KB = 250;
/** A screen has rested, ms: what is loaded later waits at least so long. */
const RESTED_MS = 600;
const ROUTES = [
  "/",
  "/displays",
  "/displays/compare",
  "/tables",
  "/faults",
  "/practice",
  ...PLACES_OF_A_JOB.map((stage) => `/job/demo-205/${stage}`),
  "/job/demo-206/program",
];

test(`every route loads in at most ${BUDGET_KB} kB of scripts`, async ({ page: fresh }) => {
  test.setTimeout(150_000);
  await openRack(fresh);
  // What waits until the screen has rested is held back until it has been shown, however slow the machine.
  await fresh.addInitScript((restMs) => {
    const [set, clear] = [window.setTimeout.bind(window), window.clearTimeout.bind(window)];
    const held = new Map<number, () => void>();
    let last = 0;
    const later = (todo: () => void, ms = 0, ...with_: unknown[]) => {
      if (ms < restMs) return set(todo, ms, ...with_);
      last -= 1;
      held.set(last, todo);
      return last;
    };
    const forget = (id?: number) => (id !== undefined && id < 0 ? void held.delete(id) : clear(id));
    Object.assign(window, { setTimeout: later, clearTimeout: forget, rest: () => held.forEach((todo) => todo()) });
  }, RESTED_MS);
  // Nothing is kept from one route for the next.
  await (await fresh.context().newCDPSession(fresh)).send("Network.setCacheDisabled", { cacheDisabled: true });
  // Working out what is to be shown may take longer than a quiet network waits.
  const quiet = async () => {
    await fresh.waitForTimeout(1200);
    await fresh.waitForLoadState("networkidle");
  };
  const sizes: Record<string, { readonly shownKb: number; readonly restedKb: number }> = {};
  for (const route of ROUTES) {
    // What the page itself loads: prefetches of other routes, made when it is idle, are not part of showing it.
    const bodies = new Map<string, Promise<Buffer>>();
    const take = (response: Response) => {
      const { pathname } = new URL(response.url());
      if (pathname.endsWith(".js") && response.request().resourceType() === "script")
        bodies.set(
          pathname,
          response.body().catch(() => Buffer.alloc(0)),
        );
    };
    fresh.on("response", take);
    await fresh.goto(route, { waitUntil: "networkidle" });
    await quiet();
    const kb = async () =>
      Math.round((await Promise.all(bodies.values())).reduce((sum, body) => sum + gzipSync(body).length, 0) / 100) / 10;
    expect(bodies.size, route).toBeGreaterThan(0);
    const shownKb = await kb();
    await fresh.evaluate(() => (window as unknown as { rest: () => void }).rest());
    await quiet();
    sizes[route] = { shownKb, restedKb: await kb() };
    fresh.off("response", take);
  }
  console.log(
    Object.entries(sizes)
      .map(([route, { shownKb, restedKb }]) => `${route.padEnd(26)} ${shownKb} kB, rested ${restedKb} kB`)
      .join("\n"),
  );
  for (const [route, { shownKb, restedKb }] of Object.entries(sizes)) {
    expect(shownKb, route).toBeLessThanOrEqual(BUDGET_KB);
    expect(restedKb, `${route}, rested`).toBeLessThanOrEqual(RESTED_BUDGET_KB);
  }
});
