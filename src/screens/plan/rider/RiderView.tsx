"use client";
import type { Sheet } from "@/core/sheet";
import type { StageProps } from "../../job/stageProps";
import { voiceOf } from "../../job/voice";
import { Conflicts } from "./Conflicts";
import { Feel } from "./Feel";
import { ModesOffered } from "./ModesOffered";
import { Schools } from "./Schools";
import { WishChips } from "./WishChips";
import { WishesTold } from "./WishesTold";
import * as say from "@/words/screens/plan/rider/riderView";

/** The rider's side of the plan: what is wished, what becomes of it, and how the bike will feel. */
export function RiderView({ job, workings, change, setLine, sheet }: StageProps & { readonly sheet: Sheet }) {
  const { bike } = workings;
  const { profile } = job;
  if (!profile) return null;
  return (
    <div className="grid gap-x-8 gap-y-6 pt-2 lg:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)]">
      <div className="flex min-w-0 flex-col gap-5">
        {job.program ? <p className="text-quiet">{say.sealed}</p> : null}
        <WishChips job={job} change={change} />
        <Conflicts conflicts={sheet.wishes.conflicts} change={change} />
        <WishesTold job={job} wishes={sheet.wishes} voice={voiceOf(workings)} setLine={setLine} />
        <Schools bike={bike} profile={profile} />
      </div>
      <div className="flex min-w-0 flex-col gap-6">
        <Feel job={job} workings={workings} />
        <ModesOffered job={job} workings={workings} change={change} />
      </div>
    </div>
  );
}
