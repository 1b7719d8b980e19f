// Runs one of the project's own TypeScript scripts on a machine that may be fresh: bench, schema, mutants, screenshots,
// walks.
import { ensureBrowser, ensureBuild, ensurePackages, run, tool } from "./lib/ready.mjs";

const name = process.argv[2];
ensurePackages();
if (name === "screenshots" || name === "walks") {
  ensureBrowser();
  ensureBuild();
  run(tool("playwright"), ["test", "--config", `scripts/${name}.config.ts`]);
} else if (name === "bench" && process.argv[3] === "leaflet")
  run(tool("tsx"), ["--tsconfig", "tsconfig.json", "scripts/lib/leafletBench.ts"]);
else run(tool("tsx"), ["--tsconfig", "tsconfig.json", `scripts/${name}.ts`, ...process.argv.slice(3)]);
