/** What a bike rests on, and which of it is another than at the visit before: a tyre, a pack, a controller swapped. */
import { INTAKE_FIELDS, readIntake, saysTheSame, type IntakeKey, type IntakeText } from "../facts";
import { own } from "../units/limits";

/** Facts by which one sees that something was swapped: what the settings of a display rest on. */
export const RESTED_ON = [
  "tyre",
  "rolloutMm",
  "motorKind",
  "motorRatedW",
  "pulsesPerTurn",
  "crankPulses",
  "packV",
  "chemistry",
  "packAh",
  "bmsA",
  "controllerA",
] as const satisfies readonly IntakeKey[];
export type RestedOn = (typeof RESTED_ON)[number];

/**
 * One part as it was written down then and now, each as typed, empty where nobody has. A rollout is of one turn, mm.
 */
export interface FactChange {
  readonly key: RestedOn;
  readonly was: string;
  readonly now: string;
}

const typed = (intake: IntakeText, key: IntakeKey): string => (own(intake, key) ?? "").trim();

/** The rollout as it was measured; null where it was not, or the text cannot be taken. */
function measured(intake: IntakeText) {
  if (typed(intake, "rolloutMm") === "") return null;
  const { rollout } = readIntake(intake).bike;
  return rollout?.from === "measured" ? rollout : null;
}

/** A rollout is another only past what both tapes may be off, over however many turns each was measured. */
function rolloutChange(then: IntakeText, now: IntakeText): readonly FactChange[] {
  const [before, after] = [measured(then), measured(now)];
  if (before && after && Math.abs(before.mm - after.mm) <= before.uncertaintyMm + after.uncertaintyMm) return [];
  const was = before ? String(Math.round(before.mm)) : typed(then, "rolloutMm");
  const is = after ? String(Math.round(after.mm)) : typed(now, "rolloutMm");
  return was === is ? [] : [{ key: "rolloutMm", was, now: is }];
}

/** Every part of a bike that was written down otherwise, in the order of `RESTED_ON`. */
export const factChanges = (then: IntakeText, now: IntakeText): readonly FactChange[] =>
  RESTED_ON.flatMap((key): readonly FactChange[] => {
    if (key === "rolloutMm") return rolloutChange(then, now);
    const [was, is] = [typed(then, key), typed(now, key)];
    return saysTheSame(INTAKE_FIELDS[key], was, is) ? [] : [{ key, was, now: is }];
  });
