// Runs one of the project's own TypeScript scripts on a machine that may be fresh: bench, schema, mutants, screenshots,
// walks.
import { existsSync } from "node:fs";
import { ensureBrowser, ensureBuild, ensurePackages, run, tool } from "./lib/ready.mjs";

const name = process.argv[2];
ensurePackages();
// What needs the product in a browser: bench frames is one of these.
const inBrowser = name === "bench" && process.argv[3] === "frames" ? "frames" : name;
if (["screenshots", "walks", "frames"].includes(inBrowser)) {
  ensureBrowser();
  ensureBuild();
  run(tool("playwright"), ["test", "--config", `scripts/${inBrowser}.config.ts`]);
} else {
  // A part of a script is a script of its own: bench leaflet.
  const part = `${name}-${process.argv[3] ?? ""}`;
  const own = existsSync(`scripts/${part}.ts`);
  run(tool("tsx"), [
    "--tsconfig",
    "tsconfig.json",
    `scripts/${own ? part : name}.ts`,
    ...process.argv.slice(own ? 4 : 3),
  ]);
}
