/**
 * A display described by walking its menu: the questions to ask one after the other, and what is believed meanwhile.
 * The walk is its answers: given again, they lead to the same question, so that it can be left and taken up, and a step
 * taken back.
 */
import type { DisplayProfile } from "../profile";
import { findInfluences } from "./influences";
import { findOpening, findSaving, settleExits, findWaysOut, findWindows, timeClosing } from "./leaving";
import { canStep, learnKeys } from "./learn";
import { newModel, noteEffect, roleAt, type Model } from "./model";
import { Hand, type Where } from "./hand";
import { enterRoot } from "./nav";
import { walkPage } from "./pages";
import { profileOf } from "./profileOf";
import type { Answer, Asking, Press, Question, Seen, WalkSetup } from "./questions";
import { doubtDigitKeys } from "./sweep";
import { putAllBack } from "./putBack";
import { findWaysIn } from "./waysIn";

export interface Walk {
  /** What to ask next; null when all is walked, or it cannot go on. */
  readonly question: Question | null;
  readonly model: Model;
  /** What it showed last, as far as is known. */
  readonly shown: Seen;
  /** Keys that bring a display that has closed its menu back to where the walk stands; none outside the menu. */
  readonly wayBack: readonly Press[];
}

/** Pages walked at most: a menu that leads round to itself ends here. */
const MOST_PAGES = 40;

function* walkAll(hand: Hand): Asking<void> {
  const { model } = hand;
  // Off first: from there everything is known to begin.
  const off: Press = { kind: "hold", keys: [model.setup.power], atMostMs: 6000 };
  const { seen, afterMs } = yield* hand.press(off, "switch-off", null);
  if (seen.kind === "off") {
    hand.where = { at: "off" };
    if (afterMs !== null) model.powerOffMs = afterMs;
    noteEffect(model, { on: "home" }, off, { kind: "power-off" }, afterMs);
  } else hand.where = { at: "elsewhere" };
  yield* findWaysIn(hand);
  if (model.pages.length === 0) return;
  const roots = model.pages.length;
  for (let root = 0; root < roots; root++) {
    if (!(yield* enterRoot(hand, root))) continue;
    if (root === 0 || !canStep(hand)) {
      hand.landing = null;
      yield* learnKeys(hand, root);
    }
  }
  for (let page = 0; page < model.pages.length && page < MOST_PAGES; page++) {
    yield* walkPage(hand, page);
    yield* findWaysOut(hand, page);
  }
  doubtDigitKeys(model);
  yield* findSaving(hand);
  yield* settleExits(hand);
  yield* putAllBack(hand);
  yield* findOpening(hand);
  yield* findInfluences(hand);
  yield* putAllBack(hand);
  // Lines that came up since are seen by the same keys.
  doubtDigitKeys(model);
  if (model.closesAfterMs === null) yield* timeClosing(hand);
  // Last, when all is written down: a chord that comes too late may put the maker's values back.
  yield* findWindows(hand);
}

/** Where a walk with these answers stands. */
export function walkFrom(setup: WalkSetup, answers: readonly Answer[]): Walk {
  const model = newModel(setup);
  const hand = new Hand(model);
  const asking = walkAll(hand);
  let next = asking.next();
  for (const answer of answers) {
    if (next.done) break;
    next = asking.next(answer);
  }
  const question = next.done ? null : next.value;
  return { question, model, shown: hand.shown, wayBack: wayBackTo(model, hand.where) };
}

/** From the home screen to a place in the menu. */
function wayBackTo(model: Model, where: Where): readonly Press[] {
  if (where.at !== "menu") return [];
  const page = model.pages[where.page];
  if (!page) return [];
  const next = roleAt(model, { on: "menu", page: where.page, blinks: false }, "next-entry");
  const along = next ? Array.from({ length: where.index }, () => next.press) : [];
  const { from } = page;
  if (from.kind === "keys") {
    const inside = from.way.page === null ? [] : wayBackTo(model, { at: "menu", page: from.way.page, index: 0 });
    return [...inside, from.way.press, ...along];
  }
  const at =
    model.pages[from.page]?.entries.findIndex((each) => each.kind === "page" && each.page === where.page) ?? -1;
  const select = roleAt(model, { on: "menu", page: from.page, blinks: false }, "select");
  if (at < 0 || !select) return [];
  return [...wayBackTo(model, { at: "menu", page: from.page, index: at }), select.press, ...along];
}

/** A walk kept going in memory, for whoever answers at once. */
export function startWalk(setup: WalkSetup): {
  readonly model: Model;
  readonly next: (answer?: Answer) => Question | null;
} {
  const model = newModel(setup);
  const asking = walkAll(new Hand(model));
  let begun = false;
  return {
    model,
    next: (answer) => {
      const step = begun && answer ? asking.next(answer) : asking.next();
      begun = true;
      return step.done ? null : step.value;
    },
  };
}

export const walkedProfile = (model: Model, id: string, name: string): DisplayProfile | null =>
  profileOf(model, id, name);

/** A display's description with what a walk found out in the place of its keys, its menu and its lines. */
export function withWalked(profile: DisplayProfile, model: Model): DisplayProfile {
  const walked = profileOf(model, profile.id, profile.name);
  if (!walked) return profile;
  const { keys, rules, menu, lines, variant, pinDigits, source } = walked;
  return { ...profile, keys, rules, menu, lines, variant, pinDigits, source };
}

/** What each line showed when it was first come to, by its code. */
export const foundOn = ({ pages }: Model): Readonly<Record<string, string>> =>
  Object.fromEntries(
    pages.flatMap(({ entries }) => entries.flatMap((each) => (each.kind === "line" ? [[each.code, each.found]] : []))),
  );
