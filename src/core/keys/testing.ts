/** Small menus and value sets made from a seed, for the tests and the bench of the planner. */
import type { DisplayProfile, KeyRule, Line } from "../display";
import { rawValues } from "../display";

/** A seeded source of numbers in [0, 1): mulberry32, public domain. */
export function seeded(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = a;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A whole number from `least` to `most`. */
export const pick = (random: () => number, least: number, most: number): number => least + Math.floor(random() * (most - least + 1));

/** One value for each line that can be stepped; other lines keep the maker's. */
export const randomRaws = (profile: DisplayProfile, random: () => number): readonly number[] =>
  profile.menu.lines.map((line) => {
    const raws = rawValues(line.encoding);
    return raws[pick(random, 0, raws.length - 1)] ?? line.factoryRaw;
  });

/** A small menu of arbitrary shape: few values in all, so that a full search of its machine stays possible. */
export function smallProfile(random: () => number): DisplayProfile {
  const sizes = ([[4, 2], [2, 2, 2], [5, 2], [3, 3], [9], [2, 4]] as const)[pick(random, 0, 5)] ?? [4, 2];
  const valued: Line[] = sizes.map((size, i) => ({
    code: `a${i}`,
    encoding: { kind: "reserved", setting: null, rawMin: 0, rawMax: size - 1 },
    atEnds: random() < 0.5 ? "wrap" : "stop",
    factoryRaw: 0,
    makerOnly: false,
    note: null,
  }));
  const fillers: Line[] = Array.from({ length: pick(random, 0, 4) }, (_, i) => ({
    code: `f${i}`,
    encoding: { kind: "read-only", setting: null, shows: "--" },
    atEnds: "stop",
    factoryRaw: 0,
    makerOnly: true,
    note: null,
  }));
  const lines = [...valued, ...fillers].map((line) => ({ line, at: random() })).sort((a, b) => a.at - b.at).map(({ line }) => line);
  const repeat = random() < 0.6 ? { afterMs: pick(random, 4, 8) * 100, everyMs: pick(random, 1, 4) * 50 } : null;
  const savesOnClose = random() < 0.4;
  const oneWayValues = random() < 0.2;
  const inForce = random() < 0.5 ? "at-once" : "after-power-cycle";
  const inMenu = (keys: string[], gesture: KeyRule["gesture"], does: KeyRule["does"]): KeyRule => ({ on: "menu", keys, gesture, does });
  const onlyUp = oneWayValues && valued.every((line) => line.atEnds === "wrap");
  return {
    format: "odd-spoke/display-profile",
    version: 1,
    id: "small",
    revision: 1,
    name: "Small",
    variant: "generated",
    keys: ["a", "b", "c"].map((id) => ({ id, cap: id, name: id, keyboard: id })),
    rules: [
      { on: "off", keys: ["c"], gesture: { kind: "hold", holdMs: 800 }, does: { kind: "power-on" } },
      { on: "home", keys: ["c"], gesture: { kind: "hold", holdMs: pick(random, 10, 30) * 100 }, does: { kind: "power-off" } },
      { on: "home", keys: ["a", "b"], gesture: { kind: "hold", holdMs: pick(random, 5, 30) * 100 }, does: { kind: "open-menu" } },
      { on: "home", keys: ["a"], gesture: { kind: "hold", holdMs: 1200 }, does: { kind: "start-walk-assist" } },
      { on: "menu", keys: ["c"], gesture: { kind: "tap" }, does: { kind: "next-line" } },
      inMenu(["a"], { kind: "tap" }, { kind: "step-value", by: 1, repeat }),
      ...(onlyUp ? [] : [inMenu(["b"], { kind: "tap" }, { kind: "step-value", by: -1, repeat })]),
      ...(savesOnClose && random() < 0.4 ? [] : [inMenu(["a", "c"], { kind: "hold", holdMs: pick(random, 5, 25) * 100 }, { kind: "save-and-leave" })]),
      ...(random() < 0.3 ? [inMenu(["b", "c"], { kind: "hold", holdMs: 600 }, { kind: "leave-without-saving" })] : []),
    ],
    menu: {
      kind: "flat",
      movement: { kind: "ring", way: "one-way" },
      opensAt: random() < 0.5 ? "first-line" : "last-visited",
      idle: { closesAfterMs: pick(random, 3, 9) * 1000, pending: savesOnClose ? "save" : "discard" },
      lines,
    },
    inForce,
    acceptsNominalV: [36],
    source: "generated",
  };
}
