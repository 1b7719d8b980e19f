/**
 * Swapping a display: what the old one set, said in canonical settings, and what becomes of each value on the new one.
 * Every setting either display has is accounted for once: kept, rounded, lost or gained.
 */
import {
  contextOf,
  decodeAll,
  encodeLine,
  factoryRaws,
  isShown,
  linesOf,
  matters,
  settingsOf,
  type Decoded,
  type DisplayProfile,
  type EncodeProblem,
  type SettingKey,
  type SettingValue,
} from "../display";
import type { Raws } from "../applied/applied";

export type Fate = "kept" | "rounded" | "lost" | "gained";

export type FateReason =
  | { readonly key: "fate.same" }
  | { readonly key: "fate.nearest-safe" }
  | { readonly key: "fate.by-preset" }
  | { readonly key: "fate.no-line" }
  | { readonly key: "fate.not-read" }
  | { readonly key: "fate.scale-unknown" }
  | { readonly key: "fate.not-in-use" }
  | { readonly key: "fate.not-shown" }
  | { readonly key: "fate.cannot-hold"; readonly problem: EncodeProblem }
  | { readonly key: "fate.preset-forces"; readonly code: string }
  | { readonly key: "fate.new-line" };

export interface CarriedSetting {
  readonly setting: SettingKey;
  readonly fate: Fate;
  readonly reason: FateReason;
  /** Value on the old display, and what the new one will hold; null where there is none. */
  readonly from: SettingValue | null;
  readonly to: SettingValue | null;
  /** Lines that set it, by code. */
  readonly fromLine: string | null;
  readonly toLine: string | null;
}

export interface CarryOver {
  readonly settings: readonly CarriedSetting[];
  /** Raw values for the new display: carried where it can hold them, the maker's elsewhere. */
  readonly raws: Raws;
}

interface Source {
  readonly value: SettingValue | null;
  readonly code: string;
  readonly why: FateReason | null;
}

/** What the old display says of each of its settings. */
function sourcesOf(profile: DisplayProfile, raws: Raws): Map<SettingKey, Source> {
  const context = contextOf(profile, raws);
  const sources = new Map<SettingKey, Source>();
  linesOf(profile).forEach((line, i) => {
    const raw = raws[i] ?? null;
    const means: Decoded = raw === null ? {} : decodeAll(line, raw, context);
    for (const setting of settingsOf(line)) {
      const known = sources.get(setting);
      if (known && known.value !== null) continue;
      const inUse = matters(profile, i, raws);
      const value = inUse ? (means[setting] ?? null) : null;
      const why: FateReason | null =
        value !== null
          ? null
          : raw === null
            ? { key: "fate.not-read" }
            : !inUse
              ? { key: "fate.not-in-use" }
              : { key: "fate.scale-unknown" };
      sources.set(setting, { value, code: line.code, why });
    }
  });
  return sources;
}

/**
 * Lines of the new display in the order they are set: units and volts first, lines others hang on next, caps and
 * presets last.
 */
const ORDER = ["speedUnit", "nominalV"] as const satisfies readonly SettingKey[];

/** Carries the values of one display over to another. Raw values are in each display's own menu order. */
export function carryOver(from: DisplayProfile, rawsFrom: Raws, to: DisplayProfile): CarryOver {
  const sources = sourcesOf(from, rawsFrom);
  const raws: (number | null)[] = [...factoryRaws(to)];
  const problems = new Map<SettingKey, EncodeProblem>();
  const lines = linesOf(to);
  const rank = (i: number): number => {
    const line = lines[i];
    const own = line ? settingsOf(line) : [];
    return own.some((setting) => ORDER.some((first) => first === setting))
      ? 0
      : line?.encoding.kind === "bundle"
        ? 3
        : line?.shownWhen || line?.mattersWhen
          ? 2
          : 1;
  };
  const taken = new Set<SettingKey>();
  for (const i of lines.map((_, k) => k).sort((a, b) => rank(a) - rank(b))) {
    const line = lines[i];
    if (!line || line.effect === "none") continue;
    if (line.encoding.kind === "bundle") {
      const wanted = settingsOf(line).filter((setting) => !taken.has(setting) && sources.get(setting)?.value != null);
      const missed = (means: Decoded) =>
        wanted.filter((setting) => means[setting] !== sources.get(setting)?.value).length;
      const best = [...line.encoding.options].sort(
        (a, b) => missed(a.means as Decoded) - missed(b.means as Decoded),
      )[0];
      if (best && wanted.length > 0) raws[i] = best.raw;
      continue;
    }
    const { setting } = line.encoding;
    const value = setting === null ? null : (sources.get(setting)?.value ?? null);
    if (setting === null || value === null || taken.has(setting)) continue;
    const encoded = encodeLine(line.encoding, value, false, contextOf(to, raws));
    if (encoded.ok) {
      raws[i] = encoded.raw;
      taken.add(setting);
    } else problems.set(setting, encoded.problem);
  }
  return { settings: accountFor(sources, to, raws, problems), raws };
}

const same = (a: SettingValue, b: SettingValue): boolean =>
  typeof a === "number" && typeof b === "number" ? Math.abs(a - b) < 1e-6 * Math.max(1, Math.abs(a)) : a === b;

function accountFor(
  sources: ReadonlyMap<SettingKey, Source>,
  to: DisplayProfile,
  raws: Raws,
  problems: ReadonlyMap<SettingKey, EncodeProblem>,
): CarriedSetting[] {
  const ends = sourcesOf(to, raws);
  const all = [...new Set([...sources.keys(), ...ends.keys()])];
  return all.map((setting): CarriedSetting => {
    const source = sources.get(setting);
    const end = ends.get(setting);
    const row = {
      setting,
      from: source?.value ?? null,
      to: end?.value ?? null,
      fromLine: source?.code ?? null,
      toLine: end?.code ?? null,
    };
    const lost = (reason: FateReason): CarriedSetting => ({ ...row, fate: "lost", reason });
    if (!source) return { ...row, fate: "gained", reason: { key: "fate.new-line" } };
    if (source.value === null) return lost(source.why ?? { key: "fate.not-read" });
    if (!end) return lost({ key: "fate.no-line" });
    const problem = problems.get(setting);
    if (end.value === null)
      return lost(problem ? { key: "fate.cannot-hold", problem } : (end.why ?? { key: "fate.not-shown" }));
    if (same(source.value, end.value)) return { ...row, fate: "kept", reason: { key: "fate.same" } };
    if (problem) return lost({ key: "fate.cannot-hold", problem });
    const index = linesOf(to).findIndex((line) => line.code === end.code);
    const line = linesOf(to)[index];
    if (line?.encoding.kind === "bundle") return lost({ key: "fate.preset-forces", code: line.code });
    if (!isShown(to, index, raws)) return lost({ key: "fate.not-shown" });
    return { ...row, fate: "rounded", reason: { key: "fate.nearest-safe" } };
  });
}
