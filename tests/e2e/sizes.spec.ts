// First-load JavaScript per route, gzipped: everything a browser fetches to show it, split-off parts included.
import type { Response } from "@playwright/test";
import { gzipSync } from "node:zlib";
import { openRack, PLACES_OF_A_JOB } from "./support";
import { expect, test } from "./workshop";

const BUDGET_KB = 230;
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
  // What waits until the screen has rested is no part of showing it, however slow the machine.
  await fresh.addInitScript((restMs) => {
    const set = window.setTimeout.bind(window);
    const soon = (todo: TimerHandler, ms = 0) => (ms >= restMs ? 0 : set(todo, ms));
    window.setTimeout = soon as typeof window.setTimeout;
  }, RESTED_MS);
  // Nothing is kept from one route for the next.
  await (await fresh.context().newCDPSession(fresh)).send("Network.setCacheDisabled", { cacheDisabled: true });
  const sizes: Record<string, number> = {};
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
    const kb = (await Promise.all(bodies.values())).reduce((sum, body) => sum + gzipSync(body).length, 0) / 1000;
    expect(bodies.size, route).toBeGreaterThan(0);
    sizes[route] = Math.round(kb * 10) / 10;
    fresh.off("response", take);
  }
  console.log(
    Object.entries(sizes)
      .map(([route, kb]) => `${route.padEnd(26)} ${kb} kB`)
      .join("\n"),
  );
  for (const [route, kb] of Object.entries(sizes)) expect(kb, route).toBeLessThanOrEqual(BUDGET_KB);
});
