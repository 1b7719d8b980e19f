"use client";
import Link from "next/link";
import { useMemo, useState } from "react";
import type { DisplayProfile } from "@/core/display";
import { keyTask, startProgram, startRehearsal, type ProgramOutlook } from "@/core/record";
import { Button, buttonClass, Caution, FindingLine } from "@/ui/primitives";
import { count, duration, findingText, planProblemText, stepRunWords } from "@/words";
import { restoreAsk } from "@/workers/keysClient";
import { JobField } from "../job/JobField";
import type { StageProps } from "../job/stageProps";
import { usePlan } from "../job/usePlan";
import { voiceOf } from "../job/voice";
import { ChangeList } from "./ChangeList";
import { stepName } from "./stepWords";

type BeforeProps = StageProps & { readonly profile: DisplayProfile };

/** What must be known before any key is planned, what the keys will change and in which order, and the start. */
export function BeforeTheKeys(props: BeforeProps) {
  const { job, workings, outlook } = props;
  const { choice, baseline } = workings;
  const needsWord = choice !== null && !choice.rule.publicRoad && job.classChoice.acknowledged.trim() === "";
  if (needsWord) return <WhoseLand job={job} />;
  return (
    <div className="flex flex-col gap-8">
      {/* Stays where it is while its reason is typed, though the keys come in below it at the eighth letter. */}
      {baseline.kind === "kept" ? null : <NoBaseline job={job} workings={workings} />}
      {baseline.kind === "missing" ? null : !outlook ? (
        <p className="text-quiet">Working out the keys …</p>
      ) : !outlook.plan.ok ? (
        <FindingLine severity="breach">{planProblemText(outlook.plan.problem)}</FindingLine>
      ) : (
        <Start {...props} outlook={outlook} />
      )}
    </div>
  );
}

function WhoseLand({ job }: Pick<StageProps, "job">) {
  return (
    <div className="max-w-2xl">
      <h3 className="mb-2 text-[1.7rem]">Write down whose land it is</h3>
      <p className="mb-4">Private land asks for a written acknowledgement at intake before any key is planned.</p>
      <Link href={`/job/${job.id}/intake`} className={buttonClass("main", true)}>
        Go to intake
      </Link>
    </div>
  );
}

function NoBaseline({ job, workings: { baseline } }: Pick<StageProps, "job" | "workings">) {
  const missing = baseline.kind === "missing";
  return (
    <div className="max-w-2xl">
      <h3 className="mb-2 text-[1.7rem]">First, the way home</h3>
      <p className="mb-4">
        {missing ? `${count(baseline.unread, "line")} of ${baseline.total} not written down. ` : ""}
        Without the as-found sheet nobody finds the way back, so no keys are planned. Write it down, or say why you
        cannot.
      </p>
      <div className="mb-5 flex flex-wrap gap-3">
        <Link href={`/job/${job.id}/as-found`} className={buttonClass(missing ? "main" : "plain", true)}>
          Write down what it shows
        </Link>
      </div>
      <JobField
        job={job}
        place={{ in: "waived-reason" }}
        label="Why there is no full baseline"
        long
        hint="A sentence. The card then stops at every line nobody has read."
      />
    </div>
  );
}

function Start({ job, workings, change, profile, outlook }: BeforeProps & { readonly outlook: ProgramOutlook }) {
  const { sheet } = workings;
  const voice = voiceOf(workings);
  const breaches = sheet?.target.findings.filter((finding) => finding.severity === "breach") ?? [];
  const nothing = outlook.presses === 0;
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <div className="min-w-0">
        <h3 className="mb-2 text-[1.7rem]">
          {nothing
            ? "Nothing to change"
            : `${count(outlook.presses, "key press", "key presses")}, ${duration(outlook.totalMs)}`}
        </h3>
        <p className="mb-4 text-quiet">
          {nothing
            ? "The display already holds every target."
            : `Walking the leaflet line by line would take ${outlook.leafletPresses} presses and ${duration(outlook.leafletMs)}. Costs: a tap ⅓ s, a hold half a second more than asked.`}
          {outlook.unread.length > 0
            ? ` ${count(outlook.unread.length, "line")} nobody has read: the card stops at each.`
            : ""}
          {job.held ? " The keys start from what the display was last known to hold." : ""}
        </p>
        <div className="mb-5 flex flex-col gap-2">
          {breaches.map((finding) => (
            <FindingLine key={finding.message.key} severity={finding.severity}>
              {findingText(finding.message, voice)} The plan does not mend this.
            </FindingLine>
          ))}
          <Caution>Wheel clear of the floor or brake held, before any chord. Stand clear of the wheel.</Caution>
        </div>
        <div className="flex flex-wrap gap-3">
          <Button weight="main" big onClick={() => void change((now) => startProgram(now, new Date().toISOString()))}>
            {nothing ? "Seal the sheet and go on" : "Start the keys on the bike"}
          </Button>
          {nothing ? null : (
            <Button big onClick={() => void change(startRehearsal)}>
              Rehearse first
            </Button>
          )}
        </div>
        <p className="mt-3 max-w-[60ch] text-[0.9rem] text-quiet">
          Starting seals the {job.held ? "target sheet" : "as-found and the target sheet"} of {profile.name}: targets
          are fixed from there on. A rehearsal seals nothing and changes nothing on the bike.
        </p>
        <RestoreFirst job={job} workings={workings} />
      </div>
      <ChangeList profile={profile} outlook={outlook} />
    </div>
  );
}

/**
 * Restoring first and setting everything again: what it would take, for a display nobody can make sense of any more.
 */
function RestoreFirst({ job, workings }: Pick<StageProps, "job" | "workings">) {
  const [open, setOpen] = useState(false);
  const { profile } = job;
  const ask = useMemo(() => {
    const task = open ? keyTask(job, workings) : null;
    return profile && task ? restoreAsk(profile, task) : null;
  }, [open, profile, job, workings]);
  const { plan: restore, waiting } = usePlan(ask);
  if (!profile) return null;
  return (
    <details className="mt-5 border-t border-rule pt-3" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 font-semibold">Or restore the maker’s values first</summary>
      <Caution>
        Restoring throws every value away, those nobody touched too. Compare with the as-found sheet first; this is the
        last resort.
      </Caution>
      {restore ? (
        <>
          <p className="mt-3">
            {count(restore.presses, "key press", "key presses")}, {duration(restore.totalMs)}.
          </p>
          <ol className="mt-2 grid gap-x-8 sm:grid-cols-2">
            {restore.steps.map((step, i) => (
              <li key={i} className="border-b border-rule py-1.5">
                <strong>{stepName(profile, step)}</strong>
                <span className="block text-[0.92rem] text-quiet">
                  {step.runs.map((run) => stepRunWords(profile, run)).join(", then ")}
                </span>
              </li>
            ))}
          </ol>
        </>
      ) : (
        <p className="mt-3 text-quiet">
          {waiting ? "Working it out …" : "No way to restore is described for this display."}
        </p>
      )}
    </details>
  );
}
