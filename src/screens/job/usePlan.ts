"use client";
import { useEffect, useMemo, useState } from "react";
import { keyTask, type Job, type ProgramOutlook, type Workings } from "@/core/record";
import { useOwnPace } from "@/ui/besideTheBike/ownPace";
import { outlookAsk, type PlanAsk } from "@/workers/keysClient";

/**
 * A plan asked of the worker: what it came to, or null while there is nothing to ask or the answer is still to come.
 */
export function usePlan<Plan>(ask: PlanAsk<Plan> | null): { readonly plan: Plan | null; readonly waiting: boolean } {
  const [answer, setAnswer] = useState<{ readonly key: string; readonly plan: Plan } | null>(null);
  const key = ask?.key ?? null;
  useEffect(() => {
    if (!ask) return;
    let gone = false;
    void ask.ask().then((plan) => {
      if (!gone) setAnswer({ key: ask.key, plan });
    });
    return () => {
      gone = true;
    };
    // The key says all the plan rests on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  const plan = answer && answer.key === key ? answer.plan : null;
  return { plan, waiting: key !== null && plan === null };
}

/** The key plan a job would start with; null while there is no display, no baseline and no reason for lacking one. */
export function useOutlook(
  job: Job,
  workings: Workings,
): { readonly outlook: ProgramOutlook | null; readonly waiting: boolean } {
  const pace = useOwnPace();
  const ask = useMemo(() => {
    const task = keyTask(job, workings);
    return job.profile && task ? outlookAsk(job.profile, task, pace) : null;
  }, [job, workings, pace]);
  const { plan, waiting } = usePlan(ask);
  return { outlook: plan, waiting };
}
