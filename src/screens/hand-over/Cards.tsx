import type { ReactNode } from "react";
import type { Paper } from "@/core/record";
import { BrokenSeal } from "../job/BrokenSeal";
import { ENGLISH } from "@/words/ownersCard/english";
import type { OwnersWords } from "@/words/ownersCard/ownersWords";

export const CARD = "print-page rounded-xl bg-sheet p-6 max-sm:p-4 print:rounded-none print:p-0";

interface CardProps {
  readonly title: string;
  readonly paper: Paper;
  /** Its words, where the card is in another language. */
  readonly words?: Pick<OwnersWords, "stamps" | "newBike" | "noClass">;
  readonly language?: string;
  /** Whether the class may stand on it. */
  readonly namesClass?: boolean;
  readonly children: ReactNode;
}

/** One paper: whose it is, how far it can be trusted, and what is wrong with the record where something is. */
export function Card({ title, paper, words = ENGLISH, language, namesClass = true, children }: CardProps) {
  const { job, workings, standing, fault } = paper;
  const stamp = words.stamps[standing];
  return (
    <article className={CARD} aria-label={title} lang={language}>
      <header className="mb-3 flex flex-wrap items-baseline justify-between gap-x-6 border-b-2 border-ink pb-2">
        <h3 className="text-[1.5rem]">{title}</h3>
        <p className="min-w-0 break-words">
          <strong>{workings.bike.nickname || words.newBike}</strong>{" "}
          <span className="code">{String(job.number).padStart(4, "0")}</span>
          {[workings.bike.frame, job.profile?.name, (namesClass && workings.choice?.rule.badge) || words.noClass]
            .filter(Boolean)
            .map((part) => ` · ${part}`)}
        </p>
      </header>
      {stamp ? (
        <p className="mb-3 inline-block rounded-md border-2 border-ink px-3 py-1 text-[1.1rem] font-bold uppercase">
          {stamp}
        </p>
      ) : null}
      {fault ? (
        <div className="mb-3">
          <BrokenSeal fault={fault} />
        </div>
      ) : null}
      {children}
    </article>
  );
}
