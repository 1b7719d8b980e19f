// npm run bench -- frames: frames a second of the practice bench while a bike is ridden, here and on a machine four
// times slower.
import { expect, test } from "@playwright/test";
import { SHIPPED_DISPLAYS } from "../src/catalog/displays";
import { slowed } from "../tests/e2e/hands";

const FOR_MS = 4000;
const PROMISED_FPS = 59;

for (const { name } of SHIPPED_DISPLAYS)
  for (const factor of [1, 4])
    test(`${name}, processor slowed ${factor} times`, async ({ page }) => {
      await page.goto("/practice");
      await page.getByLabel("Display", { exact: true }).selectOption({ label: name });
      await page.getByText("on the road").click();
      await page.getByText("turning").click();
      await slowed(page, factor);
      await page.waitForTimeout(500);
      const [fps, worstMs] = await page.evaluate(
        (forMs) =>
          new Promise<[number, number]>((resolve) => {
            const began = performance.now();
            let [frames, last, worst] = [0, began, 0];
            const count = (at: number) => {
              frames += 1;
              worst = Math.max(worst, at - last);
              last = at;
              if (at - began >= forMs) resolve([(frames * 1000) / (at - began), worst]);
              else requestAnimationFrame(count);
            };
            requestAnimationFrame(count);
          }),
        FOR_MS,
      );
      console.log(
        `${name}, slowed ${factor} times: ${fps.toFixed(1)} frames a second, longest ${worstMs.toFixed(0)} ms`,
      );
      if (factor === 1) expect(fps).toBeGreaterThanOrEqual(PROMISED_FPS);
    });
