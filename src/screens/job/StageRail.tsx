import Link from "next/link";
import { useEffect, useRef } from "react";
import type { Job, ProgramOutlook, Stage, Workings } from "@/core/record";
import { SignShape } from "@/ui/primitives";
import { STAGE_CAPTIONS, STAGE_NAMES } from "@/words";
import * as say from "@/words/screens/job/stageRail";

interface RailProps {
  readonly job: Job;
  readonly workings: Workings;
  readonly outlook: ProgramOutlook | null;
  readonly stage: Stage | null;
}

/** The stages of a job in working order, how far each has come, and the numbers beside them. */
export function StageRail(props: RailProps) {
  const { job, workings, stage } = props;
  const rail = useRef<HTMLElement>(null);
  // On a phone the rail is wider than the screen: the stage one is at stands in it.
  useEffect(() => {
    const here = rail.current?.querySelector("[aria-current]");
    if (rail.current && here)
      rail.current.scrollLeft += here.getBoundingClientRect().left - rail.current.getBoundingClientRect().left - 32;
  }, [stage]);
  return (
    <nav
      ref={rail}
      aria-label={say.stagesOfTheJob}
      className="no-print mb-4 flex border-b-4 border-rule max-md:overflow-x-auto"
    >
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
                  {done ? <span className="sr-only">{say.done}</span> : null}
                </span>
                <span className="block text-[0.82rem] whitespace-nowrap text-quiet">
                  {STAGE_CAPTIONS[target](props)}
                </span>
              </Link>
            </li>
          );
        })}
      </ol>
      <Link
        href={`/job/${job.id}/numbers`}
        aria-current={stage === null ? "page" : undefined}
        className={`-mb-1 ml-auto block shrink-0 border-b-4 pb-2 pl-5 ${stage === null ? "border-action" : "border-transparent"}`}
      >
        <span
          className={`block border-l border-rule pl-5 ${stage === null ? "font-bold" : "text-quiet hover:text-ink"}`}
        >
          {say.numbers}
        </span>
        <span className="block border-l border-rule pl-5 text-[0.82rem] whitespace-nowrap text-quiet">
          {say.wheelToRange}
        </span>
      </Link>
    </nav>
  );
}
