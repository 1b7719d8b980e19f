import Link from "next/link";
import { useEffect, useRef } from "react";
import type { Job, ProgramOutlook, Stage, Workings } from "@/core/record";
import { SignShape } from "@/ui/primitives";
import { BESIDE_NAMES, STAGE_CAPTIONS, STAGE_NAMES, type Beside } from "@/words";
import * as say from "@/words/screens/job/stageRail";

interface RailProps {
  readonly job: Job;
  readonly workings: Workings;
  readonly outlook: ProgramOutlook | null;
  readonly at: Stage | Beside;
}

const BESIDES: readonly Beside[] = ["numbers", "papers"];

/** The stages of a job in working order, how far each has come, with numbers and papers beside them. */
export function StageRail(props: RailProps) {
  const { job, workings, at } = props;
  const rail = useRef<HTMLElement>(null);
  // On a phone the rail is wider than the screen: the stage one is at stands in it.
  useEffect(() => {
    const here = rail.current?.querySelector("[aria-current]");
    if (rail.current && here)
      rail.current.scrollLeft += here.getBoundingClientRect().left - rail.current.getBoundingClientRect().left - 32;
  }, [at]);
  return (
    <nav
      ref={rail}
      aria-label={say.stagesOfTheJob}
      className="no-print mb-4 flex border-b-4 border-rule max-md:overflow-x-auto"
    >
      <ol className="relative -mb-1 flex gap-2 md:overflow-x-auto" tabIndex={-1}>
        {workings.stages.map(({ stage: target, done }) => {
          const here = target === at;
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
      {BESIDES.map((place, i) => (
        <Link
          key={place}
          href={`/job/${job.id}/${place}`}
          aria-current={place === at ? "page" : undefined}
          className={`-mb-1 block shrink-0 border-b-4 pb-2 pl-5 ${i === 0 ? "ml-auto" : ""} ${place === at ? "border-action" : "border-transparent"}`}
        >
          <span
            className={`block border-l border-rule pl-5 ${place === at ? "font-bold" : "text-quiet hover:text-ink"}`}
          >
            {BESIDE_NAMES[place]}
          </span>
          <span className="block border-l border-rule pl-5 text-[0.82rem] whitespace-nowrap text-quiet">
            {say.beside[place]}
          </span>
        </Link>
      ))}
    </nav>
  );
}
