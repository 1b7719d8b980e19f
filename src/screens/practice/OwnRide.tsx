"use client";
import { useLiveQuery } from "dexie-react-hooks";
import Link from "next/link";
import { useMemo, useState } from "react";
import { atHome } from "@/core/display";
import type { JobRaws } from "@/core/practice";
import { liveBike } from "@/core/rig";
import { getJob } from "@/store";
import { Choice } from "@/ui/primitives";
import * as say from "@/words/screens/practice/ownRide";
import { jobRawsAsk } from "@/workers/keysClient";
import { Bench } from "../bench/Bench";
import { usePlan } from "../job/usePlan";

/** A bike of the shop on the practice bench: ridden as it stands, or as it is planned. */
export function OwnRide({ jobId }: { readonly jobId: string }) {
  const job = useLiveQuery(() => getJob(jobId), [jobId]);
  const [column, setColumn] = useState<keyof JobRaws>("planned");
  const ask = useMemo(() => (job ? jobRawsAsk(job) : null), [job]);
  const { plan } = usePlan(ask);
  const bike = useMemo(() => (job?.profile ? liveBike(job.profile, job.intake) : null), [job]);
  if (!job) return null;
  if (!job.profile || (plan && !bike))
    return (
      <p>
        {say.notEnough}{" "}
        <Link href={`/job/${jobId}/${job.profile ? "numbers" : "intake"}`} className="underline">
          {say.sayWhatItIs(job.intake.nickname ?? "")}
        </Link>
      </p>
    );
  if (!plan || !bike) return <div className="min-h-[60vh]" />;
  return (
    <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,2.2fr)_minmax(0,1fr)]">
      <Bench key={`${column} ${job.updatedAt}`} bike={bike} start={atHome(job.profile, plan[column])} />
      <section aria-label={say.bike} className="grid content-start gap-4">
        <h2 className="text-[1.5rem]">{job.intake.nickname}</h2>
        <Choice
          label={say.rideIt}
          value={column}
          options={[
            { value: "planned", label: say.asPlanned },
            { value: "held", label: say.asItStands },
          ]}
          onChoose={setColumn}
        />
        <p className="text-quiet">{say.foretold}</p>
        <Link href={`/job/${jobId}/plan`} className="underline">
          {say.backToThePlan}
        </Link>
      </section>
    </div>
  );
}
