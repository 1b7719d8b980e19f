/** How this device counts along and reads aloud. All of it is off until somebody chooses. */
import { keepText, reader, watchKept } from "./kept";
import { useSyncExternalStore } from "react";

export interface Settings {
  /** Holds and taps are counted along, to be seen. */
  readonly counts: boolean;
  /** And heard, from 0 (silent) to 1. */
  readonly volume: number;
  readonly speaks: boolean;
  /** The browser's name of the voice; empty: its own choice. */
  readonly voice: string;
  /** Rate of speech; 1 is the voice's own. */
  readonly rate: number;
  /** One key says everything: what can be said is offered in turn, and a press takes what is offered. */
  readonly oneKey: boolean;
  /** How long each is offered, ms. */
  readonly offerMs: number;
}

export const SLOWEST_RATE = 0.6;
export const FASTEST_RATE = 1.8;
export const SHORTEST_OFFER_MS = 800;
export const LONGEST_OFFER_MS = 5000;

export const AT_FIRST: Settings = {
  counts: false,
  volume: 0,
  speaks: false,
  voice: "",
  rate: 1,
  oneKey: false,
  offerMs: 1800,
};

const NAME = "odd-spoke.beside-the-bike";

const within = (value: unknown, least: number, most: number, otherwise: number): number =>
  typeof value === "number" && value >= least && value <= most ? value : otherwise;

/** Settings as they were kept; a part that cannot be read is as at first. */
export function readSettings(text: string | null): Settings {
  let kept: Readonly<Record<string, unknown>>;
  try {
    const parsed: unknown = JSON.parse(text ?? "{}");
    kept = typeof parsed === "object" && parsed !== null ? (parsed as Readonly<Record<string, unknown>>) : {};
  } catch {
    kept = {};
  }
  return {
    counts: kept.counts === true,
    volume: within(kept.volume, 0, 1, AT_FIRST.volume),
    speaks: kept.speaks === true,
    voice: typeof kept.voice === "string" ? kept.voice : AT_FIRST.voice,
    rate: within(kept.rate, SLOWEST_RATE, FASTEST_RATE, AT_FIRST.rate),
    oneKey: kept.oneKey === true,
    offerMs: within(kept.offerMs, SHORTEST_OFFER_MS, LONGEST_OFFER_MS, AT_FIRST.offerMs),
  };
}

const settingsNow = reader(NAME, readSettings);

/** Changes some of the settings, for every window of this device. */
export const setSettings = (edit: Partial<Settings>): void =>
  keepText(NAME, JSON.stringify({ ...settingsNow(), ...edit }));

export const useSettings = (): Settings => useSyncExternalStore(watchKept, settingsNow, () => AT_FIRST);
