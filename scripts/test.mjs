// npm test: what CI runs. Installs what is missing, then types, lint, timed and unit tests, build, sizes, browser tests.
import { ensureBrowser, ensureBuild, ensurePackages, run, tool } from "./lib/ready.mjs";

const stage = (name) => console.log(`\n── ${name} ──`);
ensurePackages();
ensureBrowser();
ensureBuild();
stage("Types");
run(tool("tsc"), ["--noEmit"]);
stage("Lint");
run(tool("eslint"), [".", "--max-warnings", "0"]);
// What may take only so long is timed before the long tests fill both cores.
const TIMED = "**/*.timing.test.ts";
stage("Timed tests");
run(tool("vitest"), ["run", ".timing.", "--maxWorkers", "1"]);
stage("Unit tests");
run(tool("vitest"), ["run", "--exclude", TIMED]);
stage("First-load JavaScript");
run("node", ["scripts/sizes.mjs"]);
stage("Browser tests");
run(tool("playwright"), ["test"]);
