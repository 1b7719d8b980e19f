/** Short ways to write a display profile down by hand: what is usual is left out, what is peculiar is said. */
import {
  FORMAT,
  FORMAT_VERSION,
  plainRule,
  type Conditions,
  type Deed,
  type DisplayKey,
  type DisplayProfile,
  type Encoding,
  type Entry,
  type KeyRule,
  type Line,
  type Page,
  type SettingKey,
  type Setup,
} from "@/core/display";

type RuleExtras = Partial<Pick<KeyRule, "pages" | "editing" | "infoLine" | "sincePowerOn" | "wheelStill">>;

export const key = (
  id: string,
  cap: string,
  name: string,
  keyboard: string,
  part: DisplayKey["part"] = "key",
): DisplayKey => ({ id, cap, name, keyboard, part });

const rule = (
  on: KeyRule["on"],
  keys: string,
  gesture: KeyRule["gesture"],
  does: Deed | Deed["kind"],
  extras: RuleExtras,
): KeyRule => ({
  ...plainRule(on, keys.split("+"), gesture, typeof does === "string" ? plainDeed(does) : does),
  ...extras,
});

/** A deed that needs nothing said besides its name. */
function plainDeed(kind: Deed["kind"]): Deed {
  switch (kind) {
    case "open-page":
    case "step-value":
    case "step-digit":
    case "run-action":
    case "step-level":
    case "step-backlight":
    case "set-value":
      throw new TypeError(`${kind} needs more said than its name`);
    case "confirm-value":
      return { kind, then: "stays" };
    default:
      return { kind };
  }
}

/** Keys are joined by "+": "lamp+more". */
export const tap = (on: KeyRule["on"], keys: string, does: Deed | Deed["kind"], extras: RuleExtras = {}): KeyRule =>
  rule(on, keys, { kind: "tap" }, does, extras);
export const doubleTap = (
  on: KeyRule["on"],
  keys: string,
  does: Deed | Deed["kind"],
  extras: RuleExtras = {},
): KeyRule => rule(on, keys, { kind: "double-tap" }, does, extras);
export const held = (
  on: KeyRule["on"],
  keys: string,
  holdMs: number,
  does: Deed | Deed["kind"],
  extras: RuleExtras = {},
): KeyRule => rule(on, keys, { kind: "hold", holdMs }, does, extras);

export const opens = (page: string, code: string | null = null): Deed => ({ kind: "open-page", page, code });
export const steps = (by: 1 | -1, repeat: { afterMs: number; everyMs: number } | null = null): Deed => ({
  kind: "step-value",
  by,
  repeat,
});
export const digit = (place: 0 | 1 | 2): Deed => ({ kind: "step-digit", place });
export const level = (by: 1 | -1, around = false): Deed => ({ kind: "step-level", by, around });
export const does = (
  action: Extract<Deed, { kind: "run-action" }>["action"],
  asks: Extract<Deed, { kind: "run-action" }>["asks"] = "nothing",
): Deed => ({ kind: "run-action", action, asks });

type LineExtras = Partial<Pick<Line, "makerOnly" | "note" | "effect" | "claims">> & {
  readonly ends?: Line["atEnds"];
  readonly shownWhen?: Conditions;
  readonly mattersWhen?: Conditions;
};

export const line = (
  code: string,
  encoding: Encoding,
  factoryRaw: number | null,
  {
    ends = "wrap",
    makerOnly = false,
    note = null,
    shownWhen,
    mattersWhen,
    effect = "works",
    claims = [],
  }: LineExtras = {},
): Line => ({
  code,
  encoding,
  atEnds: ends,
  factoryRaw,
  makerOnly,
  note,
  shownWhen: shownWhen ?? null,
  mattersWhen: mattersWhen ?? null,
  effect,
  claims: [...claims],
});

export const when = (code: string, ...raws: number[]): Conditions => [{ line: code, raws }];
export const whenAll = (...all: readonly Conditions[]): Conditions => all.flat();

/** Options in the order the display steps through them; what it shows is the raw number unless a word is given. */
export const choice = <K extends SettingKey>(
  setting: K,
  ...options: readonly (readonly [raw: number, means: NonNullable<Setup[K]>, shows?: string])[]
): Encoding => ({
  kind: "choice",
  setting,
  options: options.map(([raw, means, shows]) => ({
    raw,
    shows: shows ?? String(raw),
    means: means as number | boolean | string,
  })),
});

export const bundle = (...options: readonly (readonly [raw: number, means: Setup, shows?: string])[]): Encoding => ({
  kind: "bundle",
  setting: null,
  options: options.map(([raw, means, shows]) => ({
    raw,
    shows: shows ?? String(raw),
    means: means as Record<SettingKey, number | boolean | string>,
  })),
});

interface NumberShape {
  readonly step?: number;
  readonly per?: number;
  readonly offset?: number;
  readonly shownPer?: number;
  readonly shownOffset?: number;
  readonly decimals?: number;
  readonly special?: readonly {
    readonly raw: number;
    readonly shows: string | null;
    readonly means: number | boolean | string;
  }[];
}

/** A number line: value = offset + raw · per; it shows the value unless said otherwise. */
export const number = (
  setting: SettingKey,
  rawMin: number,
  rawMax: number,
  { step = 1, per = 1, offset = 0, shownPer, shownOffset, decimals = 0, special = [] }: NumberShape = {},
): Encoding => ({
  kind: "number",
  setting,
  rawMin,
  rawMax,
  rawStep: step,
  perRaw: per,
  offset,
  shownPer: shownPer ?? per,
  shownOffset: shownOffset ?? (shownPer === undefined ? offset : 0),
  decimals,
  special: [...special],
});

export const readOnly = (shows: string | null): Encoding => ({ kind: "read-only", setting: null, shows });
export const reserved = (rawMin: number, rawMax: number): Encoding => ({
  kind: "reserved",
  setting: null,
  rawMin,
  rawMax,
});

export const lineEntry = (code: string): Entry => ({ kind: "line", line: code });
export const group = (code: string, page: string): Entry => ({ kind: "page", code, page });
export const exit = (code: string, saves: boolean): Entry => ({ kind: "exit", code, saves });
export const action = (
  code: string,
  does: Extract<Entry, { kind: "action" }>["action"],
  asks: Extract<Entry, { kind: "action" }>["asks"] = "yes-no",
): Entry => ({ kind: "action", code, action: does, asks });

export const page = (
  id: string,
  name: string,
  atEnds: Page["atEnds"],
  entries: readonly (string | Entry)[],
  opensAt: Page["opensAt"] = "first",
  changing: Page["changing"] = null,
): Page => ({
  id,
  name,
  atEnds,
  opensAt,
  changing,
  entries: entries.map((entry) => (typeof entry === "string" ? lineEntry(entry) : entry)),
});

type Usual =
  | "format"
  | "version"
  | "revision"
  | "glass"
  | "doubleTapMs"
  | "infoLines"
  | "levels"
  | "modes"
  | "pinDigits"
  | "faultCodes"
  | "source";

export const display = (
  profile: Omit<DisplayProfile, Usual> & Partial<Pick<DisplayProfile, Usual>>,
): DisplayProfile => ({
  format: FORMAT,
  version: FORMAT_VERSION,
  revision: 1,
  glass: "segment",
  doubleTapMs: 400,
  infoLines: [],
  levels: { lowest: 0, names: [] },
  modes: [],
  pinDigits: 4,
  faultCodes: [],
  source: "Invented for Odd Spoke. No such display exists.",
  ...profile,
});
