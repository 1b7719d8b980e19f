// Runs one of the project's own TypeScript scripts on a machine that may be fresh: bench, schema, screenshots.
import { ensureBrowser, ensureBuild, ensurePackages, run, tool } from "./lib/ready.mjs";

const name = process.argv[2];
ensurePackages();
if (name === "screenshots") {
  ensureBrowser();
  ensureBuild();
  run(tool("playwright"), ["test", "--config", "scripts/screenshots.config.ts"]);
} else run(tool("tsx"), ["--tsconfig", "tsconfig.json", `scripts/${name}.ts`]);
