// Runs one of the project's own TypeScript scripts on a machine that may be fresh: bench, schema, mutants, screenshots,
// walks.
import { existsSync } from "node:fs";
import { ensureBrowser, ensureBuild, ensurePackages, run, tool } from "./lib/ready.mjs";

const name = process.argv[2];
ensurePackages();
if (name === "screenshots" || name === "walks") {
  ensureBrowser();
  ensureBuild();
  run(tool("playwright"), ["test", "--config", `scripts/${name}.config.ts`]);
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
