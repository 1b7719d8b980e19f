/** For tests that only look: the demo workshop, opened once a worker, and a window of its own for every test. */
import { test as base, type BrowserContext } from "@playwright/test";
import { openRack } from "./support";

export { expect } from "@playwright/test";

export const test = base.extend<object, { readonly workshop: BrowserContext }>({
  workshop: [
    async ({ browser }, handOut, { project }) => {
      const { baseURL, viewport, colorScheme } = project.use;
      const context = await browser.newContext({
        ...(baseURL ? { baseURL } : {}),
        ...(viewport ? { viewport } : {}),
        ...(colorScheme ? { colorScheme } : {}),
      });
      await openRack(await context.newPage());
      await handOut(context);
      await context.close();
    },
    { scope: "worker" },
  ],
  page: async ({ workshop }, handOut) => {
    const page = await workshop.newPage();
    await handOut(page);
    await page.close();
  },
});
