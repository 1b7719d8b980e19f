/**
 * The modes a display offers, 3, 5 or 9 levels, side by side on this bike: each with its speeds as measured where
 * somebody rode them, else as foretold from the lines as they stand.
 */
import { levelMode, richestMode, twins, type LevelFeel, type LevelMode } from "../assist";
import { contextOf, decodeAll, linesOf, rawValues, settingsOf, type DisplayProfile } from "../display";
import type { Raws } from "../applied/applied";
import type { Bike } from "../facts/bike";
import type { Facts } from "../facts/everyFact";
import { readLadders } from "../facts/lists";
import type { AppliedCap } from "../law";
import { ridePoint } from "../ride";
import { HILL_GRADE } from "./outcome";
import { rideOf, type Ride } from "./rideOf";

/** The facts without the speeds somebody measured: they are of one number of levels and one set of lines. */
export const withoutMeasured = (facts: Facts): Facts => ({
  ...facts,
  text: (key) => (key === "measuredSpeeds" ? "" : facts.text(key)),
});

export interface OfferedMode extends LevelMode {
  readonly levels: number;
  /** Raw value of the line that chooses it. */
  readonly raw: number;
  readonly code: string;
  readonly from: "measured" | "foretold";
}

export interface ModesAsk {
  readonly profile: DisplayProfile;
  readonly bike: Bike;
  readonly facts: Facts;
  readonly raws: Raws;
  readonly cap: AppliedCap;
}

/** Modes compared at once: a display that lets many numbers of levels be set is asked for these. */
const USUAL_MODES: readonly number[] = [3, 5, 9];
const MOST_MODES = 4;

/** A mode as the ride model has it: twins are alike on the flat and on a hill. */
function foretold({ setup, road, levels }: Ride): LevelMode {
  const feel = levels.slice(1).map(({ drive }): LevelFeel => {
    const [flat, hill] = [0, HILL_GRADE].map((grade) => ridePoint(setup, drive, { ...road, grade }));
    return {
      flatKmh: flat?.speedKmh ?? 0,
      hillKmh: hill?.speedKmh ?? 0,
      flatBatteryW: flat?.batteryW ?? 0,
      hillBatteryW: hill?.batteryW ?? 0,
    };
  });
  return levelMode(
    feel.map(({ flatKmh }) => flatKmh),
    twins(feel),
  );
}

/** Every usual number of levels the display can be set to; none where it cannot, or the ride is not known. */
export function modesOffered({ profile, bike, facts, raws, cap }: ModesAsk): readonly OfferedMode[] {
  const index = linesOf(profile).findIndex((line) => settingsOf(line).includes("assistLevels"));
  const line = linesOf(profile)[index];
  if (!line) return [];
  const measured = readLadders(facts.text("measuredLadders"));
  const context = contextOf(profile, raws);
  const all = rawValues(line.encoding);
  return all
    .flatMap((raw): readonly OfferedMode[] => {
      const levels = decodeAll(line, raw, context).assistLevels;
      const isAsked = all.length <= MOST_MODES || raw === raws[index] || USUAL_MODES.includes(Number(levels));
      if (typeof levels !== "number" || !isAsked) return [];
      const ridden = measured.find((speeds) => speeds.length === levels);
      if (ridden) return [{ ...levelMode(ridden), levels, raw, code: line.code, from: "measured" }];
      const reading = rideOf({
        bike,
        facts: withoutMeasured(facts),
        on: { profile, raws: raws.with(index, raw) },
        cap,
      });
      if (!reading.ok) return [];
      return [{ ...foretold(reading.ride), levels, raw, code: line.code, from: "foretold" }];
    })
    .sort((a, b) => a.levels - b.levels);
}

/** The mode with most real levels; null with fewer than two to choose from. */
export const bestMode = (modes: readonly OfferedMode[]): OfferedMode | null =>
  modes.length < 2 ? null : (modes.find((mode) => mode.speedsKmh === richestMode(modes)?.speedsKmh) ?? null);
