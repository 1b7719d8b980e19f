/**
 * Describing a display from scratch: a small working profile to begin with, and the usual encoding of a setting.
 */
import type { ReadLine } from "./leaflet";
import { shows } from "./encoding";
import { newLine } from "./lines";
import { seenAs } from "./meaning";
import {
  FORMAT,
  FORMAT_VERSION,
  type DisplayKey,
  type DisplayProfile,
  type Encoding,
  type KeyRule,
  type Line,
} from "./profile";
import { SETTINGS, type SettingKey } from "./settings";

/** The few facts most menus are made of. */
export interface Manner {
  readonly keyNames: readonly string[];
  readonly wayIn: { readonly keys: readonly string[]; readonly holdMs: number };
  readonly next: string;
  readonly previous: string | null;
  readonly more: string;
  readonly less: string | null;
  /** Key that makes a value blink and confirms it; null where it changes at once. */
  readonly select: string | null;
  readonly save: { readonly keys: readonly string[]; readonly holdMs: number } | null;
  readonly power: { readonly key: string; readonly onMs: number; readonly offMs: number };
  readonly closesAfterMs: number;
  readonly closing: "save" | "discard";
  readonly saves: DisplayProfile["menu"]["saves"];
  readonly inForce: DisplayProfile["inForce"];
}

/** A common four-key menu to begin with: common practice, no source. */
export const USUAL_MANNER: Manner = {
  keyNames: ["Power", "Plus", "Minus"],
  wayIn: { keys: ["plus", "minus"], holdMs: 2000 },
  next: "power",
  previous: null,
  more: "plus",
  less: "minus",
  select: null,
  save: { keys: ["plus", "minus"], holdMs: 2000 },
  power: { key: "power", onMs: 1000, offMs: 2000 },
  closesAfterMs: 10_000,
  closing: "discard",
  saves: "leaving-menu",
  inForce: "after-power-cycle",
};

export const keyId = (name: string): string =>
  name
    .toLowerCase()
    .normalize("NFKD")
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "") || "key";

const KEYBOARD = ["a", "s", "d", "f", "h", "j", "k", "l"];

/** Keys as the technician calls them. */
export const namedKeys = (names: readonly string[]): DisplayKey[] =>
  names.map((name, i) => {
    const id = keyId(name);
    const cap = /plus|up/i.test(name) ? "+" : /minus|down/i.test(name) ? "−" : name.slice(0, 1).toUpperCase();
    return {
      id: names.slice(0, i).some((other) => keyId(other) === id) ? `${id}-${i + 1}` : id,
      cap,
      name,
      keyboard: KEYBOARD[i] ?? "x",
      part: "key",
    };
  });

/** The rules a manner comes to. */
export function rulesOf(manner: Manner): KeyRule[] {
  const rule = (
    on: KeyRule["on"],
    keys: readonly string[],
    gesture: KeyRule["gesture"],
    does: KeyRule["does"],
    editing: boolean | null = null,
  ): KeyRule => ({
    on,
    pages: null,
    editing,
    infoLine: null,
    sincePowerOn: null,
    wheelStill: false,
    keys: [...keys],
    gesture,
    does,
  });
  const tap: KeyRule["gesture"] = { kind: "tap" };
  const held = (holdMs: number): KeyRule["gesture"] => ({ kind: "hold", holdMs });
  const still = manner.select === null ? null : false;
  const blinking = manner.select === null ? null : true;
  return [
    rule("off", [manner.power.key], held(manner.power.onMs), { kind: "power-on" }),
    rule("home", [manner.power.key], held(manner.power.offMs), { kind: "power-off" }),
    rule("home", manner.wayIn.keys, held(manner.wayIn.holdMs), { kind: "open-page", page: "settings", code: null }),
    rule("menu", [manner.next], tap, { kind: "next-entry" }, still),
    ...(manner.previous ? [rule("menu", [manner.previous], tap, { kind: "previous-entry" }, still)] : []),
    ...(manner.select
      ? [
          rule("menu", [manner.select], tap, { kind: "select" }, false),
          rule("menu", [manner.select], tap, { kind: "confirm-value", then: "stays" }, true),
        ]
      : []),
    rule("menu", [manner.more], tap, { kind: "step-value", by: 1, repeat: null }, blinking),
    ...(manner.less ? [rule("menu", [manner.less], tap, { kind: "step-value", by: -1, repeat: null }, blinking)] : []),
    ...(manner.save ? [rule("menu", manner.save.keys, held(manner.save.holdMs), { kind: "save-and-leave" })] : []),
  ];
}

/** A profile whose keys and manner are as told; its lines stay. */
export const withManner = (profile: DisplayProfile, manner: Manner): DisplayProfile => ({
  ...profile,
  keys: namedKeys(manner.keyNames),
  rules: rulesOf(manner),
  menu: {
    ...profile.menu,
    idle: { closesAfterMs: manner.closesAfterMs, pending: manner.closing },
    changing: manner.select === null ? "at-once" : "select",
    saves: manner.saves,
  },
  inForce: manner.inForce,
});

/** A display nobody has described yet, with one line so that it works. */
export function newProfile(id: string, name: string): DisplayProfile {
  const line = newLine("1");
  const blank: DisplayProfile = {
    format: FORMAT,
    version: FORMAT_VERSION,
    id,
    revision: 1,
    name,
    variant: "as described here",
    glass: "segment",
    keys: namedKeys(USUAL_MANNER.keyNames),
    doubleTapMs: 400,
    rules: rulesOf(USUAL_MANNER),
    infoLines: [],
    levels: { lowest: 0, names: [] },
    modes: [],
    pinDigits: 4,
    menu: {
      pages: [
        {
          id: "settings",
          name: "Settings",
          atEnds: "wrap",
          opensAt: "first",
          changing: null,
          entries: [{ kind: "line", line: line.code }],
        },
      ],
      idle: { closesAfterMs: USUAL_MANNER.closesAfterMs, pending: USUAL_MANNER.closing },
      changing: "at-once",
      saves: USUAL_MANNER.saves,
    },
    lines: [line],
    inForce: USUAL_MANNER.inForce,
    acceptsNominalV: [],
    faultCodes: [],
    source: "Described in this workshop.",
  };
  return blank;
}

/** A line as the leaflet reader proposes it, with the leaflet's own words as its first claim. */
export const lineFromLeaflet = (read: ReadLine): Line =>
  newLine(read.code, read.encoding, read.factoryRaw, [
    {
      from: "leaflet",
      on: null,
      confidence: Math.round(read.confidence * 100) / 100,
      says: read.text.slice(0, 400) || read.code,
      setting: read.setting,
      chosen: false,
    },
  ]);

/** The encoding a setting usually has, to begin with: common practice, no source. */
export function usualEncoding(setting: SettingKey): Encoding {
  const { domain, unit } = SETTINGS[setting];
  const plain = (rawMin: number, rawMax: number, perRaw = 1, decimals = 0): Encoding => ({
    kind: "number",
    setting,
    rawMin,
    rawMax,
    rawStep: 1,
    perRaw,
    offset: 0,
    shownPer: perRaw,
    shownOffset: 0,
    decimals,
    special: [],
  });
  if (setting === "assistCapKmh" || setting === "throttleCapKmh")
    return {
      kind: "speed-cap",
      setting,
      heldIn: "kmh",
      rawMin: 10,
      rawMax: 50,
      uncappedRaw: null,
      uncappedShows: null,
      basis: "unknown",
      endsThrottle: false,
      lowersPower: false,
    };
  if (setting === "circumferenceMm")
    return {
      kind: "wheel-code",
      setting,
      codes: [16, 18, 20, 24, 26, 27.5, 28, 29].map((inch) => ({
        raw: Math.round(inch * 10),
        shows: String(inch),
        inch,
        circumferenceMm: null,
      })),
      circumferenceUncertainty: 0.03,
    };
  if (domain.kind === "flag")
    return {
      kind: "choice",
      setting,
      options: [
        { raw: 0, shows: "0", means: false },
        { raw: 1, shows: "1", means: true },
      ],
    };
  if (domain.kind === "choice")
    return {
      kind: "choice",
      setting,
      options: domain.values.map((means, raw) => ({ raw, shows: String(raw), means })),
    };
  if (setting === "nominalV")
    return {
      kind: "choice",
      setting,
      options: [24, 36, 48, 52].map((means) => ({ raw: means, shows: String(means), means })),
    };
  if (unit === "share")
    return { kind: "unknown-scale", setting, rawMin: 1, rawMax: 5, larger: "unknown", noneRaw: null, measured: [] };
  if (unit === "V") return plain(28, 48);
  if (unit === "A") return plain(5, 25);
  const min = Math.max(0, Math.ceil(domain.min));
  return plain(min, Math.min(Math.floor(domain.max), min + 20));
}

/** A line nobody has looked at yet: its values are a guess. */
const isUnseen = (encoding: Encoding): boolean =>
  encoding.kind === "reserved" && JSON.stringify(encoding) === JSON.stringify(newLine("").encoding);

/**
 * A line that is to mean another setting. What was seen of its values stays; where nothing was, it is written as such a
 * line usually is. What the maker sets is not known.
 */
export function meaning(line: Line, setting: SettingKey): Line {
  const { encoding: was } = line;
  const seen = was.kind === "reserved" && !isUnseen(was) ? seenAs(was, setting) : null;
  const encoding = seen ?? usualEncoding(setting);
  const { makerOnly } = newLine(line.code, encoding);
  const stated = line.factoryRaw;
  // A value stated for the same showing is stated still.
  const factoryRaw = seen && stated !== null && shows(seen, stated) === shows(was, stated) ? stated : null;
  return { ...line, encoding, factoryRaw, makerOnly };
}

/** A profile with the line at `index` replaced; where its code changes, pages and conditions follow. */
export function withLineAt(profile: DisplayProfile, index: number, next: Line): DisplayProfile {
  const old = profile.lines[index];
  if (!old) return profile;
  const lines = profile.lines.with(index, next);
  if (old.code === next.code) return { ...profile, lines };
  const pages = profile.menu.pages.map((page) => ({
    ...page,
    entries: page.entries.map((entry) =>
      entry.kind === "line" && entry.line === old.code ? { ...entry, line: next.code } : entry,
    ),
  }));
  const follow = (conditions: Line["shownWhen"]) =>
    conditions && conditions.map((each) => (each.line === old.code ? { ...each, line: next.code } : each));
  const rules = profile.rules.map((rule) =>
    rule.does.kind === "set-value" && rule.does.line === old.code
      ? { ...rule, does: { ...rule.does, line: next.code } }
      : rule,
  );
  return {
    ...profile,
    rules,
    menu: { ...profile.menu, pages },
    lines: lines.map((line) => ({ ...line, shownWhen: follow(line.shownWhen), mattersWhen: follow(line.mattersWhen) })),
  };
}
