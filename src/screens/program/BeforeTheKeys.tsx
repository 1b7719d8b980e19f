"use client";
import Link from "next/link";
import { useMemo, useState } from "react";
import type { DisplayProfile } from "@/core/display";
import {
  blockedBy,
  keyTask,
  lacksForPrivateLand,
  startProgram,
  startRehearsal,
  type ProgramOutlook,
} from "@/core/record";
import { Button, buttonClass, Caution, FindingLine } from "@/ui/primitives";
import { count, duration, findingText, planProblemText, stepRunWords } from "@/words";
import { restoreAsk } from "@/workers/keysClient";
import { later } from "@/ui/primitives/later";
import { JobField } from "../job/JobField";
import type { StageProps } from "../job/stageProps";
import { usePlan } from "../job/usePlan";
import { voiceOf } from "../job/voice";
import { ChangeList } from "./ChangeList";
import { stepName } from "./stepWords";
import * as say from "@/words/screens/program/beforeTheKeys";

/** Loaded where the pack must not be connected. */
const BlockedStep = later(() => import("../job/BlockedStep").then((module) => module.BlockedStep));

type BeforeProps = StageProps & { readonly profile: DisplayProfile };

/** What must be known before any key is planned, what the keys will change and in which order, and the start. */
export function BeforeTheKeys(props: BeforeProps) {
  const { job, workings, outlook } = props;
  const { baseline } = workings;
  if (lacksForPrivateLand(job)) return <WhoseLand job={job} />;
  return (
    <div className="flex flex-col gap-8">
      {/* Stays where it is while its reason is typed, though the keys come in below it at the eighth letter. */}
      {baseline.kind === "kept" ? null : <NoBaseline job={job} workings={workings} />}
      {baseline.kind === "missing" ? null : !outlook ? (
        <p className="text-quiet">{say.workingOutTheKeys}</p>
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
      <h3 className="mb-2 text-[1.7rem]">{say.writeDownWhoseLand}</h3>
      <p className="mb-4">{say.privateLandAsksFor}</p>
      <Link href={`/job/${job.id}/intake`} className={buttonClass("main", true)}>
        {say.goToIntake}
      </Link>
    </div>
  );
}

function NoBaseline({ job, workings: { baseline } }: Pick<StageProps, "job" | "workings">) {
  const missing = baseline.kind === "missing" ? baseline : null;
  return (
    <div className="max-w-2xl">
      <h3 className="mb-2 text-[1.7rem]">{say.firstTheWayHome}</h3>
      <p className="mb-4">{say.lineOfNotWritten(missing)}</p>
      <div className="mb-5 flex flex-wrap gap-3">
        <Link href={`/job/${job.id}/as-found`} className={buttonClass(missing ? "main" : "plain", true)}>
          {say.writeDownWhatIt}
        </Link>
      </div>
      <JobField job={job} place={{ in: "waived-reason" }} label={say.whyThereIsNo} long hint={say.aSentenceTheCard} />
    </div>
  );
}

function Start({ job, workings, change, profile, outlook }: BeforeProps & { readonly outlook: ProgramOutlook }) {
  const { sheet } = workings;
  const voice = voiceOf(workings);
  const nothing = outlook.presses === 0;
  const blocked = blockedBy("connect", sheet?.inForce.findings);
  // What blocks the step is said once, with what clears it.
  const breaches = (sheet?.target.findings ?? []).filter(
    ({ severity, message }) => severity === "breach" && message.key !== blocked?.message.key,
  );
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <div className="min-w-0">
        <h3 className="mb-2 text-[1.7rem]">
          {nothing ? say.nothingToChange : say.keyPress(outlook.presses, outlook.totalMs)}
        </h3>
        <p className="mb-4 text-quiet">
          {nothing
            ? say.theDisplayAlreadyHolds
            : say.walkingTheLeafletLine(outlook.personMs, outlook.leafletPresses, outlook.leafletPersonMs)}
          {outlook.unread.length > 0 ? say.lineNobodyHasRead(outlook.unread.length) : ""}
          {job.held ? say.theKeysStartFrom : ""}
        </p>
        <div className="mb-5 flex flex-col gap-2">
          {breaches.map((finding) => (
            <FindingLine key={finding.message.key} severity={finding.severity}>
              {say.thePlanDoesNot(findingText(finding.message, voice))}
            </FindingLine>
          ))}
          {blocked ? <BlockedStep finding={blocked} voice={voice} /> : null}
          <Caution>{say.beforeAnyKey(workings.bike.throttleFitted)}</Caution>
        </div>
        <div className="flex flex-wrap gap-3">
          <Button
            weight="main"
            big
            disabled={blocked !== null}
            onClick={() => void change((now) => startProgram(now, new Date().toISOString()))}
          >
            {nothing ? say.sealTheSheetAnd : say.startTheKeysOn}
          </Button>
          {nothing ? null : (
            <Button big onClick={() => void change(startRehearsal)}>
              {say.rehearseFirst}
            </Button>
          )}
        </div>
        <p className="mt-3 max-w-[60ch] text-[0.9rem] text-quiet">
          {say.startingSealsTheOf(job.held ? say.targetSheet : say.asFoundAndThe, profile.name)}
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
      <summary className="min-h-11 font-semibold">{say.orRestoreTheMakers}</summary>
      <Caution>{say.restoringThrowsEveryValue}</Caution>
      {restore ? (
        <>
          <p className="mt-3">
            {count(restore.presses, say.beforeTheKeysKeyPress, say.keyPresses)}, {duration(restore.totalMs)}.
          </p>
          <ol className="mt-2 grid gap-x-8 sm:grid-cols-2">
            {restore.steps.map((step, i) => (
              <li key={i} className="border-b border-rule py-1.5">
                <strong>{stepName(profile, step)}</strong>
                <span className="block text-[0.92rem] text-quiet">
                  {step.runs.map((run) => stepRunWords(profile, run)).join(say.thenAfter)}
                </span>
              </li>
            ))}
          </ol>
        </>
      ) : (
        <p className="mt-3 text-quiet">{waiting ? say.workingItOut : say.noWayToRestore}</p>
      )}
    </details>
  );
}
