/**
 * The parts of a bike that bound its battery current, as far as they are known: the least of them is what may be drawn.
 */
import {
  allowedCurrent,
  motorAmps,
  USUAL_EFFICIENCY,
  wireAmps,
  type AllowedCurrent,
  type CurrentBound,
  type CurrentPart,
} from "../battery/current";
import type { Bike } from "../facts/bike";

/** What the motor's share in it is worked out from. */
export interface MotorFacts {
  readonly ratedW: number;
  readonly overload: number;
  readonly efficiency: number;
  readonly packV: number;
  readonly amps: number;
}

/** Facts behind what the motor bears; null while its kind, its rating or the pack's volts are not known. */
export function motorFacts({ motorKind, motorRatedW: ratedW, packV, overload }: Bike): MotorFacts | null {
  if (!motorKind || ratedW === null || packV === null) return null;
  const efficiency = USUAL_EFFICIENCY[motorKind];
  return { ratedW, overload, efficiency, packV, amps: motorAmps(ratedW, overload, efficiency, packV) };
}

/** Amps each part bears; null where nobody knows. */
export function partAmps(bike: Bike): Readonly<Record<CurrentPart, number | null>> {
  const { controllerA, bmsA, connectorA, wireMm2 } = bike;
  return {
    controller: controllerA,
    bms: bmsA,
    motor: motorFacts(bike)?.amps ?? null,
    connector: connectorA,
    wire: wireMm2 === null ? null : wireAmps(wireMm2),
  };
}

/** Bounds that rest on figures from memory; less than this past them says nothing, A. */
const ESTIMATED: ReadonlySet<CurrentPart> = new Set<CurrentPart>(["motor", "wire"]);
const ESTIMATE_SLACK_A = 0.5;

/** Whether a current is more than a part bears. */
export const isOver = (currentA: number, { part, amps }: CurrentBound): boolean =>
  currentA > amps + (ESTIMATED.has(part) ? ESTIMATE_SLACK_A : 0);

/** The parts nothing is known of. */
export const unknownParts = (bike: Bike): readonly CurrentPart[] =>
  entriesOf(bike).flatMap(([part, amps]) => (amps === null ? [part] : []));

const entriesOf = (bike: Bike) => Object.entries(partAmps(bike)) as readonly (readonly [CurrentPart, number | null])[];

/** Battery amps by the ratings somebody said, A: what the motor bears is from memory, and moves no line. */
export const allowedBySaid = (bike: Bike): AllowedCurrent | null =>
  allowedCurrent(
    entriesOf(bike).flatMap(([part, amps]): CurrentBound[] =>
      amps === null || part === "motor" ? [] : [{ part, amps }],
    ),
  );
