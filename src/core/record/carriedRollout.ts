/**
 * What was measured on the tyre of the visit before. A bike that comes back keeps its rollout, for nobody rolls it out
 * anew without a reason; with another tyre on, that rollout is no longer this bike's, and is not taken for it.
 */
import { fieldProblem, INTAKE_FIELDS, saysTheSame } from "../facts";
import { own } from "../units/limits";
import type { Job, LastVisit } from "./job";

/** Facts measured together on one tyre: a rollout with its turns and its tape, and a tyre's height. */
const MEASURED_TOGETHER = [["rolloutMm", "rolloutTurns", "tapeErrorMm"], ["outerDiameterMm"]] as const;
type Measured = (typeof MEASURED_TOGETHER)[number][number];

export const typed = (intake: Job["intake"], key: string): string => (own(intake, key) ?? "").trim();

/** Whether this tyre is known to be another than the one of the visit before: both can be read, and they differ. */
export function isAnotherTyre(job: Job, last: LastVisit): boolean {
  const texts = [typed(last.intake, "tyre"), typed(job.intake, "tyre")] as const;
  const field = INTAKE_FIELDS.tyre;
  return texts.every((text) => text !== "" && fieldProblem(field, text) === null) && !saysTheSame(field, ...texts);
}

/** Whether a fact stands as the visit before left it: nobody has typed it on this one. */
function isCarried(job: Job, last: LastVisit, key: Measured): boolean {
  const at = own(job.typedAt, key);
  const now = typed(job.intake, key);
  return (at === undefined || at <= job.createdAt) && (now === "" || now === typed(last.intake, key));
}

/**
 * The job with what was measured on the tyre before let go once another tyre is typed, and put back once it is the same
 * again. What somebody has measured on this visit stays. The same job where the tyre was not touched.
 */
export function withCarriedRollout(before: Job, job: Job): Job {
  const last = job.lastVisit;
  if (!last || job.handedOverAt !== null || typed(before.intake, "tyre") === typed(job.intake, "tyre")) return job;
  const another = isAnotherTyre(job, last);
  const intake: Record<string, string> = { ...job.intake };
  for (const keys of MEASURED_TOGETHER) {
    if (!keys.every((key) => isCarried(job, last, key))) continue;
    for (const key of keys) {
      const was = own(last.intake, key);
      if (another || was === undefined) delete intake[key];
      else intake[key] = was;
    }
  }
  return { ...job, intake };
}
