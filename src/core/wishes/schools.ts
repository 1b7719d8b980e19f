/**
 * Where practice is divided: the two schools of each question, and which one is taken for a rider. Common practice, no
 * source; the product's positions stand in docs/decisions.md.
 */
import type { SettingKey } from "../display";
import type { Bike, Rider, WishId } from "../facts";

export const SCHOOL_IDS = [
  "throttle-strength",
  "standstill",
  "crank",
  "start",
  "power-on",
  "cruise",
  "read-out",
] as const;
export type SchoolId = (typeof SCHOOL_IDS)[number];

/** The livelier side of a question, or the calmer one. */
export type Side = "lively" | "calm";

interface School {
  readonly settings: readonly SettingKey[];
  readonly takes: Readonly<Record<Rider, Side>>;
  /** Wishes that speak for a side, whoever rides. */
  readonly by: Readonly<Partial<Record<WishId, Side>>>;
}

export const SCHOOLS: Readonly<Record<SchoolId, School>> = {
  "throttle-strength": {
    settings: ["throttleMode"],
    takes: { novice: "calm", "used-to-it": "lively", confident: "lively" },
    by: { "child-aboard": "calm", rental: "calm", "younger-rider": "calm", "traffic-lights": "lively" },
  },
  standstill: {
    settings: ["throttleFromStandstill", "throttleAfterPedalling"],
    takes: { novice: "calm", "used-to-it": "lively", confident: "lively" },
    by: { "child-aboard": "calm", rental: "calm", "younger-rider": "calm", "start-without-pedalling": "lively" },
  },
  crank: {
    settings: ["startPulses", "startReadiness", "startDelayS"],
    takes: { novice: "calm", "used-to-it": "calm", confident: "lively" },
    by: {
      "child-aboard": "calm",
      "kicks-hard": "calm",
      late: "lively",
      "traffic-lights": "lively",
      "mud-and-sand": "lively",
      delivery: "lively",
      trail: "lively",
    },
  },
  start: {
    settings: ["startStrengthShare", "rampSoftness"],
    takes: { novice: "calm", "used-to-it": "calm", confident: "calm" },
    by: {
      heavy: "lively",
      cargo: "lively",
      hills: "lively",
      "mud-and-sand": "lively",
      "weak-on-hills": "lively",
      "kicks-hard": "calm",
      "child-aboard": "calm",
      rental: "calm",
      surges: "calm",
      "younger-rider": "calm",
    },
  },
  "power-on": {
    settings: ["levelAtPowerOn"],
    takes: { novice: "calm", "used-to-it": "calm", confident: "calm" },
    by: { delivery: "lively" },
  },
  cruise: {
    settings: ["cruiseOn"],
    takes: { novice: "calm", "used-to-it": "calm", confident: "calm" },
    by: {},
  },
  "read-out": {
    settings: ["batteryReadout"],
    takes: { novice: "lively", "used-to-it": "lively", confident: "lively" },
    by: {},
  },
};

/** A question practice is divided on, the side taken for a bike, and what speaks for it: a wish, or the rider. */
export interface SchoolTaken {
  readonly school: SchoolId;
  readonly side: Side;
  readonly for: WishId | Rider;
}

/**
 * Which side is taken for a bike, for the questions its display can answer. Wishes on both sides leave it to the rider
 * until somebody has chosen between them.
 */
export function schoolsTaken(bike: Bike, canSet: (setting: SettingKey) => boolean): readonly SchoolTaken[] {
  return SCHOOL_IDS.flatMap((school): readonly SchoolTaken[] => {
    const { settings, takes, by } = SCHOOLS[school];
    const asked = settings.filter(canSet);
    if (asked.length === 0) return [];
    const chosen = asked.flatMap((setting) => bike.wishWinners.get(setting) ?? []).find((each) => each !== "neither");
    const speak = bike.wishes.filter((wish) => by[wish] !== undefined && (!chosen || wish === chosen));
    const [first] = speak;
    const side = first && by[first];
    const agree = speak.every((wish) => by[wish] === side);
    return [
      first && side && agree ? { school, side, for: first } : { school, side: takes[bike.rider], for: bike.rider },
    ];
  });
}
