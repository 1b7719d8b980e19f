/** One bike held against every class at once: what stands against it as it is, and what each would ask of its lines. */
import type { ClassRule } from "../law";
import type { SheetFinding } from "../sheet";
import type { Job } from "./job";
import { standingAgainst } from "./leaving";
import { workOut } from "./workings";

export interface ClassFit {
  readonly rule: ClassRule;
  /** What keeps it from leaving in this class, as its display stands now and after the plan. */
  readonly now: readonly SheetFinding[];
  readonly planned: readonly SheetFinding[];
  /** Lines the plan would change; null while there is no display. */
  readonly changes: number | null;
}

/**
 * How near a bike is to a class: what stands after the plan weighs most, then what stands now, then the lines. What is
 * not for the road is no way to fit, and comes last.
 */
const distance = ({ rule, planned, now, changes }: ClassFit): number =>
  (rule.publicRoad ? 0 : 1_000_000) +
  10_000 * planned.length +
  100 * Math.min(99, now.length) +
  Math.min(99, changes ?? 99);

/** Every class, the nearest first. Each is worked out as if it had been chosen; nothing is changed. */
export const againstEveryClass = (job: Job, rules: readonly ClassRule[]): readonly ClassFit[] =>
  rules
    .map((rule): ClassFit => {
      const chosen = { ...job.classChoice, rule, acceptReading: false, acceptedKmh: "" };
      const { sheet, counts, checks } = workOut({ ...job, classChoice: chosen, program: null });
      return {
        rule,
        now: standingAgainst(sheet?.inForce.findings ?? [], checks),
        planned: standingAgainst(sheet?.target.findings ?? [], checks),
        changes: counts?.odd ?? null,
      };
    })
    .sort((a, b) => distance(a) - distance(b));
