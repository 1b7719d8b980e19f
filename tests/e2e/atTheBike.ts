/**
 * Somebody at a bike of their own: reads the keys off the card, presses them on a display the product knows nothing of,
 * and looks at that display before anything is said.
 */
import type { Locator, Page } from "@playwright/test";
import { atHome, elapse, hold, standInRaws, viewOf, type DisplayProfile, type MenuState } from "../../src/core/display";
import { viewWords } from "../../src/words/keys";

/** A little longer than a display asks for, as hands hold a key, ms. */
const HOLD_MARGIN_MS = 150;
const TAP_MS = 120;
/** Between two taps, ms: never taken for a double tap. */
const APART_MS = 650;
/** A value that runs past is watched in such steps, ms. */
const WATCH_MS = 10;

const secondsIn = (words: string, pattern: RegExp): number => Number(pattern.exec(words)?.[1] ?? 0) * 1000;

export class AtTheBike {
  state: MenuState;
  /** Keys read off the card and pressed, runs of them. */
  runs = 0;

  constructor(
    private readonly page: Page,
    readonly profile: DisplayProfile,
  ) {
    this.state = atHome(profile, standInRaws(profile));
  }

  get card(): Locator {
    return this.page.getByRole("region", { name: "Key card" });
  }

  /** What the display really shows. */
  get shows(): string {
    return viewWords(viewOf(this.profile, this.state));
  }

  /** The value the line in hand really shows. */
  get value(): string {
    const view = viewOf(this.profile, this.state);
    if (view.kind !== "line") throw new Error(`no line in hand: ${this.shows}`);
    return view.shows;
  }

  private down(keys: readonly string[], ms: number): void {
    this.state = hold(this.profile, elapse(this.profile, hold(this.profile, this.state, keys), ms), []);
  }

  rest(ms: number): void {
    this.state = elapse(this.profile, this.state, ms);
  }

  /** Presses the keys of the step in hand; `but` so many taps of its last run too many, or too few. */
  async press(but = 0): Promise<void> {
    const runs = await this.card.locator("[data-run]").all();
    for (const [i, run] of runs.entries()) {
      const names = await run
        .getByRole("img")
        .evaluateAll((caps) => caps.map((cap) => (cap.getAttribute("aria-label") ?? "").replace(/ key$/, "")));
      const words = await run.locator("[data-act]").innerText();
      this.pressRun(names, words, i === runs.length - 1 ? but : 0);
      this.runs += 1;
    }
  }

  private keyIds(names: readonly string[]): readonly string[] {
    return names.map((name) => this.profile.keys.find((key) => key.name === name)?.id ?? "");
  }

  private pressRun(names: readonly string[], words: string, but: number): void {
    const keys = this.keyIds(names);
    const until = /hold until (\S+)/.exec(words)?.[1];
    const then = /then only (.+?) ([\d.]+) s/.exec(words);
    if (words.startsWith("wait")) this.rest(secondsIn(words, /wait ([\d.]+) s/));
    else if (until !== undefined) this.holdUntil(keys, until);
    else if (then) {
      const kept = this.keyIds((then[1] ?? "").split(" + "));
      const first = elapse(
        this.profile,
        hold(this.profile, this.state, keys),
        secondsIn(words, /hold ([\d.]+) s/) + HOLD_MARGIN_MS,
      );
      const on = elapse(this.profile, hold(this.profile, first, kept), Number(then[2]) * 1000 + HOLD_MARGIN_MS);
      this.state = hold(this.profile, on, []);
    } else if (words.includes("hold")) this.down(keys, secondsIn(words, /hold ([\d.]+) s/) + HOLD_MARGIN_MS);
    else if (words.includes("double tap")) {
      this.down(keys, TAP_MS);
      this.rest(100);
      this.down(keys, TAP_MS);
    } else
      for (let i = 0; i < Number(/(\d+) taps?/.exec(words)?.[1] ?? 0) + but; i++) {
        this.down(keys, TAP_MS);
        this.rest(APART_MS);
      }
    this.rest(APART_MS);
  }

  private holdUntil(keys: readonly string[], ending: string): void {
    this.state = hold(this.profile, this.state, keys);
    for (let ms = 0; ms < 60_000; ms += WATCH_MS) {
      const view = viewOf(this.profile, this.state);
      if (view.kind === "line" && view.shows === ending) break;
      this.rest(WATCH_MS);
    }
    this.state = hold(this.profile, this.state, []);
  }

  /** Whether the display shows what the card says it must. */
  async isAsItMust(): Promise<boolean> {
    const line = this.card.locator("[data-must-line]");
    const must = (await this.card.locator("[data-must-show]").allInnerTexts())[0] ?? "";
    const view = viewOf(this.profile, this.state);
    // A line to be read is only to come up, whatever it shows.
    if ((await this.card.getByText("Go there and read it").count()) > 0)
      return view.kind === "line" && view.code === (await line.getAttribute("data-must-line"));
    if ((await line.count()) === 0) return must === this.shows;
    const code = await line.getAttribute("data-must-line");
    return view.kind === "line" && view.code === code && view.shows === must;
  }
}
