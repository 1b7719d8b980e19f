/**
 * Brings display profiles of older formats up to the present one, a numbered step at a time. 1 → 2: pages of entries
 * instead of one flat ring; rules with conditions; one number encoding instead of two; what a line does and who says
 * so.
 */
import * as v from "valibot";
import { FORMAT_VERSION, type DisplayProfile, type Encoding, type KeyRule, type Line } from "./profile";
import { DisplayProfileSchema1 } from "./profileSchema1";

type Profile1 = v.InferOutput<typeof DisplayProfileSchema1>;
type Encoding1 = Profile1["menu"]["lines"][number]["encoding"];

const TOP = "settings";

function encoding1to2(encoding: Encoding1): Encoding {
  // The kinds of format 1, which have no file of their own any more.
  // eslint-disable-next-line no-restricted-syntax
  switch (encoding.kind) {
    case "choice":
    case "on-off":
      return { kind: "choice", setting: encoding.setting, options: encoding.options.map((option) => ({ ...option })) };
    case "scaled": {
      const { setting, rawMin, rawMax, perRaw, offset, decimals } = encoding;
      return {
        kind: "number",
        setting,
        rawMin,
        rawMax,
        rawStep: 1,
        perRaw,
        offset,
        shownPer: perRaw,
        shownOffset: offset,
        decimals,
        special: [],
      };
    }
    case "count": {
      const { setting, rawMin, rawMax } = encoding;
      return {
        kind: "number",
        setting,
        rawMin,
        rawMax,
        rawStep: 1,
        perRaw: 1,
        offset: 0,
        shownPer: 1,
        shownOffset: 0,
        decimals: 0,
        special: [],
      };
    }
    case "speed-cap":
      // Format 1 called a share of power a basis of a speed; nobody can say what speed that was.
      return { ...encoding, basis: encoding.basis === "share" ? "unknown" : encoding.basis, uncappedShows: null };
    case "wheel-code":
    case "read-only":
    case "reserved":
      return encoding;
  }
}

function rule1to2({ on, keys, gesture, does }: Profile1["rules"][number]): KeyRule {
  const deed: KeyRule["does"] =
    does.kind === "open-menu"
      ? { kind: "open-page", page: TOP, code: null }
      : does.kind === "next-line"
        ? { kind: "next-entry" }
        : does;
  return {
    on,
    pages: null,
    editing: null,
    infoLine: null,
    sincePowerOn: null,
    wheelStill: false,
    keys,
    gesture,
    does: deed,
  };
}

const line1to2 = ({ encoding, ...line }: Profile1["menu"]["lines"][number]): Line => ({
  ...line,
  encoding: encoding1to2(encoding),
  shownWhen: null,
  mattersWhen: null,
  effect: "works",
  claims: [],
});

function profile1to2({ menu, keys, rules, ...rest }: Profile1): DisplayProfile {
  return {
    ...rest,
    version: FORMAT_VERSION,
    glass: "segment",
    keys: keys.map((key) => ({ ...key, part: "key" })),
    doubleTapMs: 400,
    rules: rules.map(rule1to2),
    infoLines: [],
    menu: {
      pages: [
        {
          id: TOP,
          name: "Settings",
          atEnds: "wrap",
          opensAt: menu.opensAt === "first-line" ? "first" : "last-visited",
          entries: menu.lines.map((line) => ({ kind: "line", line: line.code })),
        },
      ],
      idle: menu.idle,
      changing: "at-once",
      saves: "leaving-menu",
    },
    lines: menu.lines.map(line1to2),
    faultCodes: [],
  };
}

/** A profile's data brought up to the present format; data that is not an older profile comes back untouched. */
export function migrateProfile(data: unknown): unknown {
  const old = v.safeParse(DisplayProfileSchema1, data);
  return old.success ? profile1to2(old.output) : data;
}
