// The bench in the browser: a bike ridden by real keys, a fault put in, nothing on a hidden page, and an exercise done
// by the keys the planner itself would press.
import { expect, type Page } from "@playwright/test";
import { classById } from "../../src/catalog/classes/classes";
import { TARN } from "../../src/catalog/displays/tarn";
import { BENCH_CLASSES, BENCH_KITS } from "../../src/catalog/rig/kits";
import { bestWay, keyExercise } from "../../src/core/practice";
import { planKeys, pressCount, type Stroke } from "../../src/core/keys";
import { heldMs, KEY_COSTS, strokeMs } from "../../src/core/keys/strokes";
import { listenForErrors, slowed } from "./hands";
import { main, openRack, pass } from "./support";
import { clocked, test } from "./workshop";

const keyboardOf = (keys: readonly string[]): readonly string[] =>
  keys.map((id) => TARN.keys.find((key) => key.id === id)?.keyboard ?? "");

/** A stroke by real keys, held as long as a hand would. */
async function strike(page: Page, stroke: Stroke): Promise<void> {
  if (stroke.kind === "wait") return pass(page, stroke.ms);
  const keys = keyboardOf(stroke.keys);
  const once = async (ms: number) => {
    for (const key of keys) await page.keyboard.down(key);
    await pass(page, ms);
    for (const key of keys) await page.keyboard.up(key);
  };
  if (stroke.kind === "double-tap") {
    await once(KEY_COSTS.tapHeldMs);
    await pass(page, KEY_COSTS.doubleTapGapMs);
    await once(KEY_COSTS.tapHeldMs);
    return pass(page, KEY_COSTS.tapGapMs);
  }
  if (stroke.kind === "keep-holding") throw new Error("no such stroke on this display");
  await once(heldMs(stroke));
  await pass(page, strokeMs(stroke) - heldMs(stroke));
}

const phone = (page: Page) => page.locator("dl", { hasText: "Speed on a phone" });
const ridden = async (page: Page) =>
  Number(/Ridden\s*(\d+) m/.exec((await phone(page).innerText()).replace(/\n/g, " "))?.[1] ?? Number.NaN);

test("a bike is ridden: level by key, pedals, brake, hill; a hidden page stands still", async ({ page }) => {
  const noErrors = listenForErrors(page);
  await slowed(page, 4);
  await page.goto("/practice");
  const display = page.getByRole("group", { name: /^Simulated Tarn: / });
  await expect(display).toBeVisible();
  await expect(phone(page)).toContainText("none, wheel up");
  await page.getByText("on the road").click();
  await page.getByText("turning").click();
  await page.keyboard.press("u", { delay: 90 });
  await page.keyboard.press("u", { delay: 90 });
  await expect(display).toHaveAccessibleName(/level 2/);
  await expect.poll(() => ridden(page)).toBeGreaterThan(15);
  await expect(phone(page)).toContainText(/mph/);
  // The page is hidden: nothing moves, whatever the pedals do.
  const hide = (hidden: boolean) =>
    page.evaluate((is) => {
      Object.defineProperty(document, "hidden", { configurable: true, get: () => is });
      document.dispatchEvent(new Event("visibilitychange"));
    }, hidden);
  await hide(true);
  await page.waitForTimeout(200);
  const stood = await ridden(page);
  await page.waitForTimeout(900);
  expect(await ridden(page)).toBe(stood);
  await hide(false);
  await expect.poll(() => ridden(page)).toBeGreaterThan(stood);
  // The brake held, the bike comes to a stop, and goes on once it is let go.
  await page.getByText("still", { exact: true }).click();
  const brake = page.getByRole("button", { name: "Hold the brake" });
  await brake.hover();
  await page.mouse.down();
  await expect(brake).toHaveAttribute("aria-pressed", "true");
  await expect(phone(page)).toContainText(/Speed on a phone\s*0 mph/);
  await page.mouse.up();
  await expect(brake).toHaveAttribute("aria-pressed", "false");
  noErrors();
});

test("a fault put in shows on the bench, and is told when it is asked for", async ({ page }) => {
  await page.goto("/practice");
  const put = page.getByLabel("Put in", { exact: true });
  await put.selectOption({ label: "the display’s lead is not seated" });
  await expect(page.getByRole("group", { name: "Simulated Tarn: off" })).toBeVisible();
  await page.keyboard.press("u", { delay: 60 });
  await expect(page.getByRole("group", { name: "Simulated Tarn: off" })).toBeVisible();
  await put.selectOption({ label: "a fault I do not know" });
  await expect(main(page)).not.toContainText("It is:");
  await page.getByRole("button", { name: "What is it?" }).click();
  await expect(main(page)).toContainText(/It is: .+\./);
  // A display with codes of its own writes them.
  await page.getByLabel("Display", { exact: true }).selectOption({ label: "Bracken" });
  await put.selectOption({ label: "a brake lever rests pulled" });
  await expect(main(page)).toContainText("E 4");
  await page.reload();
  await expect(page.getByLabel("Display", { exact: true })).toHaveValue(/bracken/);
});

clocked("the fewest presses, made by real keys, are the planner's own", async ({ page }) => {
  const exercise = keyExercise(
    "fewest-presses",
    1,
    TARN,
    BENCH_KITS,
    BENCH_CLASSES.flatMap((id) => classById(id) ?? []),
  );
  if (!exercise) throw new Error("no exercise");
  const { from, goal } = bestWay(exercise);
  const plan = planKeys(TARN, from, goal);
  if (!plan.ok) throw new Error(plan.problem.key);
  const presses = pressCount(plan.strokes.map(({ stroke }) => stroke));
  await page.goto("/practice");
  await pass(page, 500);
  await page.getByText("Fewest presses").click();
  await pass(page, 500);
  await expect(main(page)).toContainText("0 presses so far");
  // A wrong key first, and the same exercise again.
  await page.keyboard.press("u");
  await pass(page, 300);
  await expect(main(page)).toContainText("1 press so far");
  await page.getByRole("button", { name: "The same again" }).click();
  await pass(page, 300);
  await expect(main(page)).toContainText("0 presses so far");
  for (const { stroke } of plan.strokes) await strike(page, stroke);
  await pass(page, 1000);
  await expect(main(page)).toContainText("Done: every line as it is to be");
  await expect(main(page)).toContainText(
    `You took ${presses} presses. The planner knows no shorter way than ${presses}.`,
  );
  await page.getByRole("button", { name: "Another one" }).click();
  await pass(page, 500);
  await expect(main(page)).toContainText("Exercise 2");
});

test("the odd line and the line that lies are named or shown, with the keys; another follows", async ({ page }) => {
  await page.goto("/practice");
  await page.getByText("Find the odd line").click();
  await expect(main(page)).toContainText(/“.+”/);
  await expect(page.getByRole("button", { name: "Say it" })).toBeDisabled();
  await page.getByLabel("It is line", { exact: true }).selectOption({ index: 1 });
  await page.getByRole("button", { name: "Say it" }).click();
  await expect(main(page)).toContainText(/Right: line|Not so\. It was line/);
  await expect(main(page)).toContainText("open the menu");
  await page.getByText("Which line lies?").click();
  await expect(page.getByLabel("It is line", { exact: true }).locator("option")).toHaveCount(5);
  await page.getByRole("button", { name: "Show me" }).click();
  await expect(main(page)).toContainText(/It (does nothing|works the other way round)\./);
  await page.getByRole("button", { name: "Another one" }).dblclick({ delay: 30 });
  await expect(main(page)).toContainText(/Exercise [23]/);
  await page.getByText("Rescue", { exact: true }).click();
  await expect(main(page)).toContainText("Bring it home with every line so");
  await page.getByLabel("Display", { exact: true }).selectOption({ label: "Windrow" });
  await expect(main(page)).toContainText(/The owner says \d{4}\.|Exercise 1/);
});

clocked(
  "a bike of the shop is ridden as it stands and as planned: 25 shown is past the cap on a fat tyre set as 26",
  async ({ page }) => {
    test.setTimeout(90_000);
    await openRack(page);
    await page.goto("/job/demo-207/plan");
    await pass(page, 500);
    await page.getByRole("link", { name: "Ride it on the bench" }).click();
    await pass(page, 500);
    await expect(main(page)).toContainText("Snowplough");
    const ride = async (): Promise<number> => {
      await page.getByText("on the road").click();
      await page.getByText("turning").click();
      for (let i = 0; i < 5; i++) {
        await page.keyboard.down("u");
        await pass(page, 120);
        await page.keyboard.up("u");
        await pass(page, 230);
      }
      await pass(page, 45_000);
      return Number(/Speed on a phone\s*([\d.]+) km\/h/.exec((await phone(page).innerText()).replace(/\n/g, " "))?.[1]);
    };
    const planned = await ride();
    expect(planned).toBeGreaterThan(22);
    expect(planned).toBeLessThanOrEqual(25);
    await page.getByText("as it stands").click();
    await pass(page, 500);
    // As found it is no bike of 25 km/h.
    expect(await ride()).toBeGreaterThan(26);
  },
);
