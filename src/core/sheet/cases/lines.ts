/** The lines of the corpus's displays, in few words: each maker is a kind of line as leaflets have them. */
import type { DisplayProfile, Line, SettingKey, SettingValue } from "../../display";
import { smallProfile } from "../../keys/testing";
import { seeded } from "../../units/seeded";

export type CaseLine = Line;

const line = (code: string, encoding: Line["encoding"], edit: Partial<Line> = {}): Line => ({
  code,
  encoding,
  atEnds: "wrap",
  factoryRaw: 0,
  makerOnly: false,
  note: null,
  shownWhen: null,
  mattersWhen: null,
  effect: "works",
  claims: [],
  ...edit,
});

/** A wheel in whole millimetres. */
export const wheelMm = (code: string, edit: Partial<Line> = {}): Line =>
  line(
    code,
    {
      kind: "wheel-size",
      setting: "circumferenceMm",
      heldIn: "mm",
      rawMin: 1000,
      rawMax: 2600,
      circumferenceUncertainty: 0,
    },
    edit,
  );

/** A cut-off in half volts around the default of each nominal voltage. */
export const aroundDefault = (code: string, defaults: Readonly<Record<number, number>>): Line =>
  line(code, {
    kind: "around-default",
    setting: "cutOffV",
    rawMin: -6,
    rawMax: 6,
    defaultRaw: 0,
    perRaw: 0.5,
    defaults: Object.entries(defaults).map(([nominalV, valueV]) => ({ nominalV: Number(nominalV), valueV })),
  });

/** A wheel by nominal inches. */
export const wheelCodes = (code: string, inches: readonly number[], edit: Partial<Line> = {}): Line =>
  line(
    code,
    {
      kind: "wheel-code",
      setting: "circumferenceMm",
      codes: inches.map((inch, raw) => ({ raw, shows: String(inch), inch, circumferenceMm: null })),
      circumferenceUncertainty: 0.01,
    },
    edit,
  );

interface Counted {
  readonly min?: number;
  readonly max: number;
  readonly perRaw?: number;
  readonly offset?: number;
}

/** Anything counted: pulses, amps, volts, per cent. */
export const counted = (
  code: string,
  setting: SettingKey,
  { min = 0, max, perRaw = 1, offset = 0 }: Counted,
  edit: Partial<Line> = {},
): Line =>
  line(
    code,
    {
      kind: "number",
      setting,
      rawMin: min,
      rawMax: max,
      rawStep: 1,
      perRaw,
      offset,
      shownPer: 1,
      shownOffset: 0,
      decimals: 0,
      special: [],
    },
    edit,
  );

/** One of a few, each with what it means. */
export const oneOf = (
  code: string,
  setting: SettingKey,
  options: Readonly<Record<string, SettingValue>>,
  edit: Partial<Line> = {},
): Line =>
  line(
    code,
    {
      kind: "choice",
      setting,
      options: Object.entries(options).map(([shows, means], raw) => ({ raw, shows, means })),
    },
    edit,
  );

type Cap = Extract<Line["encoding"], { kind: "speed-cap" }>;

/** A speed cap; its top value means none where `none` is set. */
export const cap = (
  code: string,
  {
    none = false,
    rawMin = 10,
    rawMax = 40,
    ...rest
  }: Partial<Omit<Cap, "kind" | "uncappedRaw">> & { readonly none?: boolean } = {},
  edit: Partial<Line> = {},
): Line =>
  line(
    code,
    {
      kind: "speed-cap",
      setting: "assistCapKmh",
      heldIn: "kmh",
      rawMin,
      rawMax,
      uncappedRaw: none ? rawMax : null,
      uncappedShows: none ? "no cap" : null,
      basis: "shown",
      endsThrottle: false,
      lowersPower: false,
      ...rest,
    },
    edit,
  );

/** A line of which the setting is known and the scale is not. */
export const unscaled = (
  code: string,
  setting: SettingKey,
  rawMax: number,
  {
    larger = "unknown",
    noneRaw = null,
  }: { readonly larger?: "more" | "less" | "unknown"; readonly noneRaw?: number | null } = {},
): Line => line(code, { kind: "unknown-scale", setting, rawMin: 0, rawMax, larger, noneRaw, measured: [] });

/** A line that sets several things: its options by what each means, shown as 0, 1, 2 and so on. */
export const preset = (
  code: string,
  basis: "shown" | "own" | "unknown",
  options: readonly Readonly<Partial<Record<SettingKey, SettingValue>>>[],
  edit: Partial<Line> = {},
): Line =>
  line(
    code,
    {
      kind: "bundle",
      setting: null,
      basis,
      options: options.map((means, raw) => ({
        raw,
        shows: String(raw),
        means: means as Record<SettingKey, number | boolean | string>,
      })),
    },
    edit,
  );

/** A plain menu of these lines, one after the other; how its keys go is no matter here. */
export function displayOf(lines: readonly Line[]): DisplayProfile {
  const plain = smallProfile(seeded(1), 0);
  const entries = lines.map(({ code }) => ({ kind: "line" as const, line: code }));
  const page = { id: "top", name: "Top", entries, atEnds: "wrap" as const, opensAt: "first" as const, changing: null };
  return { ...plain, acceptsNominalV: [], lines: [...lines], menu: { ...plain.menu, pages: [page] } };
}
