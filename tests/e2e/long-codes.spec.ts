// Codes of twelve letters and more: nowhere cut off, nowhere over another text, on every stage and paper.
import type { Page } from "@playwright/test";
import type { DisplayProfile } from "../../src/core/display";
import { HOLLIN } from "./hardDisplays";
import { atTheKeys, putOnRack } from "./standJobs";
import { main, openRack, pressNextStroke } from "./support";
import { clocked as test, expect } from "./workshop";

/** Where a code is cut off by what it stands in, or lies over another text. */
const faultsOf = (page: Page, codes: readonly string[]): Promise<readonly string[]> =>
  page.evaluate((all) => {
    const faults: string[] = [];
    const texts: { readonly text: string; readonly box: DOMRect; readonly node: Element }[] = [];
    const walker = document.createTreeWalker(document.querySelector("main") ?? document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const parent = node.parentElement;
      const text = (node.textContent ?? "").trim();
      if (!parent || text === "" || parent.closest(".sr-only, [hidden], option, dialog:not([open])")) continue;
      if (!parent.checkVisibility({ opacityProperty: true, visibilityProperty: true })) continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      for (const box of range.getClientRects())
        if (box.width > 1 && box.height > 1) texts.push({ text, box, node: parent });
    }
    // What stays in sight lies over what scrolls beneath it: that is no fault.
    const bar = (node: Element): Element | null => {
      for (let around: Element | null = node; around; around = around.parentElement)
        if (["sticky", "fixed"].includes(getComputedStyle(around).position)) return around;
      return null;
    };
    for (const { text, box, node } of texts) {
      const code = all.find((each) => text.includes(each));
      if (!code) continue;
      for (let around: Element | null = node; around; around = around.parentElement) {
        const { overflowX, overflowY } = getComputedStyle(around);
        const edge = around.getBoundingClientRect();
        const cuts = around instanceof SVGSVGElement || overflowX === "hidden" || overflowX === "clip";
        if (cuts && (box.left < edge.left - 1 || box.right > edge.right + 1))
          faults.push(`${code} is cut off in “${text}”`);
        if (overflowY === "hidden" && box.bottom > edge.bottom + 2)
          faults.push(`${code} is cut off below in “${text}”`);
      }
      for (const other of texts) {
        if (other.node === node || other.node.contains(node) || node.contains(other.node)) continue;
        if (bar(node) !== bar(other.node)) continue;
        const wide = Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left);
        const high = Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top);
        if (wide > 1 && high > 4) faults.push(`${code} lies over “${other.text}”`);
      }
    }
    return [...new Set(faults)];
  }, codes);

for (const glass of ["colour", "segment"] as const)
  test(`codes of twelve letters stand whole on a display of ${glass} glass, wide and narrow`, async ({ page }) => {
    test.setTimeout(240_000);
    const profile: DisplayProfile = { ...HOLLIN, glass };
    const job = atTheKeys(profile, `long-${glass}`, glass === "colour" ? 871 : 872, "2070");
    const codes = [
      ...profile.lines.map(({ code }) => code),
      ...profile.menu.pages.flatMap(({ entries }) => entries.flatMap((entry) => ("code" in entry ? [entry.code] : []))),
      "trailrunning",
      "thirty-six",
    ];
    expect(Math.max(...codes.map(({ length }) => length))).toBeGreaterThanOrEqual(12);
    await openRack(page);
    await putOnRack(page, job);
    for (const width of [1280, 390]) {
      await page.setViewportSize({ width, height: 844 });
      for (const stage of ["as-found", "plan", "prove", "papers"]) {
        await page.goto(`/job/${job.id}/${stage}`);
        await expect(main(page).locator("h1, h2").first()).toBeVisible();
        await page.waitForLoadState("networkidle");
        expect(await faultsOf(page, codes), `${stage} at ${width}`).toEqual([]);
      }
    }
    // The key card, step by step, with the display beside it.
    await page.goto(`/job/${job.id}/program`);
    await page.getByRole("button", { name: "Rehearse first" }).click();
    const done = page.getByRole("heading", { name: "Rehearsed" });
    let looked = 0;
    while (looked < 60 && !(await done.isVisible())) {
      for (const width of [390, 1280]) {
        await page.setViewportSize({ width, height: 844 });
        expect(await faultsOf(page, codes), `step ${looked} at ${width}`).toEqual([]);
      }
      await pressNextStroke(page, profile);
      looked += 1;
    }
    await expect(done).toBeVisible();
    expect(looked).toBeGreaterThan(4);
  });
