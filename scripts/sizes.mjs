// First-load JavaScript per route, gzipped: everything a browser fetches to show the route, split-off parts included.
// Prints it per route and fails over the budget.
import { spawn } from "node:child_process";
import { gzipSync } from "node:zlib";
import { chromium } from "@playwright/test";
import { CHROMIUM, ensureBuild, environment, freePort, root, tool } from "./lib/ready.mjs";

const BUDGET_KB = 230;
const ROUTES = [
  "/",
  "/displays",
  "/displays/compare",
  "/tables",
  ...["intake", "as-found", "plan", "program", "prove", "hand-over", "numbers"].map(
    (stage) => `/job/demo-205/${stage}`,
  ),
];

ensureBuild();
const port = await freePort(4170);
const server = spawn(tool("next"), ["start", "-p", String(port)], {
  cwd: root,
  env: environment,
  stdio: ["ignore", "pipe", "inherit"],
});
await new Promise((resolve) => server.stdout.on("data", (data) => /ready/i.test(String(data)) && resolve()));
const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
    "--no-first-run",
  ],
});
let failed = false;
try {
  for (const route of ROUTES) {
    const page = await (await browser.newContext()).newPage();
    // The demo bikes must be there before a job is opened; that visit is not counted.
    await page.goto(`http://localhost:${port}/`, { waitUntil: "networkidle" });
    await page.locator('a[href^="/job/demo-"]').first().waitFor();
    // What the page itself loads: prefetches of other routes, made when it is idle, are not part of showing it.
    const sources = new Map();
    page.on("response", async (response) => {
      const { pathname } = new URL(response.url());
      if (pathname.endsWith(".js") && response.request().resourceType() === "script")
        sources.set(
          pathname,
          response.body().catch(() => Buffer.alloc(0)),
        );
    });
    await page.goto(`http://localhost:${port}${route}`, { waitUntil: "networkidle" });
    const bodies = await Promise.all(sources.values());
    const kb = bodies.reduce((sum, body) => sum + gzipSync(body).length, 0) / 1000;
    if (sources.size === 0 || kb > BUDGET_KB) failed = true;
    console.log(
      `${route.padEnd(26)} ${kb.toFixed(1).padStart(6)} kB gzip in ${sources.size} files${kb > BUDGET_KB ? `  over the budget of ${BUDGET_KB} kB` : ""}`,
    );
    await page.context().close();
  }
} finally {
  await browser.close();
  server.kill();
}
console.log(failed ? "Over budget, or no scripts found." : `All under ${BUDGET_KB} kB.`);
process.exit(failed ? 1 : 0);
