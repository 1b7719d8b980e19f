"use client";
import { useLiveQuery } from "dexie-react-hooks";
import dynamic from "next/dynamic";
import Link from "next/link";
import { useRouter, useSelectedLayoutSegment } from "next/navigation";
import { useEffect, useMemo, type ComponentType } from "react";
import { STAGES, workOut, type Job, type Stage, type Workings } from "@/core/record";
import { changeJob, getJob } from "@/store";
import { SignShape, useKeptState, useShortcuts } from "@/ui/primitives";
import { count, duration, STAGE_NAMES } from "@/ui/wording";
import { outlookOf } from "./outlook";

/** What every stage gets: the job, what follows from it, and the way to change it. */
export interface StageProps {
  readonly job: Job;
  readonly workings: Workings;
  readonly change: (edit: (job: Job) => Job) => void;
  /** Code of the line in hand, kept over reloads and shared by the stages. */
  readonly line: string;
  readonly setLine: (code: string) => void;
}

/** Each stage is loaded when it is first opened. */
const SCREENS: Readonly<Record<Stage, ComponentType<StageProps>>> = {
  intake: dynamic(() => import("../intake/Intake").then((module) => module.Intake)),
  "as-found": dynamic(() => import("../as-found/AsFound").then((module) => module.AsFound)),
  plan: dynamic(() => import("../plan/Plan").then((module) => module.Plan)),
  program: dynamic(() => import("../program/Program").then((module) => module.Program)),
  prove: dynamic(() => import("../prove/Prove").then((module) => module.Prove)),
  "hand-over": dynamic(() => import("../hand-over/HandOver").then((module) => module.HandOver)),
};

/** Beside the stages: the numbers of the bike, which serve all of them. */
const NUMBERS = "numbers";
const Numbers = dynamic(() => import("../numbers/Numbers").then((module) => module.Numbers));

/** One job at one of its six stages, or at its numbers. */
export function JobScreen({ id }: { readonly id: string }) {
  const segment = useSelectedLayoutSegment();
  const stage = STAGES.find((known) => known === segment);
  const found = useLiveQuery(async () => ({ job: await getJob(id) }), [id]);
  if (!found || (!stage && segment !== NUMBERS)) return null;
  if (!found.job)
    return (
      <div className="max-w-xl py-10">
        <h1 className="text-3xl">This bike is not on this machine</h1>
        <p className="my-4 text-quiet">
          Jobs are kept in the browser they were made in. Import its file from the rack to work on it here.
        </p>
        <Link href="/" className="font-semibold underline">
          Back to the rack
        </Link>
      </div>
    );
  return <OpenJob key={id} job={found.job} stage={stage ?? null} />;
}

/** `stage` is null at the numbers. */
function OpenJob({ job, stage }: { readonly job: Job; readonly stage: Stage | null }) {
  const router = useRouter();
  const workings = useMemo(() => workOut(job), [job]);
  const [line, setLine] = useKeptState(`line.${job.id}`, "");
  const change = useMemo(() => (edit: (now: Job) => Job) => void changeJob(job.id, edit), [job.id]);
  const Screen = stage ? SCREENS[stage] : Numbers;

  useEffect(() => {
    if (stage && job.stage !== stage) void changeJob(job.id, (now) => ({ ...now, stage }));
  }, [job.id, job.stage, stage]);
  useShortcuts(
    Object.fromEntries(
      [NUMBERS, ...STAGES].map((target, i) => [String(i), () => router.push(`/job/${job.id}/${target}`)]),
    ),
  );

  return (
    <div className="mx-auto max-w-[1160px]">
      <div className={stage === "program" && job.program && !job.program.done ? "sr-only" : ""}>
        <JobHead job={job} workings={workings} />
      </div>
      <StageRail job={job} workings={workings} stage={stage} />
      <Screen job={job} workings={workings} change={change} line={line} setLine={setLine} />
    </div>
  );
}

function JobHead({ job, workings }: { readonly job: Job; readonly workings: Workings }) {
  const { bike, choice } = workings;
  const facts = [
    bike.frame,
    bike.motorRatedW ? `${bike.motorRatedW} W` : null,
    bike.packV ? `${bike.packV} V${bike.packAh ? ` ${bike.packAh} Ah` : ""}` : null,
    job.profile?.name,
  ]
    .filter(Boolean)
    .join(" · ");
  return (
    <div className="no-print mb-3 flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
      <div className="flex min-w-0 flex-wrap items-baseline gap-x-4">
        <h1 className="text-[2.1rem] break-words max-sm:text-[1.7rem]">{bike.nickname || "New bike"}</h1>
        <span className="code text-quiet">{String(job.number).padStart(4, "0")}</span>
        <span className="text-quiet">{facts}</span>
      </div>
      {choice ? (
        <span className="rounded-full border-2 border-ink px-3.5 py-0.5 font-semibold whitespace-nowrap">
          {choice.rule.badge}
        </span>
      ) : null}
    </div>
  );
}

function stageCaption(job: Job, workings: Workings, stage: Stage): string {
  const { intake, counts, sheet, foundCount } = workings;
  switch (stage) {
    case "intake":
      return intake.missing.length > 0
        ? `${count(intake.missing.length, "fact")} missing`
        : job.profile && workings.choice
          ? "all known"
          : "display or class missing";
    case "as-found":
      return job.profile ? `${foundCount} of ${sheet?.rows.length ?? 0} lines` : "—";
    case "plan":
      return counts
        ? [`${counts.odd} odd`, counts.breaches ? count(counts.breaches, "breach", "breaches") : null]
            .filter(Boolean)
            .join(" · ")
        : "—";
    case "program": {
      if (job.program?.done) return "in force";
      if (job.program) return "under way";
      const outlook = outlookOf(job, workings);
      return outlook ? `${duration(outlook.totalMs)} of keys` : "baseline first";
    }
    case "prove": {
      const due = workings.checks.filter(({ verdict }) => verdict !== "passed").length;
      return job.program?.done ? (due > 0 ? `${count(due, "check")} due` : "all passed") : "—";
    }
    case "hand-over":
      return job.handedOverAt ? "handed over" : "—";
  }
}

function StageRail({
  job,
  workings,
  stage,
}: {
  readonly job: Job;
  readonly workings: Workings;
  readonly stage: Stage | null;
}) {
  return (
    <nav aria-label="Stages of the job" className="no-print mb-5 flex border-b-4 border-rule max-md:overflow-x-auto">
      <ol className="relative -mb-1 flex gap-2 md:overflow-x-auto" tabIndex={-1}>
        {workings.stages.map(({ stage: target, done }) => {
          const here = target === stage;
          return (
            <li key={target} className="shrink-0">
              <Link
                href={`/job/${job.id}/${target}`}
                aria-current={here ? "step" : undefined}
                className={`block min-w-24 border-b-4 pr-5 pb-2 ${here ? "border-action" : done ? "border-ink" : "border-transparent"}`}
              >
                <span
                  className={`flex items-baseline gap-1.5 ${here ? "font-bold" : done ? "font-semibold" : "text-quiet"}`}
                >
                  {STAGE_NAMES[target]}
                  {done ? <SignShape sign="done" size={11} /> : null}
                  {done ? <span className="sr-only">done</span> : null}
                </span>
                <span className="block text-[0.82rem] whitespace-nowrap text-quiet">
                  {stageCaption(job, workings, target)}
                </span>
              </Link>
            </li>
          );
        })}
      </ol>
      <Link
        href={`/job/${job.id}/${NUMBERS}`}
        aria-current={stage === null ? "page" : undefined}
        className={`-mb-1 ml-auto block shrink-0 border-b-4 pb-2 pl-5 ${stage === null ? "border-action" : "border-transparent"}`}
      >
        <span
          className={`block border-l border-rule pl-5 ${stage === null ? "font-bold" : "text-quiet hover:text-ink"}`}
        >
          Numbers
        </span>
        <span className="block border-l border-rule pl-5 text-[0.82rem] whitespace-nowrap text-quiet">
          wheel to range
        </span>
      </Link>
    </nav>
  );
}
