/**
 * The bike on the bench behind a display: motor, pack, body and road as the ride model has them, parts sound or not,
 * and what the display's firmware makes of its lines. All but the figures of the ride model: common practice, no
 * source.
 */
import { countingSetting, decoded, pulsesSet } from "../applied";
import { rideOf, type Ride } from "../benches/rideOf";
import { linesOf, rankOf, rawValues, standInRaws, type DisplayProfile } from "../display";
import { readBike, type Bike } from "../facts/bike";
import { readFacts } from "../facts/everyFact";
import { readPack } from "../facts/pack";
import type { Pack } from "../battery/gauge";
import { SOUND, type Wiring } from "./wiring";

/** Lines a firmware does not do what they say, by code: no display owns up to it. */
export interface Firmware {
  readonly noEffect: readonly string[];
  readonly backwards: readonly string[];
}

export const HONEST: Firmware = { noEffect: [], backwards: [] };

export interface LiveBike {
  readonly profile: DisplayProfile;
  readonly bike: Bike;
  readonly ride: Ride;
  readonly pack: Pack;
  /** Energy of the full pack, Wh. */
  readonly packWh: number;
  readonly wiring: Wiring;
  readonly firmware: Firmware;
}

/** Facts of a bike as typed. */
export type Typed = Readonly<Record<string, string>>;

/** A figure of the display's own where its lines say nothing of a wheel, mm. */
export const ASSUMED_WHEEL_MM = 2180;

/**
 * The bike of these facts behind a display; null where they do not make one that rides. Where the facts do not say
 * where the speed is picked up, it is where the display's maker expects it, with as many pulses.
 */
export function liveBike(
  profile: DisplayProfile,
  typed: Typed,
  { wiring = SOUND, firmware = HONEST }: Partial<Pick<LiveBike, "wiring" | "firmware">> = {},
): LiveBike | null {
  const facts = readFacts({ ...expectedPickUp(profile, typed), ...typed });
  const { bike } = readBike(facts);
  const reading = rideOf({ bike, facts, on: null, cap: null });
  const { pack } = readPack(bike, facts);
  if (!reading.ok || !pack) return null;
  const { ride } = reading;
  return { profile, bike, ride, pack, packWh: ride.nominalWh ?? USUAL_WH, wiring, firmware };
}

/** Energy of a pack nobody knows the amp-hours of, Wh. */
const USUAL_WH = 480;

function expectedPickUp(profile: DisplayProfile, typed: Typed): Record<string, string> {
  const raws = standInRaws(profile);
  const { bike } = readBike(readFacts(typed));
  const pulses = pulsesSet(profile, raws, bike) ?? 1;
  const isInside = countingSetting(profile, raws) === "motorPulses" || pulses > MOST_MAGNETS;
  return { pickUp: isInside ? "inside-motor" : "spoke-magnet", pulsesPerTurn: String(pulses) };
}

/** More pulses a turn than this are not of magnets on spokes. */
const MOST_MAGNETS = 4;

/** Volts a kit and a display both take. */
const suits = (profile: DisplayProfile, typed: Typed): boolean => profile.acceptsNominalV.includes(Number(typed.packV));

/** A kit for a display: the one of a number of those that suit it, or the first with a pack the display takes. */
export function kitFor(profile: DisplayProfile, kits: readonly Typed[], at: number): Typed | null {
  const suited = kits.filter((kit) => suits(profile, kit));
  const [first] = kits;
  const volts = profile.acceptsNominalV[0];
  if (suited.length > 0) return suited[at % suited.length] ?? null;
  return first ? { ...first, ...(volts === undefined ? {} : { packV: String(volts) }) } : null;
}

/** A kit of the volts a display holds as its maker sets it, or the first that suits it. */
export function kitAsMade(profile: DisplayProfile, kits: readonly Typed[]): Typed | null {
  const nominalV = decoded(profile, standInRaws(profile), "nominalV");
  const made = kits.find(({ packV }) => Number(packV) === nominalV);
  return made && suits(profile, made) ? made : kitFor(profile, kits, 0);
}

/** Raw values as the firmware obeys them: what does nothing stays the maker's, what runs backwards is mirrored. */
export function asObeyed({ profile, firmware }: LiveBike, raws: readonly number[]): readonly number[] {
  if (firmware.noEffect.length + firmware.backwards.length === 0) return raws;
  const standIns = standInRaws(profile);
  return linesOf(profile).map(({ code, encoding }, i) => {
    const raw = raws[i] ?? 0;
    if (firmware.noEffect.includes(code)) return standIns[i] ?? raw;
    if (!firmware.backwards.includes(code)) return raw;
    const all = rawValues(encoding);
    return all[all.length - 1 - rankOf(encoding, raw)] ?? raw;
  });
}
