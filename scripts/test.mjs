// npm test: what CI runs. Installs what is missing, then types and lint side by side, unit tests, build, browser tests.
import { spawn } from "node:child_process";
import { join } from "node:path";
import {
  ensureBrowser,
  ensureBuild,
  ensurePackages,
  environment,
  plannerStamp,
  root,
  run,
  tool,
} from "./lib/ready.mjs";

/** Files that have not changed since they were found right are not looked at again; CI starts without any. */
const cached = (name) => ["--cache", "--cache-location", join(root, "node_modules", ".cache", `${name}-cache`)];
const stage = (name) => console.log(`\n── ${name} ──`);

/** Runs commands side by side, each with its output kept together; ends this process when one fails. */
async function sideBySide(commands) {
  const results = await Promise.all(
    commands.map(
      ([name, command, args]) =>
        new Promise((resolve) => {
          const child = spawn(command, args, { cwd: root, env: environment });
          let output = "";
          child.stdout.on("data", (data) => (output += data));
          child.stderr.on("data", (data) => (output += data));
          child.on("close", (code) => resolve({ name, code, output }));
          child.on("error", (error) => resolve({ name, code: 1, output: error.message }));
        }),
    ),
  );
  for (const { name, code, output } of results)
    console.log(`${name}: ${code === 0 ? "as they should be" : "not"}\n${output}`);
  if (results.some(({ code }) => code !== 0)) process.exit(1);
}

ensurePackages();
ensureBrowser();
ensureBuild();
stage("Types, lint, layout");
await sideBySide([
  ["Types", tool("tsc"), ["--noEmit"]],
  ["Lint", tool("eslint"), [".", "--max-warnings", "0", ...cached("eslint"), "--cache-strategy", "content"]],
  ["Circles of imports", tool("depcruise"), ["src", "app", "scripts", "tests"]],
  ["Layout", tool("prettier"), ["--check", ".", "--log-level", "warn", ...cached("prettier")]],
]);
stage("Unit tests");
// The planner is held against a full search for minutes: again only when something it rests on has changed. CI runs it
// whole.
const planner = plannerStamp();
const skip = planner.isProven && !process.env.CI;
if (skip) console.log("The planner is as it was when its tests passed here: they are not run again.");
run(tool("vitest"), ["run", ...(skip ? ["--exclude", "**/core/keys/**"] : [])]);
planner.prove();
stage("Browser tests");
run(tool("playwright"), ["test"]);
