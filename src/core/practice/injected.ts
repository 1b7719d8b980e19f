/** Faults put into the bike on the bench. */
import { isShown, linesOf, rankOf, rawValues, settingsOf, standInRaws, type SettingKey } from "../display";
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

/** One of these causes, as drawn. */
export const drawnFault = (causes: readonly string[], random: () => number): string =>
  causes[Math.floor(random() * causes.length)] ?? "";

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

/** Lines that hold a wrong value, as causes: those that show on the bench. */
export const INJECTED_LINES = [
  "volts-line",
  "wheel-line",
  "pulses-line",
  "cap-line",
  "unit-line",
  "start-line",
  "current-line",
  "cut-off-line",
  "walk-line",
] as const;

/** Causes that can be put into a bike with this display: a line it does not have holds nothing wrong. */
export const injectable = (data: FaultData, profile: LiveBike["profile"]): readonly string[] => [
  ...INJECTED,
  ...INJECTED_LINES.filter((id) => {
    const cause = causeById(data, id);
    return cause !== null && oddLine(profile, standInRaws(profile), cause.settings) >= 0;
  }),
];

/** A bike to ride, and what its lines hold. */
export interface FaultyLive {
  readonly bike: LiveBike;
  readonly raws: readonly number[];
}

/** A bike with a cause put in: a part damaged, or its line at the other end of what it can hold. */
export function withCause(data: FaultData, { bike, raws }: FaultyLive, cause: string): FaultyLive {
  const settings = causeById(data, cause)?.settings ?? [];
  const odd = oddLine(bike.profile, raws, settings);
  const line = linesOf(bike.profile)[odd];
  return {
    bike: withFault(bike, cause),
    raws: line ? raws.with(odd, farEnd(rawValues(line.encoding), line.encoding, raws[odd])) : raws,
  };
}

/** The bike of a fault exercise on the bench, else set as `right`; null where the kit makes no bike. */
export function faultyLive(
  data: FaultData,
  { bike, cause }: Exercise,
  kit: Typed,
  right: readonly number[],
): FaultyLive | null {
  const live = liveBike(bike.profile, kit, { wiring: bike.wiring });
  return live && { ...withCause(data, { bike: live, raws: right }, cause), bike: live };
}

/** The first line in the menu that has a say in one of these settings; -1 where there is none. */
const oddLine = (profile: LiveBike["profile"], raws: readonly number[], settings: readonly SettingKey[]): number =>
  linesOf(profile).findIndex(
    (line, i) =>
      isShown(profile, i, raws) &&
      settingsOf(line).some((setting) => settings.includes(setting)) &&
      rawValues(line.encoding).length > 1,
  );

/** The end of a line's values that lies further from the one it holds. */
function farEnd(all: readonly number[], encoding: Parameters<typeof rankOf>[0], raw: number | undefined): number {
  const at = raw === undefined ? 0 : rankOf(encoding, raw);
  return (at < all.length / 2 ? all.at(-1) : all[0]) ?? 0;
}
