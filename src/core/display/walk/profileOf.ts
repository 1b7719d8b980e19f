/** The profile a walk comes to: what was seen, and for the rest what does no harm if it is wrong. */
import {
  FORMAT,
  FORMAT_VERSION,
  type Conditions,
  type DisplayProfile,
  type Entry,
  type KeyRule,
  type Line,
} from "../profile";
import { namedKeys } from "../draft";
import { newLine } from "../lines";
import { rawValues, shows } from "../encoding";
import { pressName, seenAt, type Effect, type Model, type SeenLine, type SeenPage } from "./model";
import { reservedOf } from "./values";
import { pageId } from "./waysIn";

/** Time a hold is told to take where nobody timed it, ms. */
const HOLD_MS = 2000;
const CLOSES_AFTER_MS = 10_000;

const pageOf = (id: string): number => Number(id.replace(/\D/g, "")) - 1;

/** Rules of the keys, those that mean the same on every page told once. */
function rulesOf(model: Model): KeyRule[] {
  const rules: KeyRule[] = [];
  for (const effect of model.effects) {
    if (effect.does === "nothing") continue;
    // A page nobody could go along is not in the description, nor are its keys.
    if (effect.place.on === "menu" && effect.place.page >= 0 && !isFilled(model, effect.place.page)) continue;
    if (effect.does.kind === "open-page" && !isFilled(model, pageOf(effect.does.page))) continue;
    const rule = ruleOf(model, effect);
    const same = rules.find(
      (each) => JSON.stringify({ ...each, pages: null }) === JSON.stringify({ ...rule, pages: null }),
    );
    if (!same) rules.push(rule);
    else same.pages = [...new Set([...(same.pages ?? []), ...(rule.pages ?? [])])];
  }
  return widened(model, rules);
}

/**
 * A rule of some pages holds on those nobody tried it on, unless another rule of the same keys is seen on more of them,
 * or the keys were seen to do nothing there.
 */
function widened(model: Model, rules: readonly KeyRule[]): KeyRule[] {
  const all = model.pages.flatMap((_, page) => (isFilled(model, page) ? [pageId(page)] : []));
  const pagesOf = (rule: KeyRule): readonly string[] => rule.pages ?? [];
  return rules
    .map((rule) => {
      if (rule.on !== "menu") return rule;
      const rivals = rules.filter((other) => other !== rule && sameKeys(other, rule));
      const own = pagesOf(rule);
      const seenMost = rivals.every(
        (other) =>
          pagesOf(other).length < own.length ||
          (pagesOf(other).length === own.length && rules.indexOf(other) > rules.indexOf(rule)),
      );
      const idle = new Set(
        model.effects.flatMap(({ place, press, does }) =>
          does === "nothing" &&
          place.on === "menu" &&
          place.blinks === rule.editing &&
          press.kind === rule.gesture.kind &&
          [...press.keys].sort().join() === [...rule.keys].sort().join()
            ? [pageId(place.page)]
            : [],
        ),
      );
      const taken = new Set(rivals.flatMap(pagesOf));
      const pages = all.filter((page) => own.includes(page) || (seenMost && !taken.has(page) && !idle.has(page)));
      return { ...rule, pages: pages.length === all.length ? null : pages };
    })
    .filter(({ on, pages }) => on !== "menu" || pages === null || pages.length > 0);
}

const sameKeys = (a: KeyRule, b: KeyRule): boolean =>
  a.on === b.on &&
  a.editing === b.editing &&
  a.gesture.kind === b.gesture.kind &&
  [...a.keys].sort().join() === [...b.keys].sort().join();

/** When after power-on a chord was seen to open its menu; null where always, as far as it was tried. */
function windowOf({ pages }: Model, place: Effect["place"], press: Effect["press"]): KeyRule["sincePowerOn"] {
  if (place.on !== "home") return null;
  for (const { from } of pages)
    if (from.kind === "keys" && from.way.page === null && pressName(from.way.press) === pressName(press)) {
      if (from.way.afterMs !== null) return { kind: "after", ms: from.way.afterMs - 500 };
      return from.way.withinMs === null ? null : { kind: "within", ms: from.way.withinMs + 500 };
    }
  return null;
}

function ruleOf(model: Model, { place, press, does, holdMs }: Effect): KeyRule {
  const gesture: KeyRule["gesture"] =
    press.kind === "hold"
      ? { kind: "hold", holdMs: Math.max(400, Math.round(holdMs ?? HOLD_MS)) }
      : { kind: press.kind };
  return {
    on: place.on,
    pages: place.on === "menu" && place.page >= 0 ? [pageId(place.page)] : null,
    editing: place.on === "menu" ? place.blinks : null,
    infoLine: null,
    sincePowerOn: windowOf(model, place, press),
    wheelStill: false,
    keys: [...press.keys],
    gesture,
    does: does === "nothing" ? { kind: "next-info" } : does,
  };
}

function lineOf(line: SeenLine, conditions: Conditions | null): Line {
  const isClock = /^\d\d:\d\d$/.test(line.found);
  const encoding: Line["encoding"] = isClock
    ? { kind: "clock", setting: null }
    : line.values && line.changes !== false
      ? reservedOf(line.values)
      : { kind: "read-only", setting: null, shows: line.found };
  return { ...newLine(line.code, encoding), atEnds: line.atEnds ?? "stop", shownWhen: conditions };
}

/** Values of other lines a line was there with, where it was not there with all of them. */
function conditionsOf({ pages }: Model, at: number, code: string): Conditions | null {
  const entries = pages.flatMap((page) => page.entries);
  const conditions = entries.flatMap((entry): Conditions => {
    if (entry.kind !== "line" || entry.influence !== "tried" || entry.code === code || !entry.values) return [];
    const encoding = reservedOf(entry.values);
    const raws = rawValues(encoding).filter((raw) => entry.shownWith.get(shows(encoding, raw))?.has(seenAt(at, code)));
    return raws.length > 0 && raws.length < entry.shownWith.size ? [{ line: entry.code, raws }] : [];
  });
  return conditions.length > 0 ? conditions : null;
}

const isFilled = ({ pages }: Model, page: number): boolean => (pages[page]?.entries.length ?? 0) > 0;

const entryOf = (model: Model, entry: SeenPage["entries"][number]): Entry | null => {
  switch (entry.kind) {
    case "line":
      return { kind: "line", line: entry.code };
    case "page":
      return entry.page === null || !isFilled(model, entry.page)
        ? null
        : { kind: "page", code: entry.code, page: pageId(entry.page) };
    case "exit":
      return { kind: "exit", code: entry.code, saves: entry.saves };
    case "action":
      return { kind: "action", code: entry.code, action: entry.action, asks: entry.asks };
    case "unknown":
      return { kind: "exit", code: entry.code, saves: false };
  }
};

/** What a walk believes, as a display's description; null where no menu was found. */
export function profileOf(model: Model, id: string, name: string): DisplayProfile | null {
  const pages = model.pages.filter(({ entries }) => entries.length > 0);
  if (pages.length === 0) return null;
  const lines = model.pages.flatMap((page, at) =>
    page.entries.flatMap((entry) =>
      entry.kind === "line" ? [lineOf(entry, conditionsOf(model, at, entry.code))] : [],
    ),
  );
  const blinking = model.pages.filter(({ blinks }) => blinks === true).length;
  const changing = blinking * 2 > model.pages.filter(({ blinks }) => blinks !== null).length ? "select" : "at-once";
  return {
    format: FORMAT,
    version: FORMAT_VERSION,
    id,
    revision: 1,
    name,
    variant: `as walked here: ${lines.length} lines`,
    glass: "segment",
    keys: namedKeys(model.setup.keys.map((key) => key.name)).map((key, i) => ({
      ...key,
      id: model.setup.keys[i]?.id ?? key.id,
      part: model.setup.keys[i]?.isKey === false ? "brake-lever" : "key",
    })),
    doubleTapMs: 400,
    rules: rulesOf(model),
    infoLines: [],
    levels: { lowest: 0, names: [] },
    modes: [],
    pinDigits: model.pinDigits ?? 4,
    menu: {
      pages: pages.map((page) => ({
        id: pageId(model.pages.indexOf(page)),
        name: page.name,
        atEnds: page.atEnds,
        opensAt: page.opensAt,
        changing:
          page.blinks === null || (page.blinks ? "select" : "at-once") === changing
            ? null
            : page.blinks
              ? "select"
              : "at-once",
        entries: page.entries.flatMap((entry) => entryOf(model, entry) ?? []),
      })),
      idle: {
        closesAfterMs: Math.max(3000, Math.round(model.closesAfterMs ?? CLOSES_AFTER_MS)),
        pending: model.idleSaves ? "save" : "discard",
      },
      changing,
      saves: model.saves ?? "leaving-menu",
    },
    lines,
    inForce: "after-power-cycle",
    acceptsNominalV: [],
    faultCodes: [],
    source: "Walked on the display itself, in this workshop.",
  };
}
