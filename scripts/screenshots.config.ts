import { defineConfig } from "@playwright/test";
import base from "../playwright.config";

export default defineConfig({
  ...base,
  testDir: ".",
  testMatch: "screenshots.spec.ts",
  workers: 1,
  webServer: base.webServer,
});
