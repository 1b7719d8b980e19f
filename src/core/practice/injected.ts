/** Faults put into the bike on the bench. */
import { isShown, linesOf, rankOf, rawValues, settingsOf } from "../display";
import { DAMAGES } from "../faults/benchBike";
import { causeById, type FaultData } from "../faults/faults";
import type { Exercise } from "../faults/practice";
import { liveBike, type LiveBike, type Typed } from "../rig";

/** Causes that show on the bench: those of parts it has, and of what it does with them. */
export const INJECTED = [
  "lever-resting",
  "brake-sensor-stuck",
  "brake-wiring",
  "brake-unplugged",
  "pack-empty",
  "pack-weak",
  "pack-lead-loose",
  "pack-protecting",
  "phase-loose",
  "hall-lead-loose",
  "motor-bad",
  "throttle-lead-loose",
  "throttle-bad",
  "controller-bad",
  "display-lead-loose",
  "display-bad",
  "magnet-moved",
  "speed-lead-loose",
  "crank-lead-loose",
  "crank-ring-turned",
  "key-stuck",
] as const;
export type Injected = (typeof INJECTED)[number];

/** The same bike with a fault put in; a part it does not have cannot fail. */
export function withFault(bike: LiveBike, cause: string): LiveBike {
  const damage = DAMAGES[cause];
  return damage ? { ...bike, wiring: damage(bike.wiring) } : bike;
}

/** The fault of a seed. */
export const drawnFault = (random: () => number): Injected =>
  INJECTED[Math.floor(random() * INJECTED.length)] ?? "lever-resting";

/** The codes a display writes, by sign: what its own list says of each is told by words. */
export const codesOf = (
  faultCodes: LiveBike["profile"]["faultCodes"],
  signOf: (says: string) => string | null,
): Readonly<Record<string, string>> =>
  Object.fromEntries(
    faultCodes.flatMap(({ code, says }) => {
      const sign = signOf(says);
      return sign === null ? [] : [[sign, code] as const];
    }),
  );

/** The bike of a fault exercise to ride, and what its lines hold: a cause that is a line stands at its other end. */
export interface FaultyLive {
  readonly bike: LiveBike;
  readonly raws: readonly number[];
}

/** The bike of a fault exercise on the bench, else set as `right`; null where the kit makes no bike. */
export function faultyLive(
  data: FaultData,
  { bike, cause }: Exercise,
  kit: Typed,
  right: readonly number[],
): FaultyLive | null {
  const { profile, wiring } = bike;
  const live = liveBike(profile, kit, { wiring });
  const settings = causeById(data, cause)?.settings ?? [];
  if (!live) return null;
  const raws = right;
  const odd = linesOf(profile).findIndex(
    (line, i) =>
      isShown(profile, i, raws) &&
      settingsOf(line).some((setting) => settings.includes(setting)) &&
      rawValues(line.encoding).length > 1,
  );
  const line = linesOf(profile)[odd];
  return { bike: live, raws: line ? raws.with(odd, farEnd(rawValues(line.encoding), line.encoding, raws[odd])) : raws };
}

/** The end of a line's values that lies further from the one it holds. */
function farEnd(all: readonly number[], encoding: Parameters<typeof rankOf>[0], raw: number | undefined): number {
  const at = raw === undefined ? 0 : rankOf(encoding, raw);
  return (at < all.length / 2 ? all.at(-1) : all[0]) ?? 0;
}
