/** A line's values seen from end to end, and put back to what it showed. */
import type { Hand } from "./hand";
import { countCode, noteEffect, pressName, roleAt, type Effect, type Model, type SeenLine } from "./model";
import { sameSeen, type Answer, type Asking, type Purpose, type Seen } from "./questions";
import { allShown, asEven, countOf, shownNumber, type Values } from "./values";

/** Values typed one by one up to this many; a longer even scale is told by its ends. */
const MOST_ONE_BY_ONE = 12;

const shownBy = (seen: Seen): string | null => (seen.kind === "line" ? seen.shows : null);

const blinkingAt = (line: SeenLine, shows: string, blinks: boolean): Seen => ({
  kind: "line",
  code: line.code,
  shows,
  blinks,
});

/** Sees all values of the line in hand, twice where it can, and leaves it as it was found. */
export function* sweepLine(hand: Hand, line: SeenLine): Asking<void> {
  if (/^\d\d:\d\d$/.test(line.found)) return;
  // What stands there is looked at by its code first: a slip before may have led past the line.
  if (hand.shown.kind !== "line" || hand.shown.code !== line.code) return;
  const wasTouched = hand.touched.has(line.code);
  const blinked = yield* begin(hand, line);
  if (blinked === null) return;
  const up = stepKey(hand, 1);
  const down = stepKey(hand, -1);
  const first = up ?? down;
  if (!first) return yield* end(hand, line, blinked);
  const swept = up ? yield* sweptBy(hand, line, up, down) : yield* sweptBy(hand, line, first, null);
  line.sweptBy = pressName(first.press);
  line.changes = swept !== null && countOf(swept) > 1;
  if (swept && line.changes) line.values = up ? swept : reversed(swept);
  if (line.values) yield* stepTo(hand, line, line.found, "put-back");
  yield* end(hand, line, blinked);
  if (!wasTouched && shownBy(hand.shown) === line.found) hand.touched.delete(line.code);
}

const reversed = (values: Values): Values =>
  values.kind === "listed"
    ? { kind: "listed", shows: [...values.shows].reverse() }
    : {
        ...values,
        first: values.last,
        last: values.first,
        step: -values.step,
        before: values.after,
        after: values.before,
      };

const stepKey = (hand: Hand, by: 1 | -1): Effect | null => roleAt(hand.model, hand.place, "step-value", by);

/** Makes the value blink where that comes first. Null where the line cannot be changed; else whether it blinks. */
function* begin(hand: Hand, line: SeenLine): Asking<boolean | null> {
  const { model, page } = hand;
  const atOnce = roleAt(model, hand.place, "step-value");
  if (atOnce && page?.blinks !== true) {
    if (page) page.blinks ??= false;
    return false;
  }
  const expect = blinkingAt(line, shownBy(hand.shown) ?? line.found, true);
  const seen = yield* hand.does("select", undefined, "blink", page?.blinks === true ? expect : null);
  if (seen?.kind !== "line" || !seen.blinks) return null;
  if (page) page.blinks = true;
  return true;
}

/** Confirms the value that blinks, and knows where that leads. */
export function* confirmHere(hand: Hand): Asking<void> {
  const { shown } = hand;
  const line = hand.page?.entries.find((entry) => shown.kind === "line" && entry.code === shown.code);
  if (line?.kind === "line") yield* end(hand, line, true);
}

/** Confirms a blinking value; a key that goes on as well is come back from by whoever goes on. */
function* end(hand: Hand, line: SeenLine, blinked: boolean): Asking<void> {
  if (!blinked) return;
  const confirm = roleAt(hand.model, hand.place, "confirm-value");
  if (!confirm || confirm.does === "nothing" || confirm.does.kind !== "confirm-value") return;
  const { place, where } = hand;
  const stays = confirm.does.then === "stays";
  const expect = stays ? blinkingAt(line, shownBy(hand.shown) ?? line.found, false) : null;
  const { seen } = yield* hand.press(confirm.press, "confirm", expect);
  noteEffect(hand.model, place, confirm.press, confirm.does);
  if (where.at !== "menu" || stays) return;
  const { page } = hand;
  const count = page?.entries.length ?? 0;
  const code = seen.kind === "line" || seen.kind === "entry" ? seen.code : null;
  const at = page?.entries.findIndex((entry) => entry.code === code) ?? -1;
  if (page && at >= 0) countCode(page, code);
  hand.where = at < 0 || count === 0 ? { at: "elsewhere" } : { ...where, index: at };
}

/** Values as a key comes to them: a few taps tell the kind, then its ends are run to, or every value is seen. */
function* sweptBy(hand: Hand, line: SeenLine, up: Effect, down: Effect | null, turned = false): Asking<Values | null> {
  const start = shownBy(hand.shown);
  if (start === null) return null;
  const taps: string[] = [start];
  let atEnd = false;
  for (let i = 0; i < 3 && !atEnd; i++) {
    const seen = yield* tapOn(hand, up);
    if (seen === null) return null;
    if (seen === taps.at(-1)) atEnd = true;
    else if (taps.includes(seen)) return yield* shortRing(hand, line, taps, up, down);
    else taps.push(seen);
  }
  // It stood at its end already: a long scale is told the other way, and not typed value by value.
  if (atEnd && taps.length === 1 && down && !turned) {
    const back = yield* sweptBy(hand, line, down, up, true);
    return back && reversed(back);
  }
  // Found at its last value, the first tap came round to its first.
  const even = [taps, taps.slice(1)].find((each) => each.length > 2 && asEven(each) !== null);
  if (!atEnd && even && countGuess(even) > 2 && (even === taps || taps.length > 3)) {
    const ran = yield* runThrough(hand, line, up, down, even);
    if (ran) return ran;
  }
  return yield* oneByOne(hand, line, up, down);
}

const countGuess = (taps: readonly string[]): number => taps.filter((each) => !Number.isNaN(shownNumber(each))).length;

function* tapOn(hand: Hand, key: Effect): Asking<string | null> {
  const { place } = hand;
  const code = hand.shown.kind === "line" ? hand.shown.code : null;
  const { seen } = yield* hand.press(key.press, "step", null);
  // Another code than before: the display has gone on, and these are another line's values.
  if (seen.kind !== "line" || seen.code !== code) return null;
  if (key.does !== "nothing") noteEffect(hand.model, place, key.press, key.does);
  return seen.shows;
}

/** Round already after three taps or fewer: seen once more the other way, or on round. */
function* shortRing(
  hand: Hand,
  line: SeenLine,
  taps: readonly string[],
  up: Effect,
  down: Effect | null,
): Asking<Values | null> {
  line.atEnds = "wrap";
  // Every value a second time: back the way it came, or on round.
  const [first = ""] = taps;
  const again = down ? [...taps].reverse() : [...taps.slice(1), first];
  const key = down ?? up;
  let twice = true;
  for (const shows of again) {
    const expect = blinkingAt(line, shows, isBlinking(hand));
    const { seen } = yield* hand.press(key.press, "options", expect);
    twice &&= sameSeen(seen, expect);
  }
  line.valuesTwice = twice;
  return { kind: "listed", shows: inOrder(taps) };
}

const isBlinking = ({ shown }: Hand): boolean => shown.kind === "line" && shown.blinks;

/** Round a ring the smallest number comes first; words stand as they came. */
function inOrder(ring: readonly string[]): readonly string[] {
  const numbers = ring.map(shownNumber);
  if (numbers.some(Number.isNaN)) return ring;
  const at = numbers.indexOf(Math.min(...numbers));
  return [...ring.slice(at), ...ring.slice(0, at)];
}

/** The key pressed on until the value jumps or stops, then the other end: an even scale, or null where it is none. */
function* runThrough(
  hand: Hand,
  line: SeenLine,
  up: Effect,
  down: Effect | null,
  taps: readonly string[],
): Asking<Values | null> {
  const from = taps.at(-1) ?? "";
  const ran: Answer = yield { ask: "run", keys: up.press.keys, from };
  if (ran.is !== "ran") return null;
  const wraps = ran.then !== null;
  hand.shown = blinkingAt(line, ran.then ?? ran.last, isBlinking(hand));
  let first = ran.then;
  if (first === null) {
    if (!down) return null;
    const back: Answer = yield { ask: "run", keys: down.press.keys, from: ran.last };
    if (back.is !== "ran" || back.then !== null) return null;
    first = back.last;
    hand.shown = blinkingAt(line, first, isBlinking(hand));
  }
  // Both ends looked at from within: their neighbours tell whether the scale is even up to there.
  const second = yield* tapOn(hand, up);
  if (second === null) return null;
  const beforeLast = yield* nextToLast(hand, line, down, wraps, first, ran.last);
  const scale = evenScale(taps, first, second, beforeLast, ran.last);
  if (!scale || countOf(scale) <= MOST_ONE_BY_ONE) return null;
  line.atEnds = wraps ? "wrap" : "stop";
  line.valuesTwice = beforeLast !== null;
  return scale;
}

/** Back over the end from the second value, to the last and the one before it; null where no key leads back. */
function* nextToLast(
  hand: Hand,
  line: SeenLine,
  down: Effect | null,
  wraps: boolean,
  first: string,
  last: string,
): Asking<string | null> {
  if (!down || !wraps) return null;
  yield* hand.press(down.press, "ends", blinkingAt(line, first, isBlinking(hand)));
  yield* hand.press(down.press, "ends", blinkingAt(line, last, isBlinking(hand)));
  return yield* tapOn(hand, down);
}

function evenScale(
  taps: readonly string[],
  first: string,
  second: string,
  beforeLast: string | null,
  last: string,
): Extract<Values, { kind: "even" }> | null {
  const inner = asEven(taps);
  if (!inner) return null;
  const numbers = [first, second, last].map(shownNumber);
  const [a = NaN, b = NaN, z = NaN] = numbers;
  const start = Number.isNaN(a) ? b : a;
  const end = Number.isNaN(z) ? shownNumber(beforeLast ?? "") : z;
  const count = (end - start) / inner.step;
  if (!Number.isFinite(count) || Math.abs(count - Math.round(count)) > 1e-6 || count < 3) return null;
  if (!Number.isNaN(a) && Math.abs(b - a - inner.step) > 1e-6) return null;
  const near = shownNumber(beforeLast ?? "");
  if (!Number.isNaN(z) && !Number.isNaN(near) && Math.abs(z - near - inner.step) > 1e-6) return null;
  const decimals = inner.decimals;
  return {
    kind: "even",
    first: start,
    last: end,
    step: inner.step,
    decimals,
    before: Number.isNaN(a) ? first : null,
    after: Number.isNaN(z) ? last : null,
  };
}

/** Every value seen, from the one it shows round to itself, or to both ends. */
function* oneByOne(hand: Hand, line: SeenLine, up: Effect, down: Effect | null): Asking<Values | null> {
  const from = shownBy(hand.shown) ?? "";
  const on: Answer = yield { ask: "through", keys: up.press.keys, from };
  if (on.is !== "values") return null;
  if (on.then === "comes-round") {
    hand.shown = blinkingAt(line, from, isBlinking(hand));
    line.atEnds = "wrap";
    const ring = [from, ...on.values];
    const again: Answer = yield { ask: "through", keys: (down ?? up).press.keys, from };
    const expected = down ? [...on.values].reverse() : on.values;
    line.valuesTwice =
      again.is === "values" && again.then === "comes-round" && again.values.join("|") === expected.join("|");
    if (!line.valuesTwice) hand.model.contradictions += 1;
    return order(ring);
  }
  const last = on.values.at(-1) ?? from;
  hand.shown = blinkingAt(line, last, isBlinking(hand));
  line.atEnds = "stop";
  if (!down) return order([from, ...on.values]);
  const back: Answer = yield { ask: "through", keys: down.press.keys, from: last };
  if (back.is !== "values") return null;
  const all = [last, ...back.values].reverse();
  hand.shown = blinkingAt(line, all[0] ?? last, isBlinking(hand));
  const lowest = yield* hand.makeSure(hand.shown);
  const again: Answer = yield { ask: "through", keys: up.press.keys, from: all[0] ?? last };
  line.valuesTwice =
    back.then === "stops" &&
    shownBy(lowest) === all[0] &&
    again.is === "values" &&
    again.then === "stops" &&
    again.values.join("|") === all.slice(1).join("|");
  hand.shown = blinkingAt(line, again.is === "values" ? (again.values.at(-1) ?? last) : last, isBlinking(hand));
  if (!line.valuesTwice) hand.model.contradictions += 1;
  return asEven(all) ?? { kind: "listed", shows: all };
}

const order = (ring: readonly string[]): Values => {
  const shows = inOrder(ring);
  return asEven(shows) ?? { kind: "listed", shows };
};

/** Steps tried at a line whose values nobody has seen. */
const FEW_STEPS = 10;
/** More presses than this are one question: until it shows what it is to show. */
const MOST_TAPS = 3;

/** The value in hand stepped to what it is to show, the short way; whether it came there. */
export function* stepTo(hand: Hand, line: SeenLine, shows: string, purpose: Purpose): Asking<boolean> {
  const isThere = () => shownBy(hand.shown) === shows;
  const from = shownBy(hand.shown);
  if (from === null || isThere()) return from !== null;
  const all = line.values ? allShown(line.values) : [];
  const [now, want] = [all.indexOf(from), all.indexOf(shows)];
  const [up, down] = [stepKey(hand, 1), stepKey(hand, -1)];
  const wraps = line.atEnds === "wrap";
  const ahead = wraps ? (want - now + all.length) % all.length : want - now;
  const behind = wraps ? all.length - ahead : -ahead;
  const isKnown = now >= 0 && want >= 0;
  const goesUp = up !== null && (!isKnown || (ahead >= 0 && (ahead <= behind || !down || !wraps)));
  const key = goesUp ? up : (down ?? up);
  if (!key) return false;
  const times = !isKnown ? FEW_STEPS : goesUp || !down ? Math.abs(ahead) : Math.abs(behind);
  if (isKnown && times > MOST_TAPS) {
    yield { ask: "until", keys: key.press.keys, from, shows };
    hand.shown = blinkingAt(line, shows, isBlinking(hand));
    return true;
  }
  const target = blinkingAt(line, shows, isBlinking(hand));
  for (let i = 0; i < times && !isThere(); i++)
    yield* hand.press(key.press, purpose, isKnown && i === times - 1 ? target : null);
  return isThere();
}

const DIGITS = 10;

/**
 * Ten numbers in a ring may be one digit of a longer number, turned by a key of its own: then nothing that key came to
 * is sure to be all there is.
 */
export function doubtDigitKeys({ pages }: Model): void {
  const lines = pages.flatMap(({ entries }) => entries.filter((entry): entry is SeenLine => entry.kind === "line"));
  const isOneDigit = ({ values, atEnds }: SeenLine): boolean =>
    values !== null &&
    atEnds === "wrap" &&
    countOf(values) === DIGITS &&
    allShown(values).every((shows) => !Number.isNaN(shownNumber(shows)));
  // A key that was seen to count on past ten turns no single digit.
  const counts = new Set(
    lines.filter(({ values }) => values?.kind === "even" && countOf(values) > DIGITS).map(({ sweptBy }) => sweptBy),
  );
  const doubted = new Set(lines.filter(isOneDigit).flatMap(({ sweptBy }) => (counts.has(sweptBy) ? [] : [sweptBy])));
  for (const line of lines) if (doubted.has(line.sweptBy)) line.valuesTwice = false;
}
