// The fault finder against published order, exhaustive search, and bikes wired up with a fault put in.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FAULTS } from "@/catalog/faults";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { TARN } from "@/catalog/displays/tarn";
import { seeded } from "../units/seeded";
import { afterAnswer, chanceToShow, priorsOf, type Hypothesis } from "./beliefs";
import { cannotBe } from "./context";
import { causeById, type FaultAnswer, type FaultCheck, type FaultData } from "./faults";
import { standingOf } from "./standing";
import { DAMAGES, faulty, signsShown } from "./benchBike";
import { endedWith, runCase, WHOLE_SHOP, type Memory } from "./caseRuns";
import { withLies, withoutErrors } from "./testingRuns";
import { canDo, worthDoing } from "./worth";

const PERFECT = withoutErrors(FAULTS);

const permutations = <Item>(items: readonly Item[]): readonly (readonly Item[])[] =>
  items.length <= 1
    ? [items]
    : items.flatMap((item, i) => permutations(items.toSpliced(i, 1)).map((rest) => [item, ...rest]));

describe("the order of checks", () => {
  // Mitten, An analytic solution to the least cost testing sequence problem, J. Ind. Eng. 1960; Simon and Kadane 1975.
  it("for one fault and checks that never err is decreasing probability over cost, and no order costs less", () =>
    fc.assert(
      fc.property(
        fc.array(fc.record({ share: fc.integer({ min: 5, max: 50 }), minutes: fc.integer({ min: 1, max: 30 }) }), {
          minLength: 3,
          maxLength: 5,
        }),
        (parts) => {
          const total = parts.reduce((sum, { share }) => sum + share, 0);
          const beliefs: readonly Hypothesis[] = parts.map(({ share }, i) => ({
            causes: [`c${i}`],
            probability: share / total,
          }));
          const data: FaultData = {
            causes: [],
            signs: [],
            checks: parts.map(({ minutes }, i): FaultCheck => ({
              id: `k${i}`,
              kind: "look",
              minutes,
              tools: [],
              spare: null,
              reading: null,
              tells: { [`c${i}`]: 1 },
              falseAlarm: 0,
            })),
          };
          const ordered = worthDoing(data, beliefs, []).map(({ check }) => check.id);
          const costOf = (order: readonly string[]): number => {
            let [spent, cost] = [0, 0];
            for (const id of order) {
              const i = Number(id.slice(1));
              spent += parts[i]?.minutes ?? 0;
              cost += ((parts[i]?.share ?? 0) / total) * spent;
            }
            return cost;
          };
          const all = permutations(parts.map((_, i) => `k${i}`)).map(costOf);
          expect(ordered).toHaveLength(parts.length);
          expect(costOf(ordered)).toBeCloseTo(Math.min(...all), 6);
        },
      ),
      { numRuns: 60, seed: 13 },
    ));
});

/** Minutes to the end, by a rule that says what comes next, or by the best there is. */
function expectedMinutes(data: FaultData, sign: string, isBest: boolean): number {
  const context = WHOLE_SHOP;
  const known = new Map<string, number>();
  const from = (beliefs: readonly Hypothesis[], answers: readonly FaultAnswer[]): number => {
    const key = answers
      .map((each) => JSON.stringify(each))
      .sort()
      .join();
    const before = known.get(key);
    if (before !== undefined) return before;
    const standing = standingOf(data, context, beliefs, answers);
    if (standing.kind !== "next") return 0;
    const worth = isBest
      ? worthDoing(data, beliefs, answers).filter(({ check }) => canDo(check, context))
      : [standing.next];
    const minutes = worth.map(({ check }) => {
      const shows = beliefs.reduce((sum, each) => sum + each.probability * chanceToShow(check, each.causes), 0);
      return (
        [
          ["fault", shows],
          ["nothing", 1 - shows],
        ] as const
      ).reduce((sum, [result, chance]) => {
        if (chance < 1e-9) return sum;
        const answer: FaultAnswer = { kind: "check", check: check.id, shows: result };
        return sum + chance * from(afterAnswer(data, beliefs, answer), [...answers, answer]);
      }, check.minutes);
    });
    const least = Math.min(...minutes);
    known.set(key, least);
    return least;
  };
  return from(priorsOf(data, [sign], context), []);
}

describe("minutes to the end", () => {
  const small = FAULTS.signs.filter(({ causes }) => Object.keys(causes).length <= 4).map(({ id }) => id);
  it("are at most a tenth more than in the best order there is, over the small cases", () => {
    let [own, best] = [0, 0];
    for (const sign of small) {
      own += expectedMinutes(PERFECT, sign, false);
      best += expectedMinutes(PERFECT, sign, true);
    }
    expect(small.length).toBeGreaterThan(8);
    expect(own / best).toBeLessThanOrEqual(1.1);
    expect(own / best).toBeGreaterThanOrEqual(1 - 1e-9);
  }, 120_000);
});

/** Share of cases named, by how often each fault is behind each sign a bike shows. */
function named(data: FaultData, displays: number, lies: number): { readonly share: number; readonly cases: number } {
  const random = seeded(4);
  let [right, weight, cases] = [0, 0, 0];
  for (const profile of SHIPPED_DISPLAYS.slice(0, displays)) {
    const memory: Memory = new Map();
    const context = { ...WHOLE_SHOP, cannotBe: cannotBe(FAULTS, null, profile) };
    for (const { id, causes } of FAULTS.signs)
      for (const [cause, share] of Object.entries(causes)) {
        const fault = causeById(FAULTS, cause);
        const bike = fault && faulty(profile, [fault]);
        if (!bike || !signsShown(bike).includes(id)) continue;
        const ended = endedWith(runCase(data, bike, id, { context, lies, random, memory }).standing);
        cases++;
        weight += share;
        right += ended.length <= 2 && ended.includes(cause) ? share : 0;
      }
  }
  return { share: right / weight, cases };
}

describe("on bikes with a fault put in, the finder names it", () => {
  it("in at least 95 of 100 where checks never err", () => {
    const { share, cases } = named(PERFECT, 3, 0);
    expect(cases).toBeGreaterThan(200);
    expect(share).toBeGreaterThanOrEqual(0.95);
  }, 120_000);
  it(
    "in at least 85 of 100 where one check in ten lies, and it knows that",
    () => expect(named(withLies(PERFECT, 0.1), 1, 0.1).share).toBeGreaterThanOrEqual(0.85),
    240_000,
  );
  it("and every fault there is can be put in and shows itself", () => {
    for (const cause of FAULTS.causes) {
      const bikes = SHIPPED_DISPLAYS.flatMap((profile) => faulty(profile, [cause]) ?? []);
      expect(bikes.length, cause.id).toBeGreaterThan(0);
      expect(
        bikes.some((bike) => signsShown(bike).length > 0),
        cause.id,
      ).toBe(true);
    }
    expect(
      FAULTS.causes
        .filter(({ settings }) => settings.length === 0)
        .map(({ id }) => id)
        .sort(),
    ).toEqual(Object.keys(DAMAGES).sort());
  });
  it("two at once are found one after the other, the second once the first is mended", () => {
    const [lever, phase] = ["lever-resting", "phase-loose"].map((id) => causeById(FAULTS, id));
    if (!lever || !phase) throw new Error("no cause");
    const both = faulty(TARN, [lever, phase]);
    if (!both) throw new Error("no bike");
    const first = runCase(FAULTS, both, "no-assist");
    const [named] = endedWith(first.standing);
    expect(["lever-resting", "phase-loose"]).toContain(named);
    const left = faulty(TARN, [named === "lever-resting" ? phase : lever]);
    const after: readonly FaultAnswer[] = [...first.answers, { kind: "mended", cause: named ?? "", gone: false }];
    if (!left) throw new Error("no bike");
    const second = runCase(FAULTS, left, "no-assist", { answers: after });
    expect(endedWith(second.standing)).toEqual([named === "lever-resting" ? "phase-loose" : "lever-resting"]);
  });
});
