"use client";
import Link from "next/link";
import { useMemo } from "react";
import { odometerKm } from "@/core/book/drift";
import { hasMoved, historyOf, type LineAtVisit, type VisitColumn } from "@/core/book/visits";
import { linesOf } from "@/core/display";
import { sealFault, workOut, type Job } from "@/core/record";
import { Button, RuledTable, SignShape, useKeptState } from "@/ui/primitives";
import { INTAKE_WORDS, lineName } from "@/words";
import * as say from "@/words/screens/bike/visitTable";
import { TakeAlong } from "./TakeAlong";
import { ticketNumber } from "@/core/units/ticketNumber";

/** Lines of the displays of a bike by what they are called; a swapped display names its own. */
function namesOf(visits: readonly Job[]): ReadonlyMap<string, string> {
  return new Map(visits.flatMap(({ profile }) => (profile ? linesOf(profile) : []).map((l) => [l.code, lineName(l)])));
}

/** What each visit found and left, line by line, the newest first; and what it rested on. */
export function VisitTable({ visits: jobs }: { readonly visits: readonly Job[] }) {
  const { visits, codes } = useMemo(() => historyOf(jobs), [jobs]);
  const names = useMemo(() => namesOf(jobs), [jobs]);
  const [which, setWhich] = useKeptState("bike.lines", "moved");
  const moved = codes.filter((code) => hasMoved(code, visits));
  const shown = which === "all" ? codes : moved;
  return (
    <>
      <RuledTable
        label={say.table}
        headings={[say.line, ...visits.map(({ job }) => say.visit(ticketNumber(job.number), job.createdAt))]}
        widthClass="min-w-[640px]"
      >
        <Facts visits={visits} />
        {shown.map((code) => (
          <tr key={code} className="border-b border-rule">
            <th scope="row" className="py-1.5 pr-3 text-left font-normal">
              <span className="code mr-1 font-bold">{code}</span> <span className="text-quiet">{names.get(code)}</span>
            </th>
            {visits.map(({ job, lines }) => (
              <td key={job.id} className="py-1.5 pr-3">
                <Line at={lines.get(code)} />
              </td>
            ))}
          </tr>
        ))}
      </RuledTable>
      {shown.length === 0 ? <p className="mt-2 text-quiet">{say.noneMoved}</p> : null}
      <Button weight="quiet" className="mt-2" onClick={() => setWhich(which === "all" ? "moved" : "all")}>
        {which === "all" ? say.onlyChanged : say.showAll(codes.length)}
      </Button>
    </>
  );
}

/** One line at one visit: as found, and as left where that is another value. */
function Line({ at }: { readonly at: LineAtVisit | undefined }) {
  if (!at) return null;
  const { found, left, drifted } = at;
  const same = left === null || left === found;
  return (
    <span className={`inline-flex items-center gap-1.5 ${drifted ? "font-bold" : ""}`}>
      {drifted ? (
        <>
          <SignShape sign="odd" size={11} />
          <span className="sr-only">{say.drifted}</span>
        </>
      ) : null}
      {same ? (found ?? say.unknown) : say.foundAndLeft(found ?? say.unknown, left)}
    </span>
  );
}

interface FactRow {
  readonly name: string;
  readonly said: (visit: VisitColumn) => React.ReactNode;
}

const FACTS: readonly FactRow[] = [
  {
    name: say.why,
    said: ({ job }) => (
      <Link href={`/job/${job.id}/${job.stage}`} className="underline underline-offset-4">
        {INTAKE_WORDS.visit.options?.[job.intake.visit ?? ""] ?? job.intake.visit}
        {", "}
        {job.handedOverAt === null ? say.stillOpen : say.handedOver(job.handedOverAt)}
      </Link>
    ),
  },
  {
    name: say.display,
    said: ({ job }) => (job.profile ? `${job.profile.name}, ${job.profile.variant}` : say.noDisplay),
  },
  {
    name: say.odometer,
    said: ({ job, riddenKm }) => (
      <>
        {say.odometerSaid(job.intake.odometerKm ?? "", odometerKm(job.intake.odometerKm ?? ""))}
        {riddenKm === null ? null : <span className="block text-[0.85rem] text-quiet">{say.ridden(riddenKm)}</span>}
      </>
    ),
  },
  {
    name: say.parts,
    said: ({ changedFacts, isFirst }) =>
      isFirst
        ? say.firstVisit
        : changedFacts.length === 0
          ? say.noOthers
          : changedFacts.map((change) => (
              <span key={change.key} className="block">
                {say.otherPart(change)}
              </span>
            )),
  },
  {
    name: say.proofs,
    said: ({ job }) => {
      const { checks } = workOut(job);
      const count = (verdict: string) => checks.filter((check) => check.verdict === verdict).length;
      return say.proofsSaid(count("passed"), count("failed"));
    },
  },
  { name: say.takeAlong, said: ({ job }) => <TakeAlong job={job} /> },
  { name: say.seals, said: ({ job }) => say.sealsSaid(job.sheets.length, sealFault(job) === null) },
];

const Facts = ({ visits }: { readonly visits: readonly VisitColumn[] }) => (
  <>
    {FACTS.map(({ name, said }) => (
      <tr key={name} className="border-b border-rule align-top">
        <th scope="row" className="py-1.5 pr-3 text-left font-semibold">
          {name}
        </th>
        {visits.map((visit) => (
          <td key={visit.job.id} className="py-1.5 pr-3 break-words">
            {said(visit)}
          </td>
        ))}
      </tr>
    ))}
  </>
);
