"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { later } from "@/ui/primitives/later";
import Link from "next/link";
import { useRouter, useSelectedLayoutSegment } from "next/navigation";
import { useEffect, useMemo, useRef, type ComponentType } from "react";
import { STAGES, sealFault, workOut, type Job, type Stage, type Workings } from "@/core/record";
import { changeJob, getJob } from "@/store";
import { useKeptState, useShortcuts } from "@/ui/primitives";
import { BESIDE_NAMES, STAGE_NAMES, type Beside } from "@/words";
import { BadJob } from "./BadJob";
import { StageRail } from "./StageRail";
import type { ChangeJob, StageProps } from "./stageProps";
import { useOutlook } from "./usePlan";
import * as say from "@/words/screens/job/jobScreen";
import { ticketNumber } from "@/core/units/ticketNumber";

interface StageModule {
  readonly Stage: ComponentType<StageProps>;
}

/** Each stage is loaded when it is first opened, from the folder of its name. */
const SCREENS = Object.fromEntries(
  STAGES.map((stage) => [stage, later(() => import(`../${stage}/Stage`).then((module: StageModule) => module.Stage))]),
) as Readonly<Record<Stage, ComponentType<StageProps>>>;

/** Beside the stages: the numbers of the bike and its papers, which serve all of them. */
const BESIDE: Readonly<Record<Beside, ComponentType<StageProps>>> = {
  numbers: later(() => import("../numbers/Numbers").then((module) => module.Numbers)),
  papers: later(() => import("../papers/PapersPlace").then((module) => module.PapersPlace)),
};
const isBeside = (segment: string | null): segment is Beside => segment === "numbers" || segment === "papers";

/** Loaded when a sealed sheet has been changed by other hands. */
const BrokenSeal = later(() => import("./BrokenSeal").then((module) => module.BrokenSeal));

/** Loaded for a bike of a batch. */
const BatchBar = later(() => import("../batch/BatchBar").then((module) => module.BatchBar));

/** Loaded when an address names a bike nobody has here. */
const NotHere = later(() => import("./NotHere").then((module) => module.NotHere));

/** One job at one of its six stages, at its numbers or its papers. */
export function JobScreen({ id }: { readonly id: string }) {
  const segment = useSelectedLayoutSegment();
  const stage = STAGES.find((known) => known === segment);
  const found = useLiveQuery(async () => ({ job: await getJob(id) }), [id]);
  const beside = isBeside(segment) ? segment : null;
  if (!found || (!stage && !beside)) return null;
  if (!found.job) return <NotHere />;
  return (
    <BadJob key={id} job={found.job}>
      <OpenJob job={found.job} at={stage ?? beside ?? "numbers"} />
    </BadJob>
  );
}

function OpenJob({ job, at }: { readonly job: Job; readonly at: Stage | Beside }) {
  const stage = isBeside(at) ? null : at;
  const router = useRouter();
  const workings = useMemo(() => workOut(job), [job]);
  const { outlook } = useOutlook(job, workings);
  const [line, setLine] = useKeptState(`line.${job.id}`, "");
  // A failure is told by the frame around the screen; whoever asked only learns that there is nothing to take back.
  const change = useMemo((): ChangeJob => (edit) => changeJob(job.id, edit).catch(() => null), [job.id]);
  const Screen = isBeside(at) ? BESIDE[at] : SCREENS[at];

  // Written when this window goes there, and not because another window went elsewhere.
  useEffect(() => {
    if (stage) void changeJob(job.id, (now) => (now.stage === stage ? now : { ...now, stage })).catch(() => null);
  }, [job.id, stage]);
  useStageKeys(job.id, stage, router.push);

  return (
    <div>
      <div className={stage === "program" && job.program && !job.program.done ? "sr-only" : ""}>
        <JobHead job={job} workings={workings} />
      </div>
      {job.batch ? <BatchBar job={job} keysUnderWay={stage === "program" && job.program?.done === false} /> : null}
      <StageRail job={job} workings={workings} outlook={outlook} at={at} />
      <StageHeading key={at} name={isBeside(at) ? BESIDE_NAMES[at] : STAGE_NAMES[at]} />
      <Screen job={job} workings={workings} outlook={outlook} change={change} line={line} setLine={setLine} />
    </div>
  );
}

/** Digits go to the stages, except where a line's value is typed: there they are digits. */
function useStageKeys(id: string, stage: Stage | null, go: (href: string) => void): void {
  const keys = Object.fromEntries(
    ["numbers", ...STAGES].map((target, i) => [String(i), () => go(`/job/${id}/${target}`)]),
  );
  useShortcuts(keys, stage !== "as-found");
}

/** Where a stage begins: at the top, with its heading in focus, so that eyes, keys and ears start at the same place. */
function StageHeading({ name }: { readonly name: string }) {
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    window.scrollTo(0, 0);
    heading.current?.focus({ preventScroll: true });
  }, []);
  return (
    <h2 ref={heading} tabIndex={-1} className="no-print mb-3 w-max text-[1.35rem] outline-none max-sm:text-[1.15rem]">
      {name}
    </h2>
  );
}

function JobHead({ job, workings }: { readonly job: Job; readonly workings: Workings }) {
  const { bike, choice } = workings;
  const pack = bike.packV ? `${bike.packV} V${bike.packAh ? ` ${bike.packAh} Ah` : ""}` : null;
  const fault = useMemo(() => sealFault(job), [job]);
  const facts = [bike.frame, bike.motorRatedW ? `${bike.motorRatedW} W` : null, pack, job.profile?.name];
  return (
    <div className="no-print mb-2">
      <div className="flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
        <div className="flex min-w-0 flex-wrap items-baseline gap-x-4">
          <h1 className="min-w-0 text-[2.1rem] break-words max-sm:text-[1.5rem]">{bike.nickname || say.newBike}</h1>
          <span className="code text-quiet">{ticketNumber(job.number)}</span>
          <span className="min-w-0 text-quiet break-words max-sm:hidden">{facts.filter(Boolean).join(" · ")}</span>
        </div>
        <div className="flex items-center gap-x-4">
          <Link
            href={`/book/bike/${job.bikeId}`}
            prefetch={false}
            className="inline-flex min-h-9 items-center underline underline-offset-4"
          >
            {say.history}
          </Link>
          {choice ? (
            <span className="rounded-full border-2 border-ink px-3.5 py-0.5 font-semibold whitespace-nowrap">
              {choice.rule.badge}
            </span>
          ) : null}
        </div>
      </div>
      {fault ? <BrokenSeal fault={fault} /> : null}
    </div>
  );
}
