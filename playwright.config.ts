import { defineConfig } from "@playwright/test";
import { existsSync } from "node:fs";
import browsers from "./scripts/lib/browsers.json" with { type: "json" };

const PORT = 4180;

/** Debian's Chromium, with everything that would call out switched off. */
export const CHROMIUM = {
  executablePath: browsers.find((path) => existsSync(path)) ?? "",
  args: [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
    "--no-first-run",
  ],
};

export default defineConfig({
  testDir: "tests/e2e",
  workers: 2,
  fullyParallel: true,
  // What is waited for comes or does not come; how long a busy machine takes for it is no matter of these tests.
  timeout: 180_000,
  expect: { timeout: 30_000 },
  reporter: [["list"]],
  use: {
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: CHROMIUM,
    // Laid by once a context, it would double the work of every test; offline.spec lets it in.
    serviceWorkers: "block",
    colorScheme: "light",
    trace: "off",
  },
  webServer: {
    cwd: import.meta.dirname,
    command: `node node_modules/next/dist/bin/next start -p ${PORT}`,
    port: PORT,
    reuseExistingServer: false,
    env: { NEXT_TELEMETRY_DISABLED: "1" },
  },
});
