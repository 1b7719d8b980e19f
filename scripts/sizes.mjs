// First-load JavaScript per route, gzipped, as the browser gets it from the production build. Fails over the budget.
import { spawn } from "node:child_process";
import { gzipSync } from "node:zlib";
import { ensureBuild, environment, freePort, root, tool } from "./lib/ready.mjs";

const BUDGET_KB = 230;
const ROUTES = ["/", "/displays", ...["intake", "as-found", "plan", "program", "prove", "hand-over"].map((stage) => `/job/demo-207/${stage}`)];

ensureBuild();
const port = await freePort(4170);
const server = spawn(tool("next"), ["start", "-p", String(port)], { cwd: root, env: environment, stdio: ["ignore", "pipe", "inherit"] });
await new Promise((resolve) => server.stdout.on("data", (data) => /ready/i.test(String(data)) && resolve()));
const base = `http://localhost:${port}`;
const sizes = new Map();
const gzipped = async (src) => {
  if (!sizes.has(src)) sizes.set(src, gzipSync(Buffer.from(await (await fetch(base + src)).arrayBuffer())).length);
  return sizes.get(src);
};
let failed = false;
try {
  for (const route of ROUTES) {
    const html = await (await fetch(base + route)).text();
    // Scripts for browsers without modules are never loaded by one this product runs in.
    const scripts = new Set([...html.matchAll(/<script\b[^>]*\bsrc="([^"]+\.js[^"]*)"[^>]*>/g)].filter(([tag]) => !/\bnomodule\b/i.test(tag)).map(([, src]) => src));
    let bytes = 0;
    for (const src of scripts) bytes += await gzipped(src);
    const kb = bytes / 1000;
    if (scripts.size === 0 || kb > BUDGET_KB) failed = true;
    console.log(`${route.padEnd(26)} ${kb.toFixed(1).padStart(6)} kB gzip in ${scripts.size} files${kb > BUDGET_KB ? `  over the budget of ${BUDGET_KB} kB` : ""}`);
  }
} finally {
  server.kill();
}
console.log(failed ? "Over budget, or no scripts found." : `All under ${BUDGET_KB} kB.`);
process.exit(failed ? 1 : 0);
