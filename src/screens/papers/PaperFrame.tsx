import type { ReactNode } from "react";
import type { Paper } from "@/core/record";
import { BrokenSeal } from "../job/BrokenSeal";
import { ENGLISH } from "@/words/papers/english";
import type { PaperWords } from "@/words/papers/paperWords";
import { ticketNumber } from "@/core/units/ticketNumber";

interface PaperFrameProps {
  readonly title: string;
  readonly paper: Paper;
  /** Its words, where the paper is in another language. */
  readonly words?: Pick<PaperWords, "stamps" | "newBike" | "noClass" | "unchecked" | "language" | "notForRoads">;
  /** Whether the class may stand on it. */
  readonly namesClass?: boolean;
  readonly children: ReactNode;
}

/** One paper: whose it is, how far it can be trusted, and what is wrong with the record where something is. */
export function PaperFrame({ title, paper, words = ENGLISH, namesClass = true, children }: PaperFrameProps) {
  const { job, workings, standing, fault } = paper;
  const { rule } = workings.choice ?? {};
  const stamp = words.stamps[standing];
  return (
    <article className="paper" aria-label={title} lang={words.language}>
      <header className="mb-2 flex flex-wrap items-baseline justify-between gap-x-6 border-b-2 border-ink pb-1.5">
        <h3 className="text-[1.4rem]">{title}</h3>
        <p className="min-w-0 break-words">
          <strong>{workings.bike.nickname || words.newBike}</strong>{" "}
          <span className="code">{ticketNumber(job.number)}</span>
          {[workings.bike.frame, job.profile?.name, (namesClass && rule?.badge) || words.noClass]
            .filter(Boolean)
            .map((part) => ` · ${part}`)}
        </p>
      </header>
      <div className="flex flex-wrap gap-x-3">
        {[stamp, rule?.publicRoad === false ? words.notForRoads : null].map((text) =>
          text ? (
            <p
              key={text}
              className="mb-2 rounded-md border-2 border-ink px-3 py-0.5 text-[1.05rem] font-bold uppercase"
            >
              {text}
            </p>
          ) : null,
        )}
      </div>
      {words.unchecked ? <p className="mb-1 text-[0.9rem] text-quiet">{words.unchecked}</p> : null}
      {fault ? (
        <div className="mb-2">
          <BrokenSeal fault={fault} />
        </div>
      ) : null}
      {children}
    </article>
  );
}
