/** Finding faults for practice: a bike with one put in, checks of your choice, and how the finder would have done. */
import type { DisplayProfile } from "../display";
import { seeded } from "../units/seeded";
import { faulty, observed, signsShown, type FaultyBike } from "./benchBike";
import { endedWith, runCase, WHOLE_SHOP } from "./caseRuns";
import { cannotBe } from "./context";
import { causeById, checkById, type FaultCheck, type FaultData } from "./faults";

export interface Exercise {
  readonly sign: string;
  /** What was put in: not told before the end. */
  readonly cause: string;
  readonly bike: FaultyBike;
}

/** One of many, by their weights. */
function drawn<Item>(items: readonly (readonly [Item, number])[], random: () => number): Item | null {
  let left = random() * items.reduce((sum, [, weight]) => sum + weight, 0);
  for (const [item, weight] of items) {
    left -= weight;
    if (left <= 0) return item;
  }
  return items.at(-1)?.[0] ?? null;
}

const MOST_DRAWS = 50;

/** The exercise of a seed: a display, what the bike shows, and a cause as often as it is behind it. */
export function exerciseOf(data: FaultData, displays: readonly DisplayProfile[], seed: number): Exercise | null {
  const random = seeded(seed);
  for (let i = 0; i < MOST_DRAWS; i++) {
    const profile = drawn(
      displays.map((display) => [display, 1] as const),
      random,
    );
    const sign = drawn(
      data.signs.filter(({ causes }) => Object.keys(causes).length > 1).map((each) => [each, 1] as const),
      random,
    );
    if (!profile || !sign) return null;
    const fault = causeById(data, drawn(Object.entries(sign.causes), random) ?? "");
    const bike = fault && !fault.stops ? faulty(profile, [fault]) : null;
    if (fault && bike && signsShown(bike).includes(sign.id)) return { sign: sign.id, cause: fault.id, bike };
  }
  return null;
}

/** Checks that tell anything of what may be behind a sign. */
export const checksFor = ({ checks, signs }: FaultData, sign: string): readonly FaultCheck[] => {
  const causes = signs.find(({ id }) => id === sign)?.causes ?? {};
  return checks.filter(({ tells }) => Object.keys(tells).some((cause) => cause in causes));
};

/** What a check shows on the bike of an exercise: whether something is wrong. */
export const shownBy = ({ bike, sign }: Exercise, check: string): boolean => observed(bike, check, sign);

export const minutesOf = (data: FaultData, checks: readonly string[]): number =>
  checks.reduce((sum, id) => sum + (checkById(data, id)?.minutes ?? 0), 0);

export interface Debrief {
  readonly isRight: boolean;
  readonly minutes: number;
  /** How the finder goes about it, and whether it names the cause. */
  readonly finder: { readonly checks: readonly string[]; readonly minutes: number; readonly isRight: boolean };
}

/** How an exercise went, against the finder on the same bike. */
export function debriefOf(data: FaultData, exercise: Exercise, checks: readonly string[], named: string): Debrief {
  const { bike, sign, cause } = exercise;
  const context = { ...WHOLE_SHOP, cannotBe: cannotBe(data, null, bike.profile) };
  const run = runCase(data, bike, sign, { context });
  return {
    isRight: named === cause,
    minutes: minutesOf(data, checks),
    finder: {
      checks: run.answers.flatMap((answer) => (answer.kind === "check" ? [answer.check] : [])),
      minutes: run.minutes,
      isRight: endedWith(run.standing).includes(cause),
    },
  };
}
