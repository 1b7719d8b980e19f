/**
 * The hand of a walk: asks for one gesture, holds what is told against what was expected, and asks again where they
 * disagree. It knows where the display stands.
 */
import { noteEffect, roleAt, type Model, type Place, type SeenPage } from "./model";
import { sameSeen, UNKNOWN, type Answer, type Asking, type Press, type Purpose, type Seen } from "./questions";

export type Where =
  | { readonly at: "off" | "home" | "elsewhere" }
  | { readonly at: "menu"; readonly page: number; readonly index: number };

/** Looks taken again before the majority is believed. */
const MOST_LOOKS = 3;

export class Hand {
  where: Where = { at: "home" };
  /** What it showed last. */
  shown: Seen = { kind: "home" };
  /** The way from a menu's first entry to a line of it, while its pages are not known. */
  landing: readonly Press[] | null = null;
  /** Codes of lines a key was seen to change, and not seen to be as found since. */
  readonly touched = new Set<string>();
  /** What each of them showed before a key first changed it. */
  readonly foundAt = new Map<string, string>();
  /** Keys that led nowhere from pages below another: how many of those. */
  readonly ledNowhere = new Map<string, number>();

  constructor(readonly model: Model) {}

  get place(): Place {
    if (this.where.at === "menu")
      return { on: "menu", page: this.where.page, blinks: this.shown.kind === "line" && this.shown.blinks };
    return { on: this.where.at === "off" ? "off" : "home" };
  }

  get page(): SeenPage | null {
    return this.where.at === "menu" ? (this.model.pages[this.where.page] ?? null) : null;
  }

  /** A gesture, and what it leads to. With `expect` the answer is held against it, and asked again where it differs. */
  *press(
    press: Press,
    purpose: Purpose,
    expect: Seen | null,
  ): Asking<{ readonly seen: Seen; readonly afterMs: number | null }> {
    const answer: Answer = yield { ask: "press", press, expect, purpose };
    const told = answer.is === "seen" ? answer.seen : UNKNOWN;
    const seen = expect && !sameSeen(told, expect) ? yield* this.lookAgain(told, expect) : told;
    this.noteChange(this.shown, seen);
    this.shown = seen;
    return { seen, afterMs: answer.is === "seen" ? answer.afterMs : null };
  }

  private noteChange(before: Seen, after: Seen): void {
    if (before.kind !== "line" || after.kind !== "line" || before.code !== after.code) return;
    if (before.shows === after.shows) return;
    this.touched.add(before.code);
    if (!this.foundAt.has(before.code)) this.foundAt.set(before.code, before.shows);
  }

  tap(key: string, purpose: Purpose, expect: Seen | null = null): Asking<{ readonly seen: Seen }> {
    return this.press({ kind: "tap", keys: [key] }, purpose, expect);
  }

  /** What was told is not what was expected: looked at again until two looks agree. */
  *lookAgain(told: Seen, expect: Seen): Asking<Seen> {
    this.model.contradictions += 1;
    const looks = [told];
    for (let i = 0; i < MOST_LOOKS; i++) {
      const answer: Answer = yield { ask: "look", told, expect };
      const seen = answer.is === "seen" ? answer.seen : UNKNOWN;
      if (sameSeen(seen, expect) || looks.some((each) => sameSeen(each, seen))) return seen;
      looks.push(seen);
    }
    return looks.at(-1) ?? told;
  }

  /** Looks once more at something that much hangs on, and that nobody could expect. */
  *makeSure(seen: Seen): Asking<Seen> {
    const answer: Answer = yield { ask: "look", told: seen, expect: seen };
    const again = answer.is === "seen" ? answer.seen : UNKNOWN;
    const sure = sameSeen(again, seen) ? seen : yield* this.lookAgain(seen, again);
    this.shown = sure;
    return sure;
  }

  /** A known gesture made for what it does; null where none is known to do it here. */
  *does(
    kind: Parameters<typeof roleAt>[2],
    by: 1 | -1 | undefined,
    purpose: Purpose,
    expect: Seen | null,
  ): Asking<Seen | null> {
    const effect = roleAt(this.model, this.place, kind, by);
    if (!effect || effect.does === "nothing") return null;
    const { place } = this;
    const { seen, afterMs } = yield* this.press(effect.press, purpose, expect);
    if (expect === null || sameSeen(seen, expect))
      noteEffect(this.model, place, effect.press, effect.does, effect.holdMs ?? afterMs);
    return seen;
  }

  /** The battery off: a way out of anywhere. What was not saved is lost. */
  *cut(): Asking<void> {
    yield { ask: "battery" };
    this.where = { at: "off" };
    this.shown = { kind: "off" };
  }

  /** Switched on from off. */
  *switchOn(): Asking<void> {
    const { model } = this;
    const press: Press = { kind: "hold", keys: [model.setup.power], atMostMs: 6000 };
    const { seen, afterMs } = yield* this.press(press, "switch-on", { kind: "home" });
    if (afterMs !== null) model.powerOnMs = afterMs;
    if (seen.kind === "home") noteEffect(model, { on: "off" }, press, { kind: "power-on" }, afterMs);
    this.where = seen.kind === "home" ? { at: "home" } : { at: "elsewhere" };
    if (seen.kind === "digits") model.stuck = "locked";
  }

  /** At the home screen, switched on just now. */
  *fresh(): Asking<void> {
    const off = roleAt(this.model, { on: "home" }, "power-off");
    if (this.where.at === "home" && off) {
      const { seen } = yield* this.press(off.press, "switch-off", { kind: "off" });
      this.where = seen.kind === "off" ? { at: "off" } : { at: "elsewhere" };
    }
    if (this.where.at !== "off") yield* this.cut();
    yield* this.switchOn();
  }

  /** At the home screen, however it is come to. */
  *home(): Asking<void> {
    if (this.where.at === "home") return;
    if (this.where.at === "off") return yield* this.switchOn();
    yield* this.cut();
    yield* this.switchOn();
  }
}
