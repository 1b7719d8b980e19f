/** Finding the keys that open a menu: chords tried right after power-on, where they do least harm. */
import type { Hand } from "./hand";
import { newPage, noteEffect, type Place, type WayIn } from "./model";
import type { Answer, Asking, Press, Seen } from "./questions";

/** Chords are held so long at first, and longer where none was found, ms. */
const HOLDS_MS = [4000, 9000] as const;
/** Late enough after power-on that no window is open any more, ms. */
export const LATE_MS = 20_000;

export const pairsOf = (keys: readonly string[]): readonly (readonly string[])[] =>
  keys.flatMap((a, i) => keys.slice(i + 1).map((b) => [a, b]));

const menuKeys = ({ model }: Hand): readonly string[] =>
  model.setup.keys.filter(({ isKey }) => isKey).map(({ id }) => id);

/** Chords of the home screen, the likeliest first: two keys held, one key held, one tapped twice. */
function candidates(hand: Hand, atMostMs: number): readonly Press[] {
  const keys = menuKeys(hand);
  const hold = (held: readonly string[]): Press => ({ kind: "hold", keys: held, atMostMs });
  return [
    ...pairsOf(keys).map(hold),
    ...keys.filter((key) => key !== hand.model.setup.power).map((key) => hold([key])),
    ...keys.map((key): Press => ({ kind: "double-tap", keys: [key] })),
  ];
}

/** Whether something of a menu is up. */
export const isMenu = ({ kind }: Seen): boolean => kind === "line" || kind === "entry";

/** Tries every chord until the menus are found: all pairs, and where no pair opens one, single keys and double taps. */
export function* findWaysIn(hand: Hand): Asking<void> {
  const { model } = hand;
  for (const atMostMs of HOLDS_MS)
    for (const press of candidates(hand, atMostMs)) {
      if (model.pages.length > 0 && (press.keys.length === 1 || atMostMs > HOLDS_MS[0])) break;
      yield* hand.fresh();
      if (model.stuck) return;
      yield* tryChord(hand, press);
    }
  // Some open only a while after power-on.
  if (model.pages.length === 0)
    for (const keys of pairsOf(menuKeys(hand))) {
      yield* hand.home();
      yield { ask: "wait", ms: LATE_MS };
      yield* tryChord(hand, { kind: "hold", keys, atMostMs: HOLDS_MS[0] }, LATE_MS);
      if (model.pages.length > 0) break;
    }
  if (model.pages.length === 0) model.stuck ??= "no-way-in";
}

function* tryChord(hand: Hand, press: Press, afterMs: number | null = null): Asking<void> {
  const { model } = hand;
  const at: Place = { on: "home" };
  const result = yield* hand.press(press, "way-in", null);
  const { seen } = result;
  switch (seen.kind) {
    case "home":
      return;
    case "off":
      noteEffect(model, at, press, { kind: "power-off" }, result.afterMs);
      hand.where = { at: "off" };
      return;
    case "moves":
      // Let go, it stands still again.
      noteEffect(model, at, press, { kind: "start-walk-assist" }, result.afterMs);
      hand.where = { at: "home" };
      return;
    case "monitor":
      noteEffect(model, at, press, { kind: "open-monitor" }, result.afterMs);
      hand.where = { at: "elsewhere" };
      return;
    case "digits": {
      hand.where = { at: "elsewhere" };
      const code = yield* enterCode(hand, seen, press);
      if (code === null) return;
      addRoot(hand, {
        on: "home",
        page: null,
        press,
        holdMs: result.afterMs,
        code,
        withinMs: null,
        afterMs,
        tried: false,
        late: false,
      });
      return;
    }
    case "line":
    case "entry":
      yield* hand.makeSure(seen);
      addRoot(hand, {
        on: "home",
        page: null,
        press,
        holdMs: result.afterMs,
        code: null,
        withinMs: null,
        afterMs,
        tried: false,
        late: false,
      });
      return;
    default:
      hand.where = { at: "elsewhere" };
  }
}

/** A menu found: its first entry is up. */
export function addRoot(hand: Hand, way: WayIn): void {
  const { model, shown } = hand;
  if (!isMenu(shown)) {
    hand.where = { at: "elsewhere" };
    return;
  }
  const at: Place = way.page === null ? { on: "home" } : { on: "menu", page: way.page, blinks: false };
  const first = "code" in shown ? shown.code : "";
  const known = model.pages.findIndex((each) => each.first === first);
  const page = known < 0 ? model.pages.length : known;
  noteEffect(model, at, way.press, { kind: "open-page", page: pageId(page), code: way.code }, way.holdMs);
  hand.where = { at: "menu", page, index: 0 };
  // Other keys that open a menu known already.
  if (known >= 0) return;
  model.pages.push(newPage(page === 0 ? "Settings" : `Settings ${page + 1}`, first, { kind: "keys", way }));
}

export const pageId = (page: number): string => `page-${page + 1}`;

/** Digits asked for: what its keys do is seen on the first digit, then the code is entered, if anybody knows it. */
export function* enterCode(hand: Hand, asked: Extract<Seen, { kind: "digits" }>, way: Press): Asking<string | null> {
  const { model } = hand;
  const answer: Answer = yield { ask: "access-code", digits: asked.shows.length };
  const code = answer.is === "code" ? answer.code : null;
  if (code === null) {
    model.stuck ??= "code-unknown";
    return null;
  }
  yield* learnDigitKeys(hand, asked);
  for (let tries = 0; tries < 3; tries++) {
    if (yield* keyIn(hand, code)) return code;
    // A digit passed by wrong threw it out: in again by the same chord.
    if (hand.shown.kind !== "home") return null;
    yield* hand.press(way, "go-in", null);
  }
  return null;
}

const CODE: Place = { on: "code" };

/** Each key tapped once on the digits: it steps one, goes to the next, or does nothing. */
function* learnDigitKeys(hand: Hand, asked: Extract<Seen, { kind: "digits" }>): Asking<void> {
  let now = asked;
  const { model } = hand;
  for (const key of menuKeys(hand)) {
    if (now.at >= now.shows.length - 1) return;
    const press: Press = { kind: "tap", keys: [key] };
    const { seen } = yield* hand.press(press, "code-keys", null);
    if (seen.kind !== "digits") return;
    const [was, is] = [Number(now.shows[now.at]), Number(seen.shows[now.at])];
    if (seen.at === now.at + 1) noteEffect(model, CODE, press, { kind: "next-digit" });
    else if ((is - was + 10) % 10 === 1) noteEffect(model, CODE, press, { kind: "step-value", by: 1, repeat: null });
    else if ((was - is + 10) % 10 === 1) noteEffect(model, CODE, press, { kind: "step-value", by: -1, repeat: null });
    now = seen;
  }
}

const codeKey = (hand: Hand, kind: "step-value" | "next-digit", by?: 1 | -1): Press | null =>
  hand.model.effects.find(
    ({ place, does }) =>
      place.on === "code" && does !== "nothing" && does.kind === kind && (!by || ("by" in does && does.by === by)),
  )?.press ?? null;

/** Enters a code by the keys just learnt, from wherever its digits stand; a wrong digit already passed begins anew. */
function* keyIn(hand: Hand, code: string): Asking<boolean> {
  const [up, down, next] = [
    codeKey(hand, "step-value", 1),
    codeKey(hand, "step-value", -1),
    codeKey(hand, "next-digit"),
  ];
  if (!next || !(up ?? down)) return false;
  for (let i = 0; i < 400; i++) {
    const { shown } = hand;
    if (shown.kind !== "digits") return isMenu(shown);
    const want = Number(code[shown.at]);
    const has = Number(shown.shows[shown.at]);
    const passedWrong = shown.shows.slice(0, shown.at) !== code.slice(0, shown.at);
    const ahead = (want - has + 10) % 10;
    // Passed with another digit: this try is lost, and the sooner it is over the better.
    const press = passedWrong || ahead === 0 ? next : up && (ahead <= 5 || !down) ? up : (down ?? up);
    if (!press) return false;
    yield* hand.press(press, "code-keys", null);
  }
  return false;
}
