"use client";
import { useLiveQuery } from "dexie-react-hooks";
import type { DisplayProfile } from "@/core/display";
import type { LineTrial } from "@/core/record/lineTrial";
import { removeTrial, restoreTrial, trialsOf } from "@/store";
import { useTell } from "@/ui/primitives";
import * as say from "@/words/screens/prove/trials";
import type { StageProps } from "../job/stageProps";
import { NewTrial } from "./NewTrial";
import { TrialRuns } from "./TrialRuns";

/** Does a line do anything? Two values of it, measured in turn. */
export function Trials({
  job,
  change,
  profile,
}: Pick<StageProps, "job" | "change"> & { readonly profile: DisplayProfile }) {
  const trials = useLiveQuery(() => trialsOf(job.id), [job.id]);
  const tell = useTell();
  const drop = async (trial: LineTrial) => {
    const gone = await removeTrial(trial.id);
    if (gone) tell(say.takenOut(trial.code), () => void restoreTrial(gone));
  };
  return (
    <section aria-labelledby="trials" className="mt-10">
      <h3 id="trials" className="text-[1.5rem]">
        {say.doesALineDoAnything}
      </h3>
      <p className="mb-3 text-quiet">{say.howItGoes}</p>
      {(trials ?? []).map((trial) => (
        <TrialRuns
          key={trial.id}
          trial={trial}
          job={job}
          change={change}
          profile={profile}
          onDrop={() => void drop(trial)}
        />
      ))}
      <NewTrial jobId={job.id} profile={profile} />
    </section>
  );
}
