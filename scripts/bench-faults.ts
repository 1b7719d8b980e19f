/**
 * npm run bench -- faults: the fault finder on bikes with a fault put in, with checks that never err and with one in
 * ten that lies, against other orders of the same checks.
 */
import { FAULTS } from "../src/catalog/faults";
import { SHIPPED_DISPLAYS } from "../src/catalog/displays";
import { cannotBe } from "../src/core/faults/context";
import { causeById, type FaultData } from "../src/core/faults/faults";
import { faulty, signsShown } from "../src/core/faults/benchBike";
import { endedWith, runCase, WHOLE_SHOP, type Memory, type Strategy } from "../src/core/faults/caseRuns";
import { STRATEGIES, withLies, withoutErrors } from "../src/core/faults/testingRuns";
import { seeded } from "../src/core/units/seeded";

const LIES = 0.1;
/** So often each case is run where checks lie. */
const ROUNDS = 5;
/** More causes than two are no name. */
const PAIR = 2;

interface Sum {
  weight: number;
  named: number;
  minutes: number;
}

/** Every fault in every bike, by how often it is behind each sign the bike shows. */
function rateOf(
  data: FaultData,
  strategy: Strategy | null,
  { lies, rounds, displays }: { lies: number; rounds: number; displays: number },
): Sum & { cases: number } {
  const random = seeded(13);
  const sum: Sum & { cases: number } = { weight: 0, named: 0, minutes: 0, cases: 0 };
  for (const profile of SHIPPED_DISPLAYS.slice(0, displays)) {
    const context = { ...WHOLE_SHOP, cannotBe: cannotBe(FAULTS, null, profile) };
    const memory: Memory = new Map();
    for (const { id, causes } of FAULTS.signs) {
      const bikes = Object.entries(causes).flatMap(([cause, share]) => {
        const fault = causeById(FAULTS, cause);
        const bike = fault && faulty(profile, [fault]);
        return bike && signsShown(bike).includes(id) ? [{ bike, cause, share }] : [];
      });
      const total = bikes.reduce((all, { share }) => all + share, 0);
      for (const { bike, cause, share } of bikes)
        for (let round = 0; round < rounds; round++) {
          const run = runCase(data, bike, id, { context, strategy, lies, random, memory });
          const ended = endedWith(run.standing);
          const weight = share / total / rounds;
          sum.cases++;
          sum.weight += weight;
          sum.named += ended.length <= PAIR && ended.includes(cause) ? weight : 0;
          sum.minutes += run.minutes * weight;
        }
    }
  }
  return sum;
}

const perfect = withoutErrors(FAULTS);
let isShort = false;
for (const [title, data, how, promised] of [
  ["Checks that never err", perfect, { lies: 0, rounds: 1, displays: SHIPPED_DISPLAYS.length }, 0.95],
  ["One check in ten lies", withLies(perfect, LIES), { lies: LIES, rounds: ROUNDS, displays: 2 }, 0.85],
] as const) {
  console.log(`\n${title}`.padEnd(30), "   cases   names the cause   minutes");
  const own = rateOf(data, STRATEGIES.finder, how);
  for (const [name, strategy] of Object.entries(STRATEGIES)) {
    const { cases, weight, named, minutes } = strategy ? rateOf(data, strategy, how) : own;
    const share = `${((100 * named) / weight).toFixed(1)} %`;
    const mean = (minutes / weight).toFixed(2);
    console.log(`${name.padEnd(30)}${String(cases).padStart(8)}${share.padStart(18)}${mean.padStart(10)}`);
    if (strategy && minutes / weight < own.minutes / own.weight) isShort = true;
  }
  if (own.named / own.weight < promised) isShort = true;
}
if (isShort) process.exitCode = 1;
