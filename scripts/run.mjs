// Runs one of the project's own TypeScript scripts on a machine that may be fresh: bench, schema, mutants, screenshots,
// walks, kills.
import { existsSync } from "node:fs";
import { ensureBrowser, ensureBuild, ensurePackages, run, tool } from "./lib/ready.mjs";

const name = process.argv[2];
ensurePackages();
// What needs the product in a browser: bench frames and bench scale are two of these.
const inBrowser = name === "bench" && ["frames", "scale"].includes(process.argv[3]) ? process.argv[3] : name;
if (["screenshots", "walks", "kills", "frames", "scale"].includes(inBrowser)) {
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
