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
import type { DisplayProfile } from "../display";
import { columnOf, type CarryOver } from "../sheet";
import { own } from "../units/limits";
import { codedRaws, heldRaws } from "./columns";
import { choiceOf } from "./found";
import { withEvent, type Job } from "./job";
import { swapDisplay, swapOutlook } from "./swap";
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
  /** What becomes of every value on another display; null where it stays. */
  readonly carried: CarryOver | null;
  readonly now: Outcome;
  /** Fitted, and no line of the display changed: on another one, what can be carried over and the maker’s values. */
  readonly asIs: Outcome;
  /** Fitted, and planned anew. */
  readonly planned: Outcome;
  readonly fits: readonly Fit[];
  /** Answered checks that rest on what changes: on another display, all of them. */
  readonly stale: readonly CheckId[];
}

/** The job with the new parts fitted, its keys to be planned anew. */
function fitted(job: Job, display: DisplayProfile | null): Job {
  const parted = { ...job, intake: { ...withNewParts(job.intake) } };
  return display
    ? swapDisplay(parted, display, job.updatedAt)
    : {
        ...parted,
        program: null,
        rehearsal: null,
        held: job.profile ? codedRaws(job.profile, heldRaws(job)) : null,
      };
}

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

/** Another display than the one on the bike; null where there is none, or it is the same. */
const otherThan = (job: Job, display: DisplayProfile | null): DisplayProfile | null =>
  display && job.profile && display.id !== job.profile.id ? display : null;

/**
 * What new parts come to, `display` among them where another one is thought of; null while none is, or there is no
 * display on the bike.
 */
export function upgradeOf(job: Job, display: DisplayProfile | null): Upgrade | null {
  const { profile } = job;
  const changed = changedByParts(job.intake);
  const { sheet, bike } = workOut(job);
  const other = otherThan(job, display);
  if (!profile || !sheet || (changed.length === 0 && !other)) return null;
  const carried = other && swapOutlook(job, other);
  const after = fitted(job, other);
  const then = workOut(after);
  if (!then.sheet) return null;
  const on = { profile: other ?? profile, bike: then.bike, facts: readFacts(after.intake) };
  const asIs = columnOf("tried", carried?.raws ?? sheet.inForce.raws, { ...on, choice: choiceOf(job) });
  return {
    changed,
    carried,
    now: outcomeOf({ profile, bike, facts: readFacts(job.intake) }, sheet.inForce),
    asIs: outcomeOf(on, asIs),
    planned: outcomeOf(on, then.sheet.target),
    fits: fitsOf(after, job.intake),
    stale: CHECK_IDS.filter(
      (id) =>
        own(job.checks, id) !== undefined &&
        (other !== null || CHECK_RESTS_ON_FACTS[id].some((key) => changed.includes(key))),
    ),
  };
}

/**
 * The job with the parts fitted: facts of the bike, another display where one is thought of, and entries in its log.
 * `at` is ISO, `what` says what changed of the facts.
 */
export function fitParts(job: Job, display: DisplayProfile | null, at: string, what: string): Job {
  const other = otherThan(job, display);
  const isChanged = changedByParts(job.intake).length > 0;
  if (!isChanged && !other) return job;
  const parted = { ...job, intake: { ...withNewParts(job.intake) } };
  const told = isChanged ? withEvent(parted, at, "part-changed", what) : parted;
  return other ? swapDisplay(told, other, at) : told;
}
