"use client";
import Link from "next/link";
import { nextBike, STAGE_OF, standsOut, type BatchBike, type BatchStep } from "@/core/batch";
import type { Job } from "@/core/record";
import type { Batch } from "@/core/record/job";
import { buttonClass, SignShape } from "@/ui/primitives";
import { STEP_DEEDS } from "@/words/batches";
import * as say from "@/words/screens/batch/batchBar";
import * as names from "@/words/screens/batch/bikeTable";
import { useBatch } from "./useBatch";

/** Steps with which the work at the display of this bike is done: the next one may come onto the stand. */
const DONE_HERE: ReadonlySet<BatchStep> = new Set(["checks", "hand-over", "gone"]);

/** The way to the bike that goes onto the stand next. */
function NextBike({ bikes, job }: { readonly bikes: readonly BatchBike[]; readonly job: Job }) {
  const next = nextBike(bikes, job.id);
  const here = bikes.find((bike) => bike.job.id === job.id);
  return next ? (
    <Link
      href={`/job/${next.job.id}/${STAGE_OF[next.step]}`}
      prefetch={false}
      className={`${buttonClass(here && DONE_HERE.has(here.step) ? "main" : "plain")} min-w-0 break-words`}
    >
      {say.nextBike(next.job.intake.nickname || names.newBike, STEP_DEEDS[next.step])}
    </Link>
  ) : (
    <span className="text-quiet">{say.allDone}</span>
  );
}

/** Under the read-back: where the hands are when the last line has been read, the next bike is one press away. */
export function AfterReadBack({ job, batch }: { readonly job: Job; readonly batch: Batch }) {
  const bikes = useBatch(batch.id);
  const here = bikes?.find((bike) => bike.job.id === job.id);
  return bikes && here && DONE_HERE.has(here.step) ? (
    <div className="mt-5">
      <NextBike bikes={bikes} job={job} />
    </div>
  ) : null;
}

interface BatchBarProps {
  readonly job: Job;
  readonly keysUnderWay: boolean;
}

/** Over every stage of a bike of a batch: which of how many it is, and the way to the next. */
export function BatchBar({ job, keysUnderWay }: BatchBarProps) {
  const { batch } = job;
  if (!batch) return null;
  // While keys are pressed nothing leads away from them, and nothing else is worked out.
  if (keysUnderWay)
    return (
      <p className="no-print mb-2 text-[1.05rem] break-words">
        <strong>{job.intake.nickname || names.newBike}</strong>
        <span className="text-quiet"> · {batch.name}</span>
      </p>
    );
  return <Bar job={job} batch={batch} />;
}

function Bar({ job, batch }: { readonly job: Job; readonly batch: Batch }) {
  const bikes = useBatch(batch.id);
  if (!bikes) return null;
  const at = bikes.findIndex((bike) => bike.job.id === job.id);
  const here = bikes[at];
  const odd = here?.exceptions.filter(standsOut).length ?? 0;
  return (
    <nav
      aria-label={say.inABatch}
      className="no-print mb-3 flex flex-wrap items-center gap-x-5 gap-y-2 rounded-xl bg-sheet px-4 py-2"
    >
      <p className="min-w-0 break-words">
        <strong>{say.placeOf(at + 1, bikes.length)}</strong> <span className="text-quiet">{batch.name}</span>
      </p>
      {odd > 0 ? (
        <span className="inline-flex items-baseline gap-1.5 font-semibold">
          <SignShape sign="odd" size={11} />
          {say.notAsTheSheet(odd)}
        </span>
      ) : null}
      <Link href={`/book/batch/${batch.id}`} prefetch={false} className="underline underline-offset-4">
        {say.toTheBatch}
      </Link>
      <span className="grow" />
      <NextBike bikes={bikes} job={job} />
    </nav>
  );
}
