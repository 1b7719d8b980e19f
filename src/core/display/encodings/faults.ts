/**
 * What can be wrong with an encoding by itself: values its setting cannot have, and what contradicts itself. Apart from
 * what a kind does, as only the check of a description asks it.
 */
import type { Encoding } from "../profileTypes";
import { inDomain, type SettingKey } from "../settings";
import { range, type EncodingOf } from "./kind";

/** A fault of one encoding, by the field that has it. */
export interface EncodingFault {
  readonly field: string;
  readonly key: "profile.uncapped-inside-range" | "profile.hands-over-outside-range";
  readonly detail: string;
}

interface Faults<Kind extends Encoding["kind"]> {
  /** Values it stands for that its setting cannot have at all, as told. */
  readonly strangers: (encoding: EncodingOf<Kind>) => readonly string[];
  readonly faults: (encoding: EncodingOf<Kind>) => readonly EncodingFault[];
}

/** What is told of a value its setting cannot have. */
const strangerOf = (setting: SettingKey, value: unknown): readonly string[] =>
  inDomain(setting, value) ? [] : [`${setting} cannot be ${String(value)}`];

const NONE = { strangers: () => [], faults: () => [] } as const;

const FAULTS: { readonly [Kind in Encoding["kind"]]: Faults<Kind> } = {
  choice: { ...NONE, strangers: ({ setting, options }) => options.flatMap(({ means }) => strangerOf(setting, means)) },
  bundle: {
    ...NONE,
    strangers: ({ options }) =>
      options.flatMap(({ means }) =>
        Object.entries(means).flatMap(([setting, value]) => strangerOf(setting as SettingKey, value)),
      ),
  },
  number: { ...NONE, strangers: ({ setting, special }) => special.flatMap(({ means }) => strangerOf(setting, means)) },
  "pulses-or-other": {
    strangers: ({ setting, rawMin, rawMax, handsOverRaw }) =>
      range(rawMin, rawMax).flatMap((raw) => (raw === handsOverRaw ? [] : strangerOf(setting, raw))),
    faults: ({ handsOverRaw, rawMin, rawMax }) =>
      handsOverRaw >= rawMin && handsOverRaw <= rawMax
        ? []
        : [{ field: "handsOverRaw", key: "profile.hands-over-outside-range", detail: String(handsOverRaw) }],
  },
  "speed-cap": {
    ...NONE,
    faults: ({ uncappedRaw, rawMin, rawMax }) =>
      uncappedRaw === null || uncappedRaw === rawMin || uncappedRaw === rawMax
        ? []
        : [{ field: "uncappedRaw", key: "profile.uncapped-inside-range", detail: String(uncappedRaw) }],
  },
  "around-default": NONE,
  "wheel-code": NONE,
  "wheel-size": NONE,
  "unknown-scale": NONE,
  clock: NONE,
  "read-only": NONE,
  reserved: NONE,
};

/** What can be wrong with an encoding. */
export const faultsOf = <Kind extends Encoding["kind"]>({ kind }: { readonly kind: Kind }): Faults<Kind> =>
  FAULTS[kind];
