import { defineConfig } from "@playwright/test";
import base from "../playwright.config";

export default defineConfig({
  ...base,
  testDir: ".",
  testMatch: "kills.spec.ts",
  // A thousand take about an hour: it fails on what it finds.
  timeout: 4 * 3600_000,
  workers: 1,
  reporter: [["dot"]],
  webServer: base.webServer,
});
