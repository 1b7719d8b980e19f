/**
 * Wishes granted on a display: its lines moved the way each wish asks, as far as they can be and no farther. What the
 * plan would hold without them is where every move starts from. A move that would bring up a finding is not made, one
 * that two wishes pull both ways waits until somebody chooses, and nothing else moves.
 */
import { canSet, decoded, type Raws } from "../applied";
import {
  contextOf,
  decodeAll,
  isShown,
  isUnsure,
  LEVEL_SHARES,
  linesOf,
  rawValues,
  settingsOf,
  type Decoded,
  type DisplayProfile,
  type EncodingContext,
  type Line,
  type SettingKey,
  type SettingValue,
} from "../display";
import type { Bike, WishId } from "../facts";
import { TOGETHER, WISHES, type Move, type ScaleMove, type Towards } from "./wishes";

/** Why a wish did not move a setting, or that it did. */
export type WishFate<Finding> =
  | { readonly kind: "moved"; readonly code: string; readonly from: SettingValue; readonly to: SettingValue }
  /** It stands there already, or as far that way as it may go. */
  | { readonly kind: "there-already"; readonly code: string; readonly at: SettingValue }
  | { readonly kind: "no-line" }
  /** Nobody knows what the line would hold. */
  | { readonly kind: "unread"; readonly code: string }
  | { readonly kind: "by-hand" | "locked" | "unsure" | "no-effect" | "hidden"; readonly code: string }
  /** Its line sets other things as well, which would move with it. */
  | { readonly kind: "not-alone"; readonly code: string; readonly with: readonly SettingKey[] }
  | { readonly kind: "refused"; readonly code: string; readonly by: Finding }
  | { readonly kind: "not-for-rider" }
  /** Other wishes pull it the other way, and nobody has chosen. */
  | { readonly kind: "open"; readonly against: readonly WishId[] }
  | { readonly kind: "given-up"; readonly for: WishId | "neither" };

export interface Granted<Finding> {
  readonly wish: WishId;
  readonly setting: SettingKey;
  /** Which way it was asked to go; null where it is a switch. */
  readonly towards: Towards | null;
  readonly fate: WishFate<Finding>;
}

/** Wishes that pull one setting both ways. */
export interface WishConflict {
  readonly setting: SettingKey;
  readonly sides: readonly {
    readonly wish: WishId;
    readonly towards: Towards | null;
    readonly value: SettingValue | null;
  }[];
  readonly chosen: WishId | "neither" | null;
}

export interface Granting<Finding> {
  readonly raws: Raws;
  readonly granted: readonly Granted<Finding>[];
  readonly conflicts: readonly WishConflict[];
  /** Raw values at which the lines the wishes have moved, now or before, stood without them; by code. */
  readonly stood: Readonly<Record<string, number>>;
}

export interface WishContext<Finding> {
  readonly profile: DisplayProfile;
  readonly bike: Bike;
  /** What the plan holds without the wishes. */
  readonly raws: Raws;
  /**
   * What each line stood at before a wish ever moved it, where the plan keeps what it holds since; null elsewhere. A
   * wish that was granted is not granted again on top of itself.
   */
  readonly stood: Raws;
  /** Lines set by hand, and maker-only lines nobody has unlocked, by code. */
  readonly byHand: ReadonlySet<string>;
  readonly locked: ReadonlySet<string>;
  /** Findings of a column that are more than notes: none may come up by a wish. */
  readonly speaksAgainst: (raws: Raws) => readonly Finding[];
  readonly isSame: (a: Finding, b: Finding) => boolean;
}

interface Asked {
  readonly wish: WishId;
  readonly move: Move;
}

const askedOf = ({ wishes }: Bike): readonly Asked[] =>
  wishes.flatMap((wish) => WISHES[wish].map((move) => ({ wish, move })));

const towardsOf = (move: Move): Towards | null => (move.kind === "scale" ? move.towards : null);
const valueOf = (move: Move): SettingValue | null => (move.kind === "switch" ? move.value : null);

/** Whether two moves of one setting pull it different ways. */
const pullApart = (a: Move, b: Move): boolean => towardsOf(a) !== towardsOf(b) || valueOf(a) !== valueOf(b);

/** Whether a move asks anything of this rider. */
const isFor = ({ notFor }: Move, { rider }: Bike): boolean => !notFor?.includes(rider);

/** Settings of a display pulled both ways, with who pulls and who was chosen. */
function conflictsOf(profile: DisplayProfile, bike: Bike): readonly WishConflict[] {
  const asked = askedOf(bike);
  const settings = [...new Set(asked.map(({ move }) => move.setting))].filter((setting) => canSet(profile, setting));
  return settings.flatMap((setting): readonly WishConflict[] => {
    const pulling = asked.filter(({ move }) => move.setting === setting && isFor(move, bike));
    const [first] = pulling;
    if (!first || pulling.every(({ move }) => !pullApart(first.move, move))) return [];
    const winner = bike.wishWinners.get(setting);
    const stands = winner === "neither" || pulling.some(({ wish }) => wish === winner);
    return [
      {
        setting,
        sides: pulling.map(({ wish, move }) => ({ wish, towards: towardsOf(move), value: valueOf(move) })),
        chosen: winner !== undefined && stands ? winner : null,
      },
    ];
  });
}

/** Minutes to auto-off, and caps, have a value past every number: never, and none. */
function onScale(setting: SettingKey, value: SettingValue | undefined): number | null {
  if (value === "uncapped" || (setting === "autoOffMin" && value === 0)) return Infinity;
  return typeof value === "number" ? value : null;
}

/** A move's figures in the unit of its setting on this bike: pulses where it says degrees of the crank. */
function inUnits(move: ScaleMove, { crankPulses }: Bike): Pick<ScaleMove, "stride" | "end"> {
  if (move.setting !== "startPulses") return move;
  const pulses = (degrees: number): number => (degrees * crankPulses) / 360;
  const { stride } = move;
  return {
    stride:
      stride.kind === "to"
        ? { kind: "to", value: pulses(stride.value) }
        : stride.kind === "plus"
          ? { kind: "plus", by: pulses(stride.by) }
          : stride,
    end: pulses(move.end),
  };
}

const wantedFrom = (base: number, stride: ScaleMove["stride"]): number =>
  stride.kind === "to" ? stride.value : stride.kind === "plus" ? base + stride.by : base * stride.by;

/** A share is held between those of the levels beside it: a ladder never turns. */
function ladderEnd(move: ScaleMove, end: number, decoded: (setting: SettingKey) => SettingValue | null): number {
  const level = LEVEL_SHARES.findIndex((share) => share === move.setting);
  const beside = level < 0 ? undefined : LEVEL_SHARES[level + (move.towards === "more" ? 1 : -1)];
  const held = beside === undefined ? null : decoded(beside);
  if (typeof held !== "number") return end;
  return move.towards === "more" ? Math.min(end, held) : Math.max(end, held);
}

/** The other settings of a line that a value would move, and may not. */
const movedToo = (
  means: Decoded,
  base: Decoded,
  setting: SettingKey,
  along: ScaleMove["along"],
): readonly SettingKey[] =>
  (Object.keys(base) as SettingKey[]).filter((key) => {
    if (key === setting || means[key] === base[key]) return false;
    const allowed = along?.[key];
    const [from, to] = [onScale(key, base[key]), onScale(key, means[key])];
    return allowed === undefined || from === null || to === null || (allowed === "more" ? to < from : to > from);
  });

interface At {
  readonly line: Line;
  readonly base: Decoded;
  readonly context: EncodingContext;
  /** What it held before any wish moved it. */
  readonly start: SettingValue | undefined;
  /** It has been moved before, from there. */
  readonly wasMoved: boolean;
  readonly decoded: (setting: SettingKey) => SettingValue | null;
}

type Found = { readonly raw: number } | { readonly notAlone: readonly SettingKey[] } | null;

/** The value of a line that comes nearest to what a move asks; null where none lies that way. */
function nearest(move: ScaleMove, bike: Bike, at: At): Found {
  const { base, decoded } = at;
  const from = onScale(move.setting, base[move.setting]);
  if (from === null) return null;
  const { stride, end } = inUnits(move, bike);
  const last = ladderEnd(move, end, decoded);
  const sign = move.towards === "more" ? 1 : -1;
  // Wishes that pull the same way do not add up: each starts from what stood there without them.
  const start = onScale(move.setting, at.start) ?? from;
  const wanted = wantedFrom(Number.isFinite(start) ? start : last, stride);
  // Already as far as it was asked to be.
  if (sign * (wanted - from) <= NOTHING) return null;
  // Of two as near, the one that moves less.
  return best(move, at, (value) => {
    const to = onScale(move.setting, value);
    const isThatWay = to !== null && sign * (to - from) > NOTHING && sign * (last - to) >= -NOTHING;
    // What has been moved before stays where no other value comes nearer.
    if (!isThatWay || (at.wasMoved && Math.abs(to - wanted) >= Math.abs(from - wanted) - NOTHING)) return null;
    return Math.abs(to - wanted) + NOTHING * Math.abs(to - from);
  });
}

/** The value a move comes to with the least cost among those that move nothing else; `cost` is null where not asked. */
function best(
  move: Move,
  { line, base, context }: At,
  cost: (value: SettingValue | undefined) => number | null,
): Found {
  const along = move.kind === "scale" ? move.along : undefined;
  const all = rawValues(line.encoding).flatMap((raw) => {
    const means = decodeAll(line, raw, context);
    const costs = cost(means[move.setting]);
    return costs === null ? [] : [{ raw, costs, notAlone: movedToo(means, base, move.setting, along) }];
  });
  const [cheapest] = all.filter(({ notAlone }) => notAlone.length === 0).sort((a, b) => a.costs - b.costs);
  return cheapest ?? (all[0] ? { notAlone: all[0].notAlone } : null);
}

/** Values nearer than this are one and the same. */
const NOTHING = 1e-9;

function switched(move: Extract<Move, { kind: "switch" }>, at: At): Found {
  const held = at.base[move.setting];
  const isFrom = !move.from || move.from.some((value) => value === held);
  return held === move.value || !isFrom ? null : best(move, at, (value) => (value === move.value ? 0 : null));
}

/** Grants what a bike's wishes ask, in their order. */
export function grantWishes<Finding>(asks: WishContext<Finding>): Granting<Finding> {
  const { bike } = asks;
  const conflicts = conflictsOf(asks.profile, bike);
  const before = bike.wishes.length === 0 ? [] : asks.speaksAgainst(asks.raws);
  let raws = asks.raws;
  const granted = bike.wishes.flatMap((wish) => {
    const [told, moved] = grantWish(asks, raws, wish, { conflicts, before });
    raws = moved;
    return told;
  });
  return { raws, granted, conflicts, stood: stoodAt(asks, raws, granted) };
}

/** What the lines the wishes have moved, now or before, stood at without them. */
function stoodAt<Finding>(
  { profile, raws, stood }: WishContext<Finding>,
  moved: Raws,
  granted: readonly Granted<Finding>[],
): Granting<Finding>["stood"] {
  const touched = new Set(
    granted.flatMap(({ fate }) => (fate.kind === "moved" || fate.kind === "there-already" ? [fate.code] : [])),
  );
  return Object.fromEntries(
    linesOf(profile).flatMap(({ code }, i) => {
      const before = stood[i] ?? raws[i] ?? null;
      return touched.has(code) && before !== null && before !== moved[i] ? [[code, before]] : [];
    }),
  );
}

/** One wish on what those before it have left. */
function grantWish<Finding>(
  asks: WishContext<Finding>,
  from: Raws,
  wish: WishId,
  { conflicts, before }: { readonly conflicts: readonly WishConflict[]; readonly before: readonly Finding[] },
): readonly [readonly Granted<Finding>[], Raws] {
  let raws = from;
  const told = WISHES[wish].map((move): Granted<Finding> => {
    const is = (fate: WishFate<Finding>) => ({ wish, setting: move.setting, towards: towardsOf(move), fate });
    if (!isFor(move, asks.bike)) return is({ kind: "not-for-rider" });
    const conflict = conflicts.find(({ setting }) => setting === move.setting);
    if (conflict && !winsWith(conflict, move)) return is(waits(conflict, move));
    const [fate, moved] = grantOne(asks, raws, move, before);
    raws = moved;
    return is(fate);
  });
  const refused = told.find(({ fate }) => fate.kind === "refused")?.fate;
  if (!TOGETHER.has(wish) || refused?.kind !== "refused") return [told, raws];
  const { by } = refused;
  const withdrawn = told.map((each): Granted<Finding> =>
    each.fate.kind === "moved" ? { ...each, fate: { kind: "refused", code: each.fate.code, by } } : each,
  );
  return [withdrawn, from];
}

/** A move that another wish stands against: still open, or given up for the one that was chosen. */
const waits = <Finding>({ sides, chosen }: WishConflict, move: Move): WishFate<Finding> =>
  chosen === null
    ? {
        kind: "open",
        against: sides
          .filter((side) => side.towards !== towardsOf(move) || side.value !== valueOf(move))
          .map((side) => side.wish),
      }
    : { kind: "given-up", for: chosen };

/** Whether a move goes the way of the wish that was chosen; none does while nobody has. */
const winsWith = ({ sides, chosen }: WishConflict, move: Move): boolean =>
  sides.some((side) => side.wish === chosen && side.towards === towardsOf(move) && side.value === valueOf(move));

/** Makes one move, or says why not. */
function grantOne<Finding>(
  asks: WishContext<Finding>,
  raws: Raws,
  move: Move,
  known: readonly Finding[],
): readonly [WishFate<Finding>, Raws] {
  const { profile, bike, byHand, locked } = asks;
  const index = lineFor(profile, raws, move.setting);
  const line = linesOf(profile)[index];
  if (!line) return [{ kind: "no-line" }, raws];
  const { code } = line;
  const stays = (kind: "by-hand" | "locked" | "unsure" | "no-effect" | "hidden" | "unread") =>
    [{ kind, code }, raws] as const;
  if (byHand.has(code)) return stays("by-hand");
  if (locked.has(code)) return stays("locked");
  if (line.effect === "none") return stays("no-effect");
  if (!isShown(profile, index, raws)) return stays("hidden");
  if (isUnsure(line)) return stays("unsure");
  const raw = raws[index] ?? null;
  const context = contextOf(profile, raws);
  const base = raw === null ? {} : decodeAll(line, raw, context);
  const held = base[move.setting];
  if (raw === null || held === undefined) return stays("unread");
  const without = asks.raws[index] ?? raw;
  const before = asks.stood[index] ?? without;
  const start = decodeAll(line, before, contextOf(profile, asks.raws))[move.setting];
  const wasMoved = before !== without;
  const at: At = { line, base, context, start, wasMoved, decoded: (setting) => decoded(profile, raws, setting) };
  const found = move.kind === "scale" ? nearest(move, bike, at) : switched(move, at);
  if (!found) return [{ kind: "there-already", code, at: held }, raws];
  if (!("raw" in found)) return [{ kind: "not-alone", code, with: found.notAlone }, raws];
  const moved = raws.with(index, found.raw);
  const by = asks.speaksAgainst(moved).find((finding) => !known.some((was) => asks.isSame(was, finding)));
  if (by) return [{ kind: "refused", code, by }, raws];
  return [{ kind: "moved", code, from: held, to: decodeAll(line, found.raw, context)[move.setting] ?? held }, moved];
}

/** The line that sets a setting: the one the menu shows, where there are several; -1 where there is none. */
function lineFor(profile: DisplayProfile, raws: Raws, setting: SettingKey): number {
  const sets = (line: Line): boolean => settingsOf(line).includes(setting);
  const shown = linesOf(profile).findIndex((line, i) => sets(line) && isShown(profile, i, raws));
  return shown < 0 ? linesOf(profile).findIndex(sets) : shown;
}
