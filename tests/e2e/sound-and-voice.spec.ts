// What is heard beside the bike: tones at the machine's own times, a voice that says what stands on the card, nothing
// of either until somebody chooses it; and what is seen of it from as far away as the keys are.
import type { Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import { ModuleKind, ScriptTarget, transpileModule } from "typescript";
import { TARN } from "../../src/catalog/displays/tarn";
import { USUAL_PACE } from "../../src/core/keys";
import { cuesOf, type Cue } from "../../src/core/keys/cues";
import { notesOf, type Note } from "../../src/ui/besideTheBike/score";
import { openDemo, sayDone } from "./support";
import { expect, fresh as test } from "./workshop";

const card = (page: Page) => page.getByRole("region", { name: "Key card" });

interface Heard {
  /** Times at which something is heard after silence, and at which the pitch leaps over what a hold reaches, ms. */
  readonly onsets: readonly number[];
  readonly leaps: readonly number[];
}

/** Renders notes in an offline audio context and listens, millisecond by millisecond. */
async function heard(page: Page, notes: readonly Note[], forMs: number): Promise<Heard> {
  await page.goto("about:blank");
  const source = readFileSync("src/ui/besideTheBike/score.ts", "utf8");
  const { outputText } = transpileModule(source, {
    compilerOptions: { module: ModuleKind.CommonJS, target: ScriptTarget.ES2022 },
  });
  return page.evaluate(
    async ({ code, all, ms }) => {
      const exports: { laid?: (context: BaseAudioContext, notes: unknown, fromS: number, volume: number) => void } = {};
      new Function("exports", code)(exports);
      const RATE = 48_000;
      const context = new OfflineAudioContext(1, (RATE * ms) / 1000, RATE);
      exports.laid?.(context, all, 0, 1);
      const samples = (await context.startRendering()).getChannelData(0);
      const perMs = RATE / 1000;
      const loud = Array.from({ length: ms }, (_, i) =>
        Math.max(...samples.slice(i * perMs, (i + 1) * perMs).map(Math.abs)),
      );
      // Pitch by crossings of zero, over ten milliseconds from each one on.
      const pitch = Array.from({ length: ms - 10 }, (_, i) => {
        const part = samples.slice(i * perMs, (i + 10) * perMs);
        let crossings = 0;
        for (let k = 1; k < part.length; k++) if ((part[k - 1] ?? 0) < 0 !== (part[k] ?? 0) < 0) crossings += 1;
        return (crossings / 2) * 100;
      });
      const isLoud = (i: number) => (loud[i] ?? 0) > 0.02;
      const onsets = loud.flatMap((_, i) =>
        isLoud(i) && Array.from({ length: 15 }, (__, k) => i - 1 - k).every((k) => !isLoud(k)) ? [i] : [],
      );
      const leaps = pitch.flatMap((hz, i) =>
        hz > 1100 && (pitch[i - 1] ?? 0) <= 1100 && isLoud(i) && isLoud(i - 5) ? [i + 10] : [],
      );
      return { onsets, leaps };
    },
    { code: outputText, all: notes as unknown as object[], ms: forMs },
  );
}

const near = (times: readonly number[], ms: number): number => Math.min(...times.map((at) => Math.abs(at - ms)));

test("every tick and every end of a hold is heard within 30 ms of the keys of the machine", async ({ page }) => {
  const later = (cues: readonly Cue[], byMs: number): readonly Cue[] =>
    cues.map((cue) => ({ ...cue, downMs: cue.downMs + byMs, upMs: cue.upMs + byMs }));
  const cues = later(
    cuesOf(
      [
        { stroke: { kind: "tap", keys: ["ring"] }, count: 19 },
        { stroke: { kind: "hold", keys: ["lamp", "plus"], holdMs: 1800 }, count: 1 },
        { stroke: { kind: "double-tap", keys: ["ring"] }, count: 1 },
        { stroke: { kind: "hold", keys: ["ring"], holdMs: 600 }, count: 1 },
      ],
      USUAL_PACE,
    ),
    100,
  );
  const { onsets, leaps } = await heard(page, notesOf(cues), 13_000);
  const holds = cues.filter(({ kind }) => kind === "hold");
  for (const { downMs } of cues) expect(near(onsets, downMs), `down at ${downMs}: ${onsets.join()}`).toBeLessThan(30);
  for (const { upMs } of holds) expect(near(leaps, upMs), `up at ${upMs}: ${leaps.join()}`).toBeLessThan(30);
  // And nothing besides: a tick nobody is to press would be counted.
  expect(onsets).toHaveLength(cues.length);
});

/** A voice that is not there, and a sound that is counted: what they are asked for, and when. */
const standIns = (page: Page) =>
  page.addInitScript(() => {
    const log: { what: string; text: string; atMs: number }[] = [];
    const told = (what: string, text = "") => log.push({ what, text, atMs: performance.now() });
    Object.assign(window, { log });
    class Utterance {
      onend: (() => void) | null = null;
      rate = 1;
      constructor(readonly text: string) {}
    }
    let speaking: ReturnType<typeof setTimeout> | undefined;
    const voices = {
      getVoices: () => [{ voiceURI: "stand-in", name: "Stand-in", lang: "en-GB" }],
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
      cancel: () => {
        clearTimeout(speaking);
        told("stopped");
      },
      speak: (utterance: Utterance) => {
        told("said", utterance.text);
        speaking = setTimeout(() => {
          told("over", utterance.text);
          utterance.onend?.();
        }, 600);
      },
    };
    Object.defineProperty(window, "speechSynthesis", { value: voices });
    Object.defineProperty(window, "SpeechSynthesisUtterance", { value: Utterance });
    const Sound = window.AudioContext;
    window.AudioContext = class extends Sound {
      constructor(options?: AudioContextOptions) {
        super(options);
        told("sound");
      }
    };
  });
const logOf = (page: Page) =>
  page.evaluate(() => (window as unknown as { log: { what: string; text: string; atMs: number }[] }).log);

async function toTheCard(page: Page): Promise<void> {
  await openDemo(page, 207, "program");
  await page.getByRole("button", { name: "Start the keys on the bike" }).click();
  await expect(card(page)).toContainText("Open the menu");
}

test("nothing sounds or speaks until it is chosen, and what is chosen is kept by the device", async ({ page }) => {
  await standIns(page);
  await toTheCard(page);
  await sayDone(page);
  await expect(card(page)).toContainText("step 2 of");
  await page.waitForTimeout(2500);
  expect(await logOf(page)).toEqual([]);
  await expect(page.locator("[data-counted], [data-said]")).toHaveCount(0);
  await page.getByRole("button", { name: "Sound, voice and hands" }).click();
  const sheet = page.getByRole("dialog", { name: "Sound, voice and hands" });
  await sheet.getByRole("radiogroup", { name: "Read to me" }).getByText("On").click();
  await sheet.getByRole("radiogroup", { name: "Count with me" }).getByText("On").click();
  await page.keyboard.press("Escape");
  await expect(page.locator("[data-said]")).toBeVisible();
  await page.reload();
  await expect(page.locator("[data-said]")).toBeVisible();
});

test("a step is said as it stands on the card, again on request, and broken off by the next", async ({ page }) => {
  await standIns(page);
  await page.addInitScript(() =>
    localStorage.setItem("odd-spoke.beside-the-bike", JSON.stringify({ speaks: true, counts: true, volume: 0.3 })),
  );
  await toTheCard(page);
  const said = async () => (await logOf(page)).filter(({ what }) => what === "said").map(({ text }) => text);
  const words = "Lamp and Plus, together, hold 1.8 seconds. It must show line 31, 2.";
  await expect.poll(said).toEqual([words]);
  await expect(page.locator("[data-said]")).toHaveText(`“${words}”`);
  // Counted once it was said, and heard then.
  await expect(page.locator("[data-counted]")).toBeVisible();
  const over = (await logOf(page)).find(({ what }) => what === "over");
  const sound = (await logOf(page)).find(({ what }) => what === "sound");
  expect(sound?.atMs ?? 0).toBeGreaterThan(over?.atMs ?? Infinity);
  await page.keyboard.press("r");
  await expect.poll(said).toEqual([words, words]);
  // The next step does not wait for the voice: it breaks it off.
  await sayDone(page);
  await expect.poll(async () => (await said()).length).toBe(3);
  const log = await logOf(page);
  const [last] = log.filter(({ what }) => what === "said").slice(-1);
  expect(last?.text).toMatch(/^Ring, three taps\. Minus, one tap\. It must show line 34, 2\.$/);
  expect(
    log
      .slice(
        0,
        log.findLastIndex(({ what }) => what === "said"),
      )
      .at(-1)?.what,
  ).toBe("stopped");
});

test("a hand is taught by pressing, says that and nothing else, and is taken away by a click", async ({ page }) => {
  await toTheCard(page);
  const sheet = page.getByRole("dialog", { name: "Sound, voice and hands" });
  await page.getByRole("button", { name: "Sound, voice and hands" }).click();
  const line = sheet.getByRole("listitem").filter({ hasText: "Done" }).first();
  await line.getByRole("button", { name: "Teach" }).click();
  await expect(line.getByRole("button", { name: "Press it now" })).toBeVisible();
  await page.keyboard.press("b");
  await expect(line.getByRole("button", { name: "Take b away from “Done”" })).toBeVisible();
  await line.getByRole("button", { name: "Teach" }).click();
  await page.mouse.wheel(0, 60);
  await expect(line.getByRole("button", { name: "Take wheel down away from “Done”" })).toBeVisible();
  await line.getByRole("button", { name: "Take Space away from “Done”" }).click();
  await page.keyboard.press("Escape");
  await expect(sheet).toBeHidden();
  await page.waitForTimeout(300);
  await page.keyboard.press("Space");
  await page.waitForTimeout(300);
  await expect(card(page)).toContainText("step 1 of");
  await page.keyboard.press("b");
  await expect(card(page)).toContainText("step 2 of");
  await page.waitForTimeout(300);
  await page.mouse.move(300, 300);
  // A wheel that runs on is one press.
  for (let i = 0; i < 6; i++) await page.mouse.wheel(0, 40);
  await expect(card(page)).toContainText("step 3 of");
  await page.keyboard.press("Backspace");
  await expect(card(page)).toContainText("step 2 of");
});

/** Size of a CSS pixel: 390 of them on a phone 65 mm wide, 1280 on a laptop 294 mm wide; common practice, no source. */
const SCREENS = [
  { name: "a phone at 1 m", width: 390, height: 844, pixelMm: 65 / 390, awayMm: 1000 },
  { name: "a laptop at 2 m", width: 1280, height: 800, pixelMm: 294 / 1280, awayMm: 2000 },
] as const;
const LEAST_ARC_MINUTES = 20;

for (const { name, width, height, pixelMm, awayMm } of SCREENS)
  test.describe(name, () => {
    test.use({ viewport: { width, height } });
    test("shows every act of the card, and what it must show, under 20 arc minutes or more", async ({ page }) => {
      await toTheCard(page);
      const arcMinutes = (px: number) => (Math.atan((px * pixelMm) / awayMm) * 180 * 60) / Math.PI;
      let acts = 0;
      for (let step = 0; step < 5; step++) {
        // Capital height of the words, by the font's own measure; of a key's sign, the longer side of what is drawn.
        const sizes = await card(page).evaluate((section) => {
          const pen = document.createElement("canvas").getContext("2d");
          const words = [...section.querySelectorAll<HTMLElement>("[data-act], [data-must-show]")].map((at) => {
            const { fontFamily, fontWeight, fontSize } = getComputedStyle(at);
            if (pen) pen.font = `${fontWeight} 100px ${fontFamily}`;
            const share = (pen?.measureText("8").actualBoundingBoxAscent ?? 0) / 100;
            return { what: at.innerText, px: share * parseFloat(fontSize) * at.currentCSSZoom };
          });
          const signs = [...section.querySelectorAll("[data-run] [role=img]")].map((at) => {
            const drawn = [...at.querySelectorAll("svg > *, span")].map((part) => part.getBoundingClientRect());
            const wide = Math.max(...drawn.map(({ right }) => right)) - Math.min(...drawn.map(({ left }) => left));
            const high = Math.max(...drawn.map(({ bottom }) => bottom)) - Math.min(...drawn.map(({ top }) => top));
            return { what: at.getAttribute("aria-label") ?? "", px: Math.max(wide, high) };
          });
          return [...words, ...signs];
        });
        for (const { what, px } of sizes)
          expect(arcMinutes(px), `${what} ${px} px`).toBeGreaterThanOrEqual(LEAST_ARC_MINUTES);
        acts += sizes.length;
        if (step < 4) await sayDone(page);
        await page.waitForTimeout(400);
      }
      expect(acts).toBeGreaterThan(10);
      expect(TARN.keys.length).toBeGreaterThan(1);
    });
  });
