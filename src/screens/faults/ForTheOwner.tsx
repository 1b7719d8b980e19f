"use client";
import { useMemo } from "react";
import type { SheetRow } from "@/core/sheet";
import type { Job, KeyWork } from "@/core/record";
import { lookAtLineTask } from "@/core/record/trialTask";
import type { DisplayProfile } from "@/core/display";
import { Button, useTell } from "@/ui/primitives";
import { stepRunWords } from "@/words";
import * as say from "@/words/screens/faults/forTheOwner";
import { workAsk } from "@/workers/keysClient";
import { KeyList } from "../job/KeyList";
import { usePlan } from "../job/usePlan";
import { stepName } from "../program/stepWords";

/** For an owner far away: one line to look at, by the keys of the display they have, as print and as text to send. */
export function ForTheOwner({ job, row }: { readonly job: Job; readonly row: SheetRow }) {
  const { profile } = job;
  const ask = useMemo(() => {
    const task = lookAtLineTask(job, row.code);
    return job.profile && task ? workAsk(job.profile, task.state, task.goal) : null;
  }, [job, row.code]);
  const { plan } = usePlan(ask);
  const tell = useTell();
  if (!profile || !plan) return null;
  const wanted = row.target?.shows ?? null;
  const copy = async () => {
    await navigator.clipboard.writeText(asText(profile, row, plan, wanted));
    tell(say.copied);
  };
  return (
    <details className="mt-4">
      <summary className="min-h-11 py-2 underline">{say.forOwnersHands(row.code)}</summary>
      <div className="rounded-md border-2 border-rule p-4">
        <p className="font-semibold">{say.lookAt(row.code)}</p>
        <p>{say.first}</p>
        <KeyList profile={profile} work={plan} />
        <p className="mt-2">{say.mustSee(row.code, wanted)}</p>
        <p>{say.ifNot}</p>
      </div>
      <div className="mt-2">
        <Button onClick={() => void copy()}>{say.copyText}</Button>
      </div>
    </details>
  );
}

/** The same as text to send. */
const asText = (profile: DisplayProfile, { code }: SheetRow, work: KeyWork, wanted: string | null): string =>
  [
    say.lookAt(code),
    say.first,
    ...work.steps.map((step, i) =>
      say.textStep(i + 1, stepName(profile, step), step.runs.map((run) => stepRunWords(profile, run)).join(say.then)),
    ),
    say.mustSee(code, wanted),
    say.ifNot,
  ].join("\n");
