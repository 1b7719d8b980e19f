import { programOutlook, type Job, type ProgramOutlook, type Workings } from "@/core/record";

const known = new WeakMap<Workings, { readonly outlook: ProgramOutlook | null }>();

/** The key plan of a job, worked out once per state of the job however many places show it. */
export function outlookOf(job: Job, workings: Workings): ProgramOutlook | null {
  let entry = known.get(workings);
  if (!entry) {
    entry = { outlook: programOutlook(job, workings) };
    known.set(workings, entry);
  }
  return entry.outlook;
}
