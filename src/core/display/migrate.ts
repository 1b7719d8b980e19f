/**
 * Brings display profiles of older formats up to the present one, a numbered step at a time. 1 → 2: pages of entries
 * instead of one flat ring; rules with conditions; one number encoding instead of two; what a line does and who says
 * so. 2 → 3: conditions on several lines; levels, modes and PIN of the home screen; how each page changes values; who
 * said it and when. What comes out is still to be checked by the schema.
 */
import * as v from "valibot";
import { DisplayProfileSchema1 } from "./profileSchema1";

type Fields = Readonly<Record<string, unknown>>;
type Profile1 = v.InferOutput<typeof DisplayProfileSchema1>;
type Encoding1 = Profile1["menu"]["lines"][number]["encoding"];

const TOP = "settings";

function encoding1to2(encoding: Encoding1): Fields {
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

function rule1to2({ on, keys, gesture, does }: Profile1["rules"][number]): Fields {
  const deed =
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

const line1to2 = ({ encoding, ...line }: Profile1["menu"]["lines"][number]): Fields => ({
  ...line,
  encoding: encoding1to2(encoding),
  shownWhen: null,
  mattersWhen: null,
  effect: "works",
  claims: [],
});

function profile1to2({ menu, keys, rules, ...rest }: Profile1): Fields {
  return {
    ...rest,
    version: 2,
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

/** What of a profile of format 2 the step to 3 looks at; all else is carried over as it stands. */
const Profile2 = v.looseObject({
  version: v.literal(2),
  rules: v.array(v.looseObject({ does: v.looseObject({ kind: v.string() }) })),
  menu: v.looseObject({ pages: v.array(v.looseObject({})) }),
  lines: v.array(
    v.looseObject({
      encoding: v.looseObject({ kind: v.string() }),
      shownWhen: v.unknown(),
      mattersWhen: v.unknown(),
      claims: v.array(v.looseObject({})),
    }),
  ),
});
type Profile2 = v.InferOutput<typeof Profile2>;

/** What deeds and encodings of format 2 left unsaid, by kind: it was always so. */
const DEEDS_2_SAID: Readonly<Record<string, Fields>> = {
  "confirm-value": { then: "stays" },
  "run-action": { asks: "nothing" },
  "step-level": { around: false },
};
const ENCODINGS_2_SAID: Readonly<Record<string, Fields>> = {
  "around-default": { defaultRaw: 0 },
  "speed-cap": { lowersPower: false },
};

const all = (condition: unknown): unknown => (condition === null ? null : [condition]);

const profile2to3 = ({ rules, menu, lines, ...rest }: Profile2): Fields => ({
  ...rest,
  version: 3,
  levels: { lowest: 0, names: [] },
  modes: [],
  pinDigits: 4,
  rules: rules.map(({ does, ...rule }) => ({ ...rule, does: { ...does, ...DEEDS_2_SAID[does.kind] } })),
  menu: { ...menu, pages: menu.pages.map((page) => ({ ...page, changing: null })) },
  lines: lines.map(({ encoding, shownWhen, mattersWhen, claims, ...line }) => ({
    ...line,
    encoding: { ...encoding, ...ENCODINGS_2_SAID[encoding.kind] },
    shownWhen: all(shownWhen),
    mattersWhen: all(mattersWhen),
    claims: claims.map((claim) => ({ ...claim, on: null })),
  })),
});

/** A profile's data brought up to the present format; data that is not an older profile comes back untouched. */
export function migrateProfile(data: unknown): unknown {
  const first = v.safeParse(DisplayProfileSchema1, data);
  const second = v.safeParse(Profile2, first.success ? profile1to2(first.output) : data);
  return second.success ? profile2to3(second.output) : data;
}
