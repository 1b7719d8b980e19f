/**
 * A part weighed before it is bought: what the bike comes to with it, the display left as it is and planned anew; what
 * must fit; and the checks that are no longer worth anything. Fitted, it is one deed and stands in the log.
 */
import { outcomeOf, type Outcome } from "../benches/outcome";
import type { CurrentPart } from "../battery/current";
import { isOver, partAmps } from "../decide/currentBounds";
import { readFacts } from "../facts/everyFact";
import { changedByParts, withNewParts } from "../facts/newParts";
import type { IntakeKey } from "../facts";
import { CHECK_IDS, CHECK_RESTS_ON_FACTS, type CheckId } from "../proof";
import { columnOf } from "../sheet";
import { own } from "../units/limits";
import { codedRaws, heldRaws } from "./columns";
import { choiceOf } from "./found";
import { withEvent, type Job } from "./job";
import { workOut } from "./workings";

/** What two parts have to agree on. */
export type FitKey = "plug" | "protocol" | "controller-volts" | "display-volts" | Exclude<CurrentPart, "controller">;
export interface Fit {
  readonly key: FitKey;
  /** Null: nobody has said or looked. */
  readonly fits: boolean | null;
  /** Figures it is held by: what is asked, and what is there. */
  readonly asks: number | null;
  readonly has: number | null;
}

export interface Upgrade {
  readonly changed: readonly IntakeKey[];
  readonly now: Outcome;
  /** Fitted, and no line of the display changed. */
  readonly asIs: Outcome;
  /** Fitted, and planned anew. */
  readonly planned: Outcome;
  readonly fits: readonly Fit[];
  /** Answered checks that rest on what changes. */
  readonly stale: readonly CheckId[];
}

/** The job with the new parts fitted, its keys to be planned anew. */
const fitted = (job: Job): Job => ({
  ...job,
  intake: { ...withNewParts(job.intake) },
  program: null,
  rehearsal: null,
  held: job.profile ? codedRaws(job.profile, heldRaws(job)) : null,
});

function fitsOf(after: Job, typed: Readonly<Record<string, string>>): readonly Fit[] {
  const { bike } = workOut(after);
  const told = (key: "plugFits" | "protocolFits"): boolean | null =>
    typed[key] === "yes" ? true : typed[key] === "no" ? false : null;
  const { packV, controllerV, controllerA } = bike;
  const accepts = after.profile?.acceptsNominalV ?? [];
  const bears = partAmps(bike);
  return [
    { key: "plug", fits: told("plugFits"), asks: null, has: null },
    { key: "protocol", fits: told("protocolFits"), asks: null, has: null },
    {
      key: "controller-volts",
      fits: packV === null || controllerV.length === 0 ? null : controllerV.includes(packV),
      asks: packV,
      has: null,
    },
    {
      key: "display-volts",
      fits: packV === null || accepts.length === 0 ? null : accepts.includes(packV),
      asks: packV,
      has: null,
    },
    ...(["bms", "motor", "connector", "wire"] as const).map((part): Fit => {
      const amps = bears[part];
      const fits = controllerA === null || amps === null ? null : !isOver(controllerA, { part, amps });
      return { key: part, fits, asks: controllerA, has: amps };
    }),
  ];
}

/** What new parts come to; null while none is typed, or there is no display. */
export function upgradeOf(job: Job): Upgrade | null {
  const { profile } = job;
  const changed = changedByParts(job.intake);
  const { sheet, bike } = workOut(job);
  if (!profile || !sheet || changed.length === 0) return null;
  const after = fitted(job);
  const then = workOut(after);
  if (!then.sheet) return null;
  const on = { profile, bike: then.bike, facts: readFacts(after.intake) };
  const asIs = columnOf("tried", sheet.inForce.raws, { profile, bike: then.bike, choice: choiceOf(job) });
  return {
    changed,
    now: outcomeOf({ profile, bike, facts: readFacts(job.intake) }, sheet.inForce),
    asIs: outcomeOf(on, asIs),
    planned: outcomeOf(on, then.sheet.target),
    fits: fitsOf(after, job.intake),
    stale: CHECK_IDS.filter(
      (id) => own(job.checks, id) !== undefined && CHECK_RESTS_ON_FACTS[id].some((key) => changed.includes(key)),
    ),
  };
}

/** The job with the parts fitted: facts of the bike, and an entry in its log. `at` is ISO, `what` says what changed. */
export const fitParts = (job: Job, at: string, what: string): Job =>
  changedByParts(job.intake).length === 0
    ? job
    : withEvent({ ...job, intake: { ...withNewParts(job.intake) } }, at, "part-changed", what);
