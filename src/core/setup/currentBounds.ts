/** The parts of a bike that bound its battery current, as far as they are known: the least of them is what may be drawn. */
import { allowedCurrent, motorAmps, USUAL_EFFICIENCY, wireAmps, type AllowedCurrent, type CurrentBound, type CurrentPart } from "../battery/current";
import type { Bike } from "./bike";

/** Amps each part bears; null where nobody knows. */
export function partAmps({ controllerA, bmsA, motorKind, motorRatedW, packV, overload, connectorA, wireMm2 }: Bike): Readonly<Record<CurrentPart, number | null>> {
  return {
    controller: controllerA,
    bms: bmsA,
    motor: motorRatedW !== null && packV !== null && motorKind ? motorAmps(motorRatedW, overload, USUAL_EFFICIENCY[motorKind], packV) : null,
    connector: connectorA,
    wire: wireMm2 === null ? null : wireAmps(wireMm2),
  };
}

/** The parts nothing is known of. */
export const unknownParts = (bike: Bike): readonly CurrentPart[] => entriesOf(bike).flatMap(([part, amps]) => (amps === null ? [part] : []));

const entriesOf = (bike: Bike) => Object.entries(partAmps(bike)) as readonly (readonly [CurrentPart, number | null])[];

/** Battery amps this bike may draw, A, and which part says so; null while no part is known. */
export const allowedOn = (bike: Bike): AllowedCurrent | null => allowedCurrent(entriesOf(bike).flatMap(([part, amps]): CurrentBound[] => (amps === null ? [] : [{ part, amps }])));
