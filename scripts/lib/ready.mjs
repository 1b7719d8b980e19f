// What a fresh machine needs before anything else can run: packages, a build, a browser. Node's own modules only.
import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { createServer } from "node:net";
import { dirname, join, relative } from "node:path";
import { fileURLToPath } from "node:url";

export const root = join(dirname(fileURLToPath(import.meta.url)), "..", "..");
const cache = join(root, "node_modules", ".cache", "odd-spoke");

export const environment = { ...process.env, NEXT_TELEMETRY_DISABLED: "1" };

/** Runs a command in the project, its output shown; ends this process when it fails. */
export function run(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: root, stdio: "inherit", env: environment, ...options });
  if (result.error) {
    console.error(`${command}: ${result.error.message}`);
    process.exit(1);
  }
  if (result.status !== 0) process.exit(result.status ?? 1);
}

/** Path of a tool among the installed packages. */
export const tool = (name) => join(root, "node_modules", ".bin", name);

const hashOf = (files) => {
  const hash = createHash("sha256");
  for (const file of files) hash.update(relative(root, file)).update("\0").update(readFileSync(file)).update("\0");
  return hash.digest("hex");
};

const stamp = (name) => (existsSync(join(cache, name)) ? readFileSync(join(cache, name), "utf8") : "");
const setStamp = (name, value) => {
  mkdirSync(cache, { recursive: true });
  writeFileSync(join(cache, name), value);
};

/** Installs the packages when they are missing or not those of the lock file. */
export function ensurePackages() {
  const wanted = hashOf([join(root, "package-lock.json")]);
  if (existsSync(tool("next")) && stamp("packages") === wanted) return;
  console.log("Installing packages …");
  run("npm", ["ci", "--no-audit", "--no-fund"]);
  setStamp("packages", wanted);
}

const SOURCES = [
  "app",
  "src",
  "proxy.ts",
  "next.config.ts",
  "postcss.config.mjs",
  "tsconfig.json",
  "package-lock.json",
];

function filesUnder(path) {
  if (!existsSync(path)) return [];
  if (statSync(path).isFile()) return [path];
  return readdirSync(path)
    .sort()
    .flatMap((name) => filesUnder(join(path, name)));
}

/** Builds the production build when there is none of these sources. */
export function ensureBuild() {
  const wanted = hashOf(
    SOURCES.flatMap((source) => filesUnder(join(root, source))).filter((file) => !/\.test\.tsx?$/.test(file)),
  );
  if (existsSync(join(root, ".next", "BUILD_ID")) && stamp("build") === wanted) return;
  console.log("Building …");
  run(tool("next"), ["build"]);
  setStamp("build", wanted);
}

/** What the planner's results rest on. */
const PLANNER = [
  ...["core/display", "core/keys", "core/units", "catalog/displays"].map((folder) => `src/${folder}`),
  "package-lock.json",
  "vitest.config.ts",
];

/**
 * Whether the planner's tests have passed on this machine with the planner as it is now, and the way to say they have.
 */
export function plannerStamp() {
  const wanted = hashOf(PLANNER.flatMap((source) => filesUnder(join(root, source))));
  return { isProven: stamp("planner") === wanted, prove: () => setStamp("planner", wanted) };
}

/** Debian's Chromium, the one without windows first: a test takes half the work in it. Either will do. */
const [SHELL, CHROMIUM] = JSON.parse(readFileSync(join(root, "scripts", "lib", "browsers.json"), "utf8"));

/** Installs Debian's headless Chromium when it is missing. */
export function ensureBrowser() {
  if (existsSync(SHELL)) return;
  console.log("Installing headless Chromium …");
  const asRoot = process.getuid?.() === 0 ? [] : ["sudo"];
  const done = [
    ["update", "-qq"],
    ["install", "-y", "-qq", "chromium-headless-shell"],
  ].every((args) => {
    const [command, ...rest] = [...asRoot, "apt-get", ...args];
    const env = { ...environment, DEBIAN_FRONTEND: "noninteractive" };
    return spawnSync(command, rest, { cwd: root, stdio: "inherit", env }).status === 0;
  });
  if (done) return;
  if (existsSync(CHROMIUM)) return console.log("It could not be installed; the whole Chromium that is here will do.");
  console.error("Browser tests need Debian's package chromium-headless-shell, or chromium.");
  process.exit(1);
}

/** A port nobody listens on: the wanted one, or the next free one after it. */
export async function freePort(wanted) {
  for (let port = wanted; port < wanted + 200; port++) {
    const free = await new Promise((resolve) => {
      const server = createServer();
      server.once("error", () => resolve(false));
      server.listen(port, () => server.close(() => resolve(true)));
    });
    if (free) return port;
  }
  throw new Error(`no free port from ${wanted} on`);
}
