/**
 * Where browser tests take place. Opening a browser's first window costs more than most tests do, so a worker keeps one
 * context for all of them, emptied before each: `test`. `look` leaves the demo workshop standing, for tests that change
 * nothing; `clocked` has a clock that can be moved on; `fresh` is a context of the test's own, as for another device.
 */
import { test as fresh, type BrowserContext, type Page } from "@playwright/test";
import { moveTheClock, openRack } from "./support";

export { expect } from "@playwright/test";
export { fresh };

/** A context a worker keeps, and how it is made ready for the next test. */
interface Kept {
  readonly context: BrowserContext;
  readonly empty: () => Promise<void>;
}

/** Tests in one context a worker. `prepare` is done once, before the first of them. */
const inOneContext = (prepare: (first: Page) => Promise<void>, emptied: boolean) =>
  fresh.extend<object, { readonly kept: Kept }>({
    kept: [
      async ({ browser }, handOut, { project }) => {
        const { baseURL, viewport, colorScheme, serviceWorkers } = project.use;
        const context = await browser.newContext({
          ...(serviceWorkers ? { serviceWorkers } : {}),
          ...(baseURL ? { baseURL } : {}),
          ...(viewport ? { viewport } : {}),
          ...(colorScheme ? { colorScheme } : {}),
        });
        // A page that stays, so that the browser never closes its last one.
        const keeper = await context.newPage();
        await prepare(keeper);
        const storage = await context.newCDPSession(keeper);
        const empty = async (): Promise<void> => {
          for (const page of context.pages()) if (page !== keeper) await page.close();
          if (!emptied) return;
          const storageTypes = "indexeddb,local_storage,cookies,service_workers,cache_storage";
          await storage.send("Storage.clearDataForOrigin", { origin: baseURL ?? "", storageTypes });
        };
        await handOut({ context, empty });
        await context.close();
      },
      { scope: "worker" },
    ],
    context: async ({ kept }, handOut) => {
      await kept.empty();
      await handOut(kept.context);
      await kept.empty();
    },
  });

export const test = inOneContext(() => Promise.resolve(), true);
export const look = inOneContext(openRack, false);
export const clocked = inOneContext(moveTheClock, true);
