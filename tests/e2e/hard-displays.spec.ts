// Three hard displays described through the screens alone, and a whole job done on each.
import type { Page } from "@playwright/test";
import type { DisplayProfile } from "../../src/core/display";
import { describeByHand } from "./describing";
import { displayOf } from "./described";
import { HARD_DISPLAYS } from "./hardDisplays";
import { main, openRack } from "./support";
import { clocked as test, expect } from "./workshop";

const kept = async (page: Page, id: string): Promise<DisplayProfile> => displayOf(page, id);

for (const target of HARD_DISPLAYS)
  test(`${target.name} is described by hand, and a bike goes through the whole job with it`, async ({ page }) => {
    test.setTimeout(420_000);
    page.setDefaultTimeout(20_000);
    await openRack(page);
    const { id, actions } = await describeByHand(page, target);
    await expect(main(page)).toContainText("It works. Press it and see.");
    console.log(`${target.name}: ${actions} actions for ${target.lines.length} lines and ${target.rules.length} rules`);
    expect((await kept(page, id)).name).toBe(target.name);
  });
