/**
 * A person's hands: real keys at human pace, clicks, held keys, double clicks. Nothing here fills a field behind its
 * back.
 */
import { expect, type CDPSession, type Locator, type Page } from "@playwright/test";

/** Time between two keys of a quick typist, ms. */
const KEY_MS = 40;

export interface Hands {
  /** Types with real keys, wherever the focus is. */
  readonly type: (text: string) => Promise<void>;
  readonly press: (key: string, times?: number) => Promise<void>;
  /** Holds a key as long as a heavy thumb does: the browser repeats it. */
  readonly hold: (key: string, repeats: number) => Promise<void>;
  /** Goes into a field and types in it, in place of what stands there. */
  readonly write: (field: Locator, text: string) => Promise<void>;
  readonly doubleClick: (target: Locator) => Promise<void>;
  /** Pastes, as from a clipboard, wherever the focus is. */
  readonly paste: (field: Locator, text: string) => Promise<void>;
}

export function handsOf(page: Page, keyMs = KEY_MS): Hands {
  return {
    type: (text) => page.keyboard.type(text, { delay: keyMs }),
    press: async (key, times = 1) => {
      for (let i = 0; i < times; i++) await page.keyboard.press(key, { delay: Math.min(20, keyMs) });
    },
    hold: async (key, repeats) => {
      // Every further "down" of a key that is down is a repeat.
      for (let i = 0; i <= repeats; i++) {
        await page.keyboard.down(key);
        await page.waitForTimeout(30);
      }
      await page.keyboard.up(key);
    },
    write: async (field, text) => {
      await field.click();
      await page.keyboard.press("Control+a");
      if (text === "") await page.keyboard.press("Delete");
      else await page.keyboard.type(text, { delay: keyMs });
    },
    doubleClick: (target) => target.dblclick({ delay: 30 }),
    paste: async (field, text) => {
      await page.context().grantPermissions(["clipboard-read", "clipboard-write"]);
      await page.evaluate((copied) => navigator.clipboard.writeText(copied), text);
      await field.click();
      await page.keyboard.press("Control+a");
      await page.keyboard.press("Control+v");
    },
  };
}

/** Typed into a field by real keys, quickly: for tests whose matter is another one. */
export async function write(field: Locator, text: string): Promise<void> {
  await handsOf(field.page(), 6).write(field, text);
}

export const paste = (field: Locator, text: string): Promise<void> => handsOf(field.page()).paste(field, text);

/** Slows the processor down by a factor, as an old tablet would. */
export async function slowed(page: Page, factor: number): Promise<CDPSession> {
  const session = await page.context().newCDPSession(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate: factor });
  return session;
}

/** Fails on anything the console or the page itself calls an error. Call it before the first page is opened. */
export function listenForErrors(page: Page): () => void {
  const errors: string[] = [];
  page.on("pageerror", (error) => errors.push(error.message));
  page.on("console", (message) => {
    if (message.type() === "error") errors.push(message.text());
  });
  return () => expect(errors).toEqual([]);
}
