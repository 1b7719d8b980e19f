"use client";
import Link from "next/link";
import type { DisplayProfile } from "@/core/display";
import { advanceProgram, restoreOutlook, startProgram, type Job, type ProgramOutlook } from "@/core/record";
import { Button, buttonClass, Caution, FindingLine, KeptField } from "@/ui/primitives";
import { count, duration, findingText, stepRunWords } from "@/ui/wording";
import type { StageProps } from "../job/JobScreen";
import { outlookOf } from "../job/outlook";
import { voiceOf } from "../job/voice";
import { stepName } from "./stepWords";

const nowIso = (): string => new Date().toISOString();

/** What must be known before any key is planned, and the start. */
export function BeforeTheKeys({ job, workings, change, profile }: StageProps & { readonly profile: DisplayProfile }) {
  const { baseline, sheet, choice } = workings;
  const outlook = outlookOf(job, workings);
  const voice = voiceOf(workings);
  const breaches = sheet?.targetFindings.filter((finding) => finding.severity === "breach") ?? [];
  const needsWord = choice !== null && !choice.rule.publicRoad && job.classChoice.acknowledged.trim() === "";
  if (!outlook || needsWord)
    return (
      <div className="max-w-2xl">
        <h2 className="mb-2 text-[1.7rem]">{needsWord ? "Write down whose land it is" : "First, the way home"}</h2>
        {needsWord ? (
          <p className="mb-4">Private land asks for a written acknowledgement at intake before any key is planned.</p>
        ) : (
          <p className="mb-4">
            {baseline.kind === "missing"
              ? `${count(baseline.unread, "line")} of ${baseline.total} not written down.`
              : ""}{" "}
            Without the as-found sheet nobody finds the way back, so no keys are planned. Write it down, or say why you
            cannot.
          </p>
        )}
        <div className="mb-5 flex flex-wrap gap-3">
          <Link href={`/job/${job.id}/${needsWord ? "intake" : "as-found"}`} className={buttonClass("main", true)}>
            {needsWord ? "Go to intake" : "Write down what it shows"}
          </Link>
        </div>
        {needsWord ? null : (
          <KeptField
            label="Why there is no full baseline"
            long
            value={job.asFound.waivedReason}
            onKeep={(typed) => change((now) => ({ ...now, asFound: { ...now.asFound, waivedReason: typed } }))}
            hint="A sentence. The card then stops at every line nobody has read."
          />
        )}
      </div>
    );
  return (
    <div className="max-w-3xl">
      <h2 className="mb-2 text-[1.7rem]">
        {outlook.presses === 0
          ? "Nothing to change"
          : `${count(outlook.presses, "key press", "key presses")}, ${duration(outlook.totalMs)}`}
      </h2>
      <p className="mb-4 text-quiet">
        {outlook.presses === 0
          ? "The display already holds every target."
          : `Walking the leaflet line by line would take ${outlook.leafletPresses} presses and ${duration(outlook.leafletMs)}. Costs: a tap ⅓ s, a hold half a second more than asked.`}
        {outlook.unread.length > 0
          ? ` ${count(outlook.unread.length, "line")} nobody has read: the card stops at each.`
          : ""}
      </p>
      <div className="mb-5 flex flex-col gap-2">
        {breaches.map((finding) => (
          <FindingLine key={finding.message.key} severity={finding.severity}>
            {findingText(finding.message, voice)} The plan does not mend this.
          </FindingLine>
        ))}
        <Caution>Wheel clear of the floor or brake held, before any chord. Stand clear of the wheel.</Caution>
      </div>
      <Button weight="main" big onClick={() => change((now) => advanceIfDone(startProgram(now, nowIso())))}>
        {outlook.presses === 0 ? "Seal the sheet and go on" : "Start the keys"}
      </Button>
      <RestoreFirst job={job} outlook={outlook} />
      <p className="mt-3 text-[0.9rem] text-quiet">
        Starting seals the as-found and the target sheet of {profile.name}. Targets are fixed from there on.
      </p>
    </div>
  );
}

const advanceIfDone = (job: Job): Job => (job.program ? advanceProgram(job, job.program.state, nowIso()) : job);

/** Restoring first and setting everything again: what it would take, for a display nobody can make sense of any more. */
function RestoreFirst({ job, outlook }: { readonly job: Job; readonly outlook: ProgramOutlook }) {
  const { profile } = job;
  const restore = restoreOutlook(job, outlook);
  if (!profile || !restore) return null;
  return (
    <details className="mt-5 border-t border-rule pt-3">
      <summary className="min-h-11 font-semibold">
        Or restore the maker’s values first: {count(restore.presses, "key press", "key presses")},{" "}
        {duration(restore.totalMs)}
      </summary>
      <Caution>
        Restoring throws every value away, those nobody touched too. Compare with the as-found sheet first; this is the
        last resort.
      </Caution>
      <ol className="mt-3 grid gap-x-8 sm:grid-cols-2">
        {restore.steps.map((step, i) => (
          <li key={i} className="border-b border-rule py-1.5">
            <strong>{stepName(profile, step)}</strong>
            <span className="block text-[0.92rem] text-quiet">
              {step.runs.map((run) => stepRunWords(profile, run)).join(", then ")}
            </span>
          </li>
        ))}
      </ol>
    </details>
  );
}
