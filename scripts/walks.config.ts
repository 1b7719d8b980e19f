import { defineConfig } from "@playwright/test";
import base from "../playwright.config";

export default defineConfig({
  ...base,
  testDir: ".",
  testMatch: "walks.spec.ts",
  timeout: 180_000,
  reporter: [["dot"]],
  webServer: base.webServer,
});
