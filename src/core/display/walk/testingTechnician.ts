/** For tests: a technician with a display in hand that nobody has described, who does and tells what is asked. */
import { elapse, hold, press as play } from "../machine";
import { atHome, type MenuState } from "../menuState";
import { standInRaws, type DisplayProfile } from "../profile";
import { viewOf } from "../view";
import { sameSeen, seenIn, type Answer, type Press, type Question, type Seen, type WalkSetup } from "./questions";

/** Times of a hand, ms: between two questions, a tap, a look. */
const TIMES = { between: 300, tap: 120, gap: 230, reach: 300, settle: 450, battery: 3000 } as const;
const TICK_MS = 20;
const FINE_TICK_MS = 10;
/** A key held that runs through values shows another one at least so soon, ms. */
const LONGEST_WATCH_MS = 1200;

export class Technician {
  state: MenuState;
  /** Time at the keys so far, ms. */
  keyMs = 0;
  questions = 0;
  asked: Record<string, number> = {};

  constructor(
    readonly profile: DisplayProfile,
    /** A wrong answer in place of the true one, now and then. */
    readonly errs: (truth: Answer) => Answer = (truth) => truth,
    raws: readonly number[] = standInRaws(profile),
  ) {
    this.state = atHome(profile, raws);
  }

  get setup(): WalkSetup {
    const { keys, rules } = this.profile;
    const on = rules.find(({ does, gesture }) => does.kind === "power-on" && gesture.kind === "hold");
    return {
      keys: keys.map(({ id, name, part }) => ({ id, name, isKey: part === "key" })),
      power: on?.keys[0] ?? keys[0]?.id ?? "",
    };
  }

  private get seen(): Seen {
    return seenIn(viewOf(this.profile, this.state));
  }

  /** What time, keys and battery do: on the machine alone, unless the display has a bike behind it. */
  protected wait(ms: number): void {
    this.state = elapse(this.profile, this.state, ms);
  }
  protected down(keys: readonly string[]): void {
    this.state = hold(this.profile, this.state, keys);
  }
  protected switchedOff(): void {
    this.state = play(this.profile, this.state, { kind: "power", on: false });
  }

  private tapped(keys: readonly string[]): void {
    this.down(keys);
    this.wait(TIMES.tap);
    this.down([]);
  }

  answer(question: Question): Answer {
    this.questions += 1;
    this.asked[question.ask] = (this.asked[question.ask] ?? 0) + 1;
    return this.errs(this.truth(question));
  }

  private truth(question: Question): Answer {
    switch (question.ask) {
      case "press":
        return this.pressed(question.press);
      case "look":
        return { is: "seen", seen: this.seen, afterMs: null };
      case "run":
        return this.ran(question.keys);
      case "through":
        return this.through(question.keys, question.from);
      case "until":
        return this.until(question.keys, question.shows);
      case "access-code":
        return this.accessCode();
      case "entry":
        return this.entry(question.code);
      case "closes":
        return this.closed();
      case "wait":
        this.wait(question.ms);
        this.keyMs += question.ms;
        return { is: "seen", seen: this.seen, afterMs: null };
      case "battery":
        return this.battery();
    }
  }

  /** One press, and the display left as it is for the next question. */
  private pressed({ kind, keys, ...rest }: Press): Answer {
    this.keyMs += (keys.length - 1) * TIMES.reach;
    if (kind !== "hold") {
      for (let i = 0; i < (kind === "double-tap" ? 2 : 1); i++) {
        this.tapped(keys);
        if (kind === "double-tap" && i === 0) this.wait(100);
        this.keyMs += TIMES.tap;
      }
      // A tap that waits to see whether a second follows is waited for.
      this.wait(Math.max(TIMES.gap, this.profile.doubleTapMs + 50));
      this.keyMs += TIMES.gap;
      return { is: "seen", seen: this.seen, afterMs: null };
    }
    const atMostMs = "atMostMs" in rest ? rest.atMostMs : 4000;
    const before = this.seen;
    this.down(keys);
    let ms = 0;
    while (ms < atMostMs && sameSeen(this.seen, before)) {
      this.wait(TICK_MS);
      ms += TICK_MS;
    }
    // The bike moves while the keys are down; all else is told when they have been let go.
    const seen = this.seen;
    this.wait(100);
    this.down([]);
    this.wait(TIMES.settle);
    this.keyMs += ms + 100 + TIMES.settle;
    const changed = !sameSeen(seen, before);
    return { is: "seen", seen: seen.kind === "moves" ? seen : this.seen, afterMs: changed ? ms : null };
  }

  private shows(): string {
    const { seen } = this;
    return seen.kind === "line" ? seen.shows : "";
  }

  private tapOnce(keys: readonly string[]): string {
    this.tapped(keys);
    this.wait(TIMES.gap);
    this.keyMs += TIMES.tap + TIMES.gap;
    return this.shows();
  }

  private get code(): string | null {
    const { seen } = this;
    return seen.kind === "line" ? seen.code : null;
  }

  /** A key kept down for as long as values run by, else tapped again and again: one value more with each call. */
  private runner(keys: readonly string[]): { readonly next: () => string; readonly stop: () => void } {
    let mode: "tapped" | "held" | "taps" = "tapped";
    const stop = () => {
      if (mode === "held") this.down([]);
      this.wait(TIMES.gap);
    };
    /** Watches for another value while the key is down. */
    const watched = (): boolean => {
      const before = this.seen;
      for (let ms = 0; ms < LONGEST_WATCH_MS; ms += TICK_MS) {
        this.wait(TICK_MS);
        this.keyMs += TICK_MS;
        if (!sameSeen(this.seen, before)) return true;
      }
      return false;
    };
    const next = (): string => {
      if (mode === "taps") return this.tapOnce(keys);
      if (mode === "tapped") {
        mode = "held";
        this.down(keys);
      }
      const before = this.shows();
      if (watched()) return this.shows();
      // Nothing runs by: it stands at its end, or this key steps once for each press.
      this.down([]);
      this.wait(TIMES.gap);
      mode = "taps";
      return this.shows() === before ? this.tapOnce(keys) : this.shows();
    };
    return { next, stop };
  }

  private ran(keys: readonly string[]): Answer {
    const run = this.runner(keys);
    const answer = this.runThrough(run.next);
    run.stop();
    return answer;
  }

  private runThrough(next: () => string): Answer {
    const { code } = this;
    const number = (text: string) => Number(text);
    let before = this.shows();
    let step: number | null = null;
    for (let i = 0; i < 2000; i++) {
      const now = next();
      // Another line came up: that is no run of values.
      if (this.code !== code) return { is: "unknown" };
      if (now === before) return { is: "ran", last: before, then: null };
      const moved = number(now) - number(before);
      // A word, or a step the other way, is a jump.
      const isWord = Number.isNaN(number(now)) && !Number.isNaN(number(before));
      if (isWord) {
        const after = next();
        if (after === now) return { is: "ran", last: now, then: null };
        return { is: "ran", last: now, then: after };
      }
      if (step !== null && Math.sign(moved) !== Math.sign(step)) return { is: "ran", last: before, then: now };
      step ??= Number.isNaN(moved) ? null : moved;
      before = now;
    }
    return { is: "unknown" };
  }

  private through(keys: readonly string[], from: string): Answer {
    const values: string[] = [];
    const { code } = this;
    let before = this.shows();
    for (let i = 0; i < 2000; i++) {
      const now = this.tapOnce(keys);
      if (this.code !== code) return { is: "unknown" };
      if (now === before) return { is: "values", values, then: "stops" };
      if (now === from) return { is: "values", values, then: "comes-round" };
      values.push(now);
      before = now;
    }
    return { is: "unknown" };
  }

  private until(keys: readonly string[], shows: string): Answer {
    const { next, stop } = this.runner(keys);
    for (let i = 0; i < 400 && this.shows() !== shows; i++) next();
    stop();
    return { is: "seen", seen: this.seen, afterMs: null };
  }

  private accessCode(): Answer {
    const rule = this.profile.rules.find(({ does }) => does.kind === "open-page" && does.code !== null);
    return { is: "code", code: rule?.does.kind === "open-page" ? rule.does.code : null };
  }

  private entry(code: string): Answer {
    const entry = this.profile.menu.pages
      .flatMap(({ entries }) => entries)
      .find((each) => each.kind !== "line" && each.code === code);
    if (entry?.kind === "action") return { is: "entry", entry: { kind: "action", action: entry.action } };
    return {
      is: "entry",
      entry: entry?.kind === "page" || entry?.kind === "exit" ? { kind: entry.kind } : { kind: "unknown" },
    };
  }

  private closed(): Answer {
    // Timed from the last key on, as the menu itself counts.
    let ms = this.state.idleMs;
    while (ms < 700_000 && this.seen.kind !== "home") {
      this.wait(FINE_TICK_MS);
      ms += FINE_TICK_MS;
      this.keyMs += FINE_TICK_MS;
    }
    return { is: "closed", afterMs: ms };
  }

  private battery(): Answer {
    this.keyMs += TIMES.battery;
    this.switchedOff();
    return { is: "seen", seen: this.seen, afterMs: null };
  }
}
