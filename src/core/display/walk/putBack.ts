/**
 * Values tried on a walk, kept or put back: the display is left as it was found, and where it is not, that is told.
 */
import type { Hand } from "./hand";
import { offTheLine, timeClosing } from "./leaving";
import { roleAt, type SeenLine } from "./model";
import { climb, enterPage, goTo, goToLine, isBelow } from "./nav";
import { confirmHere, stepTo } from "./sweep";
import type { Asking } from "./questions";

/** Lines brought up again by a line put back are looked at in the next round. */
const MOST_ROUNDS = 3;

/** Every line a value was tried on shows again what it was found at; one that does not is told. */
export function* putAllBack(hand: Hand): Asking<void> {
  for (let round = 0; round < MOST_ROUNDS && hand.touched.size > 0; round++) {
    // From the dark only what is saved comes back.
    if (hand.where.at === "menu") yield* hand.cut();
    const set = yield* putBackOnce(hand);
    if (set) yield* keepAsItStands(hand);
  }
  hand.touched.clear();
}

/** Looks at every line touched, and sets those that show another value; whether one was set. */
function* putBackOnce(hand: Hand): Asking<boolean> {
  let set = false;
  for (const [page, { entries }] of hand.model.pages.entries())
    for (const line of entries) {
      if (line.kind !== "line" || !hand.touched.has(line.code)) continue;
      if (!(yield* visit(hand, page)) || !(yield* goToLine(hand, line)) || hand.shown.kind !== "line") continue;
      const { shows } = hand.shown;
      line.now = shows === line.found ? null : shows;
      if (line.now === null) hand.touched.delete(line.code);
      else set = (yield* setTo(hand, line, line.found)) || set;
    }
  return set;
}

/** The line in hand set to show this, confirmed where it blinks, and come back to where confirming goes on. */
export function* setTo(hand: Hand, line: SeenLine, shows: string): Asking<boolean> {
  if (hand.shown.kind !== "line" || hand.shown.code !== line.code) return false;
  if (hand.shown.shows === shows) return true;
  const { page } = hand;
  if (page?.blinks) yield* hand.does("select", undefined, "comes-and-goes", null);
  const is = yield* stepTo(hand, line, shows, "comes-and-goes");
  if (page?.blinks) yield* confirmHere(hand);
  return is && hand.where.at === "menu";
}

/** To a page of the menu, without losing what was changed on the way; false where nobody knows how. */
export function* visit(hand: Hand, page: number): Asking<boolean> {
  const { where, model } = hand;
  if (where.at === "menu") {
    if (where.page === page) return true;
    // By the keys that lead back and in, the menu stays open, and what was changed with it.
    const climbs = roleAt(model, { on: "menu", page: where.page, blinks: false }, "back") !== null;
    const isOpen = isBelow(model, page, where.page) || (climbs && rootOf(hand, where.page) === rootOf(hand, page));
    if (!isOpen && !(yield* keepAsItStands(hand))) return false;
  }
  return yield* enterPage(hand, page);
}

function rootOf({ model }: Hand, page: number): number {
  let root = page;
  for (let i = 0; i < model.pages.length; i++) {
    const from = model.pages[root]?.from;
    if (from?.kind !== "entry") break;
    root = from.page;
  }
  return root;
}

/** To an entry that leads out and saves: on the page in hand, or on the one its menu begins with. */
function* toSavingExit(hand: Hand): Asking<boolean> {
  const saving = (page: number): number =>
    hand.model.pages[page]?.entries.findIndex((each) => each.kind === "exit" && each.saves) ?? -1;
  const { where } = hand;
  if (where.at !== "menu") return false;
  if (saving(where.page) >= 0) return yield* goTo(hand, saving(where.page));
  const root = rootOf(hand, where.page);
  return root !== where.page && saving(root) >= 0 && (yield* climb(hand, root)) && (yield* goTo(hand, saving(root)));
}

/** Saves what was changed in the way this menu does; false where no way of saving is known. */
export function* keepAsItStands(hand: Hand): Asking<boolean> {
  const { model, where } = hand;
  if (where.at !== "menu" || model.saves === "each-change") return true;
  if (model.saves === "leaving-line" && (hand.page?.entries.length ?? 0) > 1)
    return yield* offTheLine(hand, "comes-and-goes");
  const save = roleAt(model, hand.place, "save-and-leave");
  if (save) yield* hand.press(save.press, "put-back", { kind: "home" });
  else if (yield* toSavingExit(hand)) yield* hand.does("select", undefined, "put-back", { kind: "home" });
  else if (model.idleSaves) yield* timeClosing(hand);
  else return false;
  hand.where = hand.shown.kind === "home" ? { at: "home" } : { at: "elsewhere" };
  return true;
}
