/**
 * Which facts like bikes share. What a kit is made of is the same on each; what was measured, read off a display or
 * told of one bike is that one's own, and is never taken for another's.
 */
import { FACT_KEYS } from "../facts/everyFact";
import { isTakenOffOneBike } from "../facts/origins";
import { NEW_PART_FIELDS } from "../facts/newParts";
import { BIKE_FIELDS } from "../facts/intake";
import type { IntakeKey } from "../facts";
import type { Job } from "../record";
import { own } from "../units/limits";

/** Told of one bike, or beside a measurement made on it. */
const OF_ONE_BIKE: ReadonlySet<string> = new Set([
  "nickname",
  "visit",
  "complaint",
  "odometerKm",
  "checkedBy",
  "leavesThough",
  "rolloutTurns",
  "tapeErrorMm",
  "oneTrueErrorKmh",
  "shownStep",
  "tripStep",
  "trackErrorKm",
  "courseTapeM",
  "stopwatchS",
  "temperatureC",
]);

const isShared = (key: string): boolean =>
  !OF_ONE_BIKE.has(key) && !isTakenOffOneBike(key) && !Object.hasOwn(NEW_PART_FIELDS, key);

const KNOWN: ReadonlySet<string> = new Set<string>([...FACT_KEYS, ...Object.keys(BIKE_FIELDS)]);

/** The facts of a bike that every like one has too. */
export const sharedFacts = (intake: Job["intake"]): Record<string, string> =>
  Object.fromEntries(Object.entries(intake).filter(([key]) => KNOWN.has(key) && isShared(key)));

/** Facts the settings of a display rest on, in the order they are asked: those that make bikes like, or not. */
export const LIKENESS_FACTS = [
  "tyre",
  "motorKind",
  "motorRatedW",
  "pickUp",
  "pulsesPerTurn",
  "crankPulses",
  "throttleFitted",
  "brakeCutOff",
  "packV",
  "chemistry",
  "series",
  "packAh",
  "bmsA",
  "controllerA",
] as const satisfies readonly IntakeKey[];

/** Facts that were measured on a bike, of which another like it has its own. */
export const MEASURED_FACTS = ["rolloutMm"] as const satisfies readonly IntakeKey[];

/** A fact as typed, without the spaces around it; empty where nobody has typed. */
export const typedFact = (intake: Job["intake"], key: string): string => (own(intake, key) ?? "").trim();
