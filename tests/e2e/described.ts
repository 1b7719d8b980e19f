/** A display described here, as the browser keeps it, and the parts of its workbench. */
import { expect, type Page } from "@playwright/test";
import type { DisplayProfile } from "../../src/core/display";
import type { Path } from "../../src/core/display/editing";

/** The display kept under an id. */
export const displayOf = (page: Page, id: string): Promise<DisplayProfile> =>
  page.evaluate(
    (wanted) =>
      new Promise<DisplayProfile>((resolve, reject) => {
        const open = indexedDB.open("odd-spoke");
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const get = open.result.transaction("displays").objectStore("displays").get(wanted);
          get.onsuccess = () => {
            open.result.close();
            resolve((get.result as { readonly profile: DisplayProfile }).profile);
          };
          get.onerror = () => reject(get.error);
        };
      }),
    id,
  );

/** Clones a display that ships and opens it on the workbench; its id. */
export async function cloned(page: Page, name: string): Promise<string> {
  await page.goto("/displays");
  await page.getByRole("button", { name: new RegExp(`^${name}`) }).click();
  await page.getByRole("button", { name: "Clone and vary" }).click();
  return opened(page);
}

/** Begins a description from nothing; its id. */
export async function begun(page: Page): Promise<string> {
  await page.goto("/displays");
  await page.getByRole("button", { name: "Describe a display" }).click();
  return opened(page);
}

async function opened(page: Page): Promise<string> {
  await expect(page.getByLabel("What you call it")).toBeVisible();
  return new URL(page.url()).pathname.split("/").at(-1) ?? "";
}

export const openPart = (page: Page, part: "Keys" | "Menu" | "Lines" | "Display" | "Files"): Promise<void> =>
  page.getByRole("radio", { name: part, exact: true }).check();

/** What is asked of the display as a whole, in the order it is asked. */
export const OF_THE_WHOLE: readonly Path[] = [
  ["levels"],
  ["modes"],
  ["infoLines"],
  ["menu", "changing"],
  ["menu", "saves"],
  ["menu", "idle", "closesAfterMs"],
  ["menu", "idle", "pending"],
  ["inForce"],
  ["pinDigits"],
  ["doubleTapMs"],
  ["glass"],
  ["acceptsNominalV"],
  ["faultCodes"],
  ["source"],
];
