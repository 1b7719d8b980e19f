/** Faults put into the bike on the bench. */
import { DAMAGES } from "../faults/benchBike";
import type { LiveBike } from "../rig";

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
