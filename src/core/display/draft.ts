/**
 * Describing a display from scratch: a small working profile to begin with, and the usual encoding of a setting.
 */
import type { ReadLine } from "./leaflet";
import { lineAs, newLine } from "./lines";
import { asSeen, seenAs } from "./meaning";
import { plainCap, plainNumber, unknownScale } from "./newEncodings";
import {
  FORMAT,
  FORMAT_VERSION,
  type Claim,
  type DisplayKey,
  type DisplayProfile,
  type Encoding,
  type KeyRule,
  type Line,
} from "./profile";
import { held, plainRule, TAP } from "./rules";
import { SETTINGS, type SettingKey } from "./settings";

/** Left alone, a menu closes after this, ms: common practice, no source. */
const USUAL_CLOSING_MS = 10_000;

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

/** The keys of a common three-key menu to begin with: common practice, no source. */
const usualRules = (): KeyRule[] => [
  plainRule("off", ["power"], held(1000), { kind: "power-on" }),
  plainRule("home", ["power"], held(2000), { kind: "power-off" }),
  plainRule("home", ["plus", "minus"], held(2000), { kind: "open-page", page: "settings", code: null }),
  plainRule("menu", ["power"], TAP, { kind: "next-entry" }),
  plainRule("menu", ["plus"], TAP, { kind: "step-value", by: 1, repeat: null }),
  plainRule("menu", ["minus"], TAP, { kind: "step-value", by: -1, repeat: null }),
  plainRule("menu", ["plus", "minus"], held(2000), { kind: "save-and-leave" }),
];

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
    keys: namedKeys(["Power", "Plus", "Minus"]),
    doubleTapMs: 400,
    rules: usualRules(),
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
      idle: { closesAfterMs: USUAL_CLOSING_MS, pending: "discard" },
      changing: "at-once",
      saves: "leaving-menu",
    },
    lines: [line],
    inForce: "after-power-cycle",
    acceptsNominalV: [],
    faultCodes: [],
    source: "Described in this workshop.",
  };
  return blank;
}

/** A line as the leaflet reader proposes it, with the leaflet's own words as its first claim. */
export const lineFromLeaflet = (read: ReadLine): Line => lineOf(read, claimOf(read, read.confidence, false));

/** The same where the technician has said what it sets. */
export const lineAsSaid = (read: ReadLine): Line => lineOf(read, claimOf(read, 1, read.setting !== null));

const lineOf = ({ code, encoding, factoryRaw, tokens }: ReadLine, claim: Claim): Line => ({
  ...newLine(code, encoding, factoryRaw, [claim]),
  note: tokens.condition,
});

const claimOf = ({ code, text, setting }: ReadLine, confidence: number, chosen: boolean): Claim => ({
  from: "leaflet",
  on: null,
  confidence: Math.round(confidence * 100) / 100,
  says: text.slice(0, 400) || code,
  setting,
  chosen,
});

/** The encoding a setting usually has, to begin with: common practice, no source. */
export function usualEncoding(setting: SettingKey): Encoding {
  const { domain, unit } = SETTINGS[setting];
  if (setting === "assistCapKmh" || setting === "throttleCapKmh") return plainCap(setting, 10, 50);
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
  if (unit === "share") return unknownScale(setting, 1, 5);
  if (unit === "V") return plainNumber(setting, 28, 48);
  if (unit === "A") return plainNumber(setting, 5, 25);
  const min = Math.max(0, Math.ceil(domain.min));
  return plainNumber(setting, min, Math.min(Math.floor(domain.max), min + 20));
}

/** A line nobody has looked at yet: its values are a guess. */
export const isUnseen = (encoding: Encoding): boolean =>
  encoding.kind === "reserved" && JSON.stringify(encoding) === JSON.stringify(newLine("").encoding);

/**
 * A line that is to mean another setting. What was seen of its values stays; where nothing was, it is written as such a
 * line usually is. What the maker sets is not known.
 */
export function meaning(line: Line, setting: SettingKey): Line {
  const { encoding: was } = line;
  const seen = isUnseen(was) || was.kind === "read-only" ? null : seenAs(asSeen(was), setting);
  const encoding = seen ?? usualEncoding(setting);
  return { ...lineAs(line, encoding), makerOnly: newLine(line.code, encoding).makerOnly };
}

/** A line nobody can say the meaning of any more: what it was seen to show stays. */
export const meaningless = (line: Line): Line => lineAs(line, asSeen(line.encoding));

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
