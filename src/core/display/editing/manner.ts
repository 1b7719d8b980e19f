/**
 * The few facts most menus are made of, read off a description and put into it in place: each changes the rule it is
 * read from and no other.
 */
import type { DisplayProfile, KeyRule } from "../profile";
import { held, plainRule, TAP } from "../rules";
import { withRule } from "./structure";

type Screen = KeyRule["on"];

/** One of the short form's questions: which rule answers it. */
interface Duty {
  readonly on: Screen;
  readonly does: KeyRule["does"];
  /** Only while nothing blinks, or only while the value does, on a menu where values blink first. */
  readonly blinking: boolean;
  readonly isHeld: boolean;
}

/** What the short form asks, by the name it asks under. */
export const DUTIES = {
  wayIn: { on: "home", does: { kind: "open-page", page: "settings", code: null }, blinking: false, isHeld: true },
  next: { on: "menu", does: { kind: "next-entry" }, blinking: false, isHeld: false },
  previous: { on: "menu", does: { kind: "previous-entry" }, blinking: false, isHeld: false },
  more: { on: "menu", does: { kind: "step-value", by: 1, repeat: null }, blinking: true, isHeld: false },
  less: { on: "menu", does: { kind: "step-value", by: -1, repeat: null }, blinking: true, isHeld: false },
  select: { on: "menu", does: { kind: "select" }, blinking: false, isHeld: false },
  confirm: { on: "menu", does: { kind: "confirm-value", then: "stays" }, blinking: true, isHeld: false },
  save: { on: "menu", does: { kind: "save-and-leave" }, blinking: false, isHeld: true },
  powerOn: { on: "off", does: { kind: "power-on" }, blinking: false, isHeld: true },
  powerOff: { on: "home", does: { kind: "power-off" }, blinking: false, isHeld: true },
} as const satisfies Readonly<Record<string, Duty>>;
export type DutyName = keyof typeof DUTIES;

/** Held, where nobody has said for how long, ms: common practice, no source. */
const USUAL_HOLD_MS = 2000;

/** Whether a rule does what a duty asks. */
function doesIt(rule: KeyRule, { on, does }: Duty): boolean {
  const sameWay = !("by" in does) || ("by" in rule.does && rule.does.by === does.by);
  return rule.on === on && rule.does.kind === does.kind && sameWay;
}

/** Where the first rule that does it stands, or -1. */
const ruleOf = ({ rules }: DisplayProfile, name: DutyName): number =>
  rules.findIndex((rule) => doesIt(rule, DUTIES[name]));

/** Keys that do it; none where no rule does. */
export const keysOf = (profile: DisplayProfile, name: DutyName): readonly string[] =>
  profile.rules[ruleOf(profile, name)]?.keys ?? [];

/** How long they are held, ms; null where they are not. */
export function heldMs(profile: DisplayProfile, name: DutyName): number | null {
  const gesture = profile.rules[ruleOf(profile, name)]?.gesture;
  return gesture?.kind === "hold" ? gesture.holdMs : null;
}

/** How many rules do it: the short form shows the first. */
export const rulesDoing = ({ rules }: DisplayProfile, name: DutyName): number =>
  rules.filter((rule) => doesIt(rule, DUTIES[name])).length;

/** The same with other keys for it: the first rule that does it gets them, is added, or with no keys goes. */
export function withKeys(profile: DisplayProfile, name: DutyName, keys: readonly string[]): DisplayProfile {
  const at = ruleOf(profile, name);
  const rule = profile.rules[at];
  if (keys.length === 0) return rule ? { ...profile, rules: profile.rules.toSpliced(at, 1) } : profile;
  if (rule) return { ...profile, rules: profile.rules.with(at, { ...rule, keys: [...keys] }) };
  const { on, does, blinking, isHeld } = DUTIES[name];
  const apart = profile.menu.changing === "select" && on === "menu" && name !== "save";
  const deed = does.kind === "open-page" ? { ...does, page: profile.menu.pages[0]?.id ?? does.page } : { ...does };
  const added = plainRule(on, keys, isHeld ? held(USUAL_HOLD_MS) : TAP, deed);
  return withRule(profile, { ...added, editing: apart ? blinking : null });
}

/** The same held so long. A rule that is not held stays as it is. */
export function withHeldMs(profile: DisplayProfile, name: DutyName, holdMs: number): DisplayProfile {
  const at = ruleOf(profile, name);
  const rule = profile.rules[at];
  if (!rule || rule.gesture.kind !== "hold") return profile;
  return { ...profile, rules: profile.rules.with(at, { ...rule, gesture: { ...rule.gesture, holdMs } }) };
}

/** Whether a page has something a key has to go into: then that key stays, blinking or not. */
const hasDoors = ({ menu }: DisplayProfile): boolean =>
  menu.pages.some(({ entries }) => entries.some(({ kind }) => kind !== "line"));

/**
 * The same with a key that makes a value blink and confirms it, or with values that change at once. Rules that move and
 * change hold while nothing blinks, or while the value does; those that said so themselves stay as they are.
 */
export function withSelectKey(profile: DisplayProfile, key: string | null): DisplayProfile {
  const { menu } = profile;
  if (key === null) {
    const bare = withKeys(profile, "confirm", []);
    const left = hasDoors(profile) ? bare : withKeys(bare, "select", []);
    return { ...left, rules: left.rules.map(joined), menu: { ...menu, changing: "at-once" } };
  }
  const apart: DisplayProfile =
    menu.changing === "select"
      ? profile
      : { ...profile, rules: profile.rules.map(toldApart), menu: { ...menu, changing: "select" } };
  return withKeys(withKeys(apart, "select", [key]), "confirm", [key]);
}

/** The short form's duty a rule has, one that a blinking value tells apart; none where it has no such. */
const dutyApart = (rule: KeyRule): Duty | undefined =>
  Object.values<Duty>(DUTIES).find(
    (duty) => rule.on === "menu" && duty.does.kind !== "save-and-leave" && doesIt(rule, duty),
  );

/** A rule of the menu that holds while nothing blinks, or while the value does, as its duty has it. */
function toldApart(rule: KeyRule): KeyRule {
  const duty = dutyApart(rule);
  return duty && rule.editing === null ? { ...rule, editing: duty.blinking } : rule;
}

/** A rule told apart so, holding whatever blinks. One of another duty keeps its condition. */
function joined(rule: KeyRule): KeyRule {
  const duty = dutyApart(rule);
  return duty && rule.pages === null && rule.editing === duty.blinking ? { ...rule, editing: null } : rule;
}
