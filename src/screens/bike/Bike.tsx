"use client";
import { useLiveQuery } from "dexie-react-hooks";
import Link from "next/link";
import { driftedCodes } from "@/core/book/drift";
import type { Job } from "@/core/record";
import { visitsOf } from "@/store/book";
import { buttonClass, FindingLine } from "@/ui/primitives";
import * as say from "@/words/screens/bike/bike";
import { MoreLikeThis } from "../batch/MoreLikeThis";
import { NextVisit } from "../job/NextVisit";
import { Twins } from "./Twins";
import { VisitTable } from "./VisitTable";

/** One bike: every visit of it, what each found and left, and the next one begun from the last. */
export function Bike({ id }: { readonly id: string }) {
  const visits = useLiveQuery(() => visitsOf(id), [id]);
  if (!visits) return null;
  const last = visits.findLast(({ twinOf }) => twinOf === null) ?? visits.at(-1);
  if (!last)
    return (
      <div className="rounded-xl bg-sheet p-6">
        <h1 className="mb-3 text-[1.6rem]">{say.noSuchBike}</h1>
        <Link href="/book" className={buttonClass("main")}>
          {say.toTheBook}
        </Link>
      </div>
    );
  // A record told apart from another is the same visit until it is settled.
  const apart = visits.filter(({ twinOf }) => visits.some(({ id: other }) => other === twinOf));
  const own = visits.filter((visit) => !apart.includes(visit));
  const drift = driftedCodes(last)?.length ?? 0;
  return (
    <div>
      <p className="text-[0.92rem]">
        <Link href="/book" className="underline underline-offset-4">
          {say.backToTheBook}
        </Link>
      </p>
      <div className="mb-4 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div className="flex min-w-0 flex-wrap items-baseline gap-x-4">
          <h1 className="min-w-0 text-[2.1rem] break-words max-sm:text-[1.7rem]">
            {last.intake.nickname || say.newBike}
          </h1>
          <p className="text-quiet">{[last.intake.frame, say.visits(own.length)].filter(Boolean).join(" · ")}</p>
        </div>
        <WhatNext last={last} />
      </div>
      {apart.map((twin) => {
        const job = visits.find((each) => each.id === twin.twinOf);
        return job ? <Twins key={twin.id} job={job} twin={twin} /> : null;
      })}
      {drift > 0 ? (
        <div className="mb-5 max-w-[70ch]">
          <FindingLine severity="caution">
            <strong>{say.driftSince(drift)}</strong> {say.bywhom}
          </FindingLine>
        </div>
      ) : null}
      <h2 className="mb-2 text-[1.35rem]">{say.history}</h2>
      <VisitTable visits={own} />
    </div>
  );
}

/** The next visit begun from the last, or the way to the one that is open. */
const WhatNext = ({ last }: { readonly last: Job }) =>
  last.handedOverAt === null ? (
    <div className="flex flex-col gap-1">
      <Link href={`/job/${last.id}/${last.stage}`} className={buttonClass("main")}>
        {say.goOnWithIt}
      </Link>
      <p className="text-[0.85rem] text-quiet">{say.onTheStandNow}</p>
    </div>
  ) : (
    <div className="flex flex-wrap items-start gap-3">
      <MoreLikeThis job={last} />
      <NextVisit last={last} weight="main" />
    </div>
  );
