import { defineConfig } from "@playwright/test";
import base from "../playwright.config";

export default defineConfig({
  ...base,
  testDir: ".",
  testMatch: "walks.spec.ts",
  // A walk takes as long as the machine lets it: it fails on what it finds.
  timeout: 900_000,
  reporter: [["dot"]],
  webServer: base.webServer,
});
