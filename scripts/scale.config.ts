import { defineConfig } from "@playwright/test";
import base from "../playwright.config";

export default defineConfig({
  ...base,
  testDir: ".",
  testMatch: "scale.spec.ts",
  workers: 1,
  reporter: [["list"]],
  webServer: base.webServer,
});
