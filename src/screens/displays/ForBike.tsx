"use client";
import { useLiveQuery } from "dexie-react-hooks";
import Link from "next/link";
import type { DisplayProfile } from "@/core/display";
import { checkProfile } from "@/core/display/check";
import { getJob } from "@/store";
import { buttonClass } from "@/ui/primitives";
import * as say from "@/words/screens/displays/forBike";

/** A bike waits for its display: the way back to it, with this one. */
export function ForBike({ jobId, display }: { readonly jobId: string; readonly display: DisplayProfile }) {
  const job = useLiveQuery(() => getJob(jobId), [jobId]);
  if (!job) return null;
  const name = job.intake.nickname || say.theNewBike;
  const problems = checkProfile(display).length;
  return (
    <div className="my-4 flex flex-wrap items-center gap-x-4 gap-y-2 rounded-xl bg-sheet px-5 py-3">
      <p className="min-w-0 flex-1 break-words">
        <strong>{name}</strong>
        {say.waitsForItsDisplay}
        {problems > 0 ? say.thingToMendBefore(problems, display.name) : ""}
      </p>
      {problems === 0 ? (
        <Link href={`/job/${jobId}/intake?display=${display.id}`} className={buttonClass("main")}>
          {say.putOn(display.name, name)}
        </Link>
      ) : null}
      <Link href={`/job/${jobId}/intake`} className={buttonClass("quiet")}>
        {say.backWithoutIt}
      </Link>
    </div>
  );
}
