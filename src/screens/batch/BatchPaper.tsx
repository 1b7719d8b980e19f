"use client";
import Link from "next/link";
import { useMemo } from "react";
import { batchPaper, standsOut, type BatchPaper as Paper } from "@/core/batch";
import { csvOf } from "@/core/book/csv";
import type { Batch } from "@/core/record/job";
import { Button, buttonClass, Caution, RuledTable } from "@/ui/primitives";
import { saveText } from "@/ui/primitives/saveText";
import { lineName } from "@/words";
import { SHEET_STANDING } from "@/words/batches";
import { dayAndTime } from "@/words/speak";
import * as say from "@/words/screens/batch/batchPaper";
import * as names from "@/words/screens/batch/bikeTable";
import { exceptionsSaid } from "./exceptionsSaid";
import { useBatch } from "./useBatch";
import { ticketNumber } from "@/core/units/ticketNumber";

const ROW = "border-b border-rule align-top [&>td]:py-1 [&>td]:pr-3 print:[&>td]:py-[0.4mm]";

/** The paper of a whole batch: the sheet, every bike, what stands out, every seal. */
export function BatchPaper({ id }: { readonly id: string }) {
  const bikes = useBatch(id);
  const paper = useMemo(() => (bikes ? batchPaper(bikes.map(({ job }) => job)) : null), [bikes]);
  const batch = bikes?.[0]?.job.batch;
  if (!paper || !batch) return null;
  return (
    <div>
      <div className="no-print mb-5 flex flex-wrap gap-3">
        <Button weight="main" onClick={() => window.print()}>
          {say.print}
        </Button>
        <Button onClick={() => saveText(say.csvName(batch.name), csvOf(...sealsAsCsv(paper)), "text/csv")}>
          {say.saveCsv}
        </Button>
        <Link href={`/book/batch/${id}`} className={buttonClass("quiet")}>
          {say.back}
        </Link>
      </div>
      <article className="paper" aria-label={say.title}>
        <Head batch={batch} paper={paper} />
        <TheSheet paper={paper} />
        <TheBikes paper={paper} />
        <Exceptions paper={paper} />
        <Seals paper={paper} />
        <Caution>{say.caution}</Caution>
      </article>
    </div>
  );
}

/** Every seal in a row of its own. */
function sealsAsCsv({ seals, bikes }: Paper): Parameters<typeof csvOf> {
  const nicknames = new Map(bikes.map(({ job }) => [job.number, job.intake.nickname ?? ""]));
  return [
    say.sealHeads,
    seals.map(({ number, kind, at, hash }) => [
      `${ticketNumber(number)} ${nicknames.get(number) ?? ""}`.trim(),
      say.sealKinds[kind],
      at,
      hash,
    ]),
  ];
}

const Head = ({ batch, paper }: { readonly batch: Batch; readonly paper: Paper }) => (
  <header className="mb-3 border-b-2 border-ink pb-2">
    <div className="flex flex-wrap items-baseline justify-between gap-x-6">
      <h1 className="text-[1.5rem] break-words">
        {say.title}: {batch.name}
      </h1>
      <p>{say.begun(batch.begunAt)}</p>
    </div>
    <p>{say.counts(paper.bikes.length, paper.proven, paper.gone)}</p>
    <p>
      {say.sheetFrom(ticketNumber(batch.from.number), batch.from.nickname)}, {SHEET_STANDING[batch.from.standing]}.
      {batch.from.seal ? <span className="code ml-2 text-[0.8em] break-all">{batch.from.seal}</span> : null}
    </p>
  </header>
);

const TheSheet = ({ paper: { lines } }: { readonly paper: Paper }) => (
  <section className="mb-4">
    <h2 className="mb-1 text-[1.2rem]">{say.theSheet}</h2>
    <RuledTable label={say.theSheet} headings={say.lineHeads}>
      {lines.map(({ line, shows, byHand, otherwise }) => (
        <tr key={line.code} className={ROW}>
          <td>
            <span className="code mr-2 font-bold">{line.code}</span>
            {lineName(line)}
          </td>
          <td className="font-bold">
            {shows}
            {byHand ? <span className="ml-2 font-normal text-quiet">{say.byHand}</span> : null}
          </td>
          <td>{otherwise.map(({ number, shows: read }) => say.otherwise(ticketNumber(number), read)).join(", ")}</td>
        </tr>
      ))}
    </RuledTable>
  </section>
);

const TheBikes = ({ paper: { bikes } }: { readonly paper: Paper }) => (
  <section className="mb-4">
    <h2 className="mb-1 text-[1.2rem]">{say.bikes}</h2>
    <RuledTable label={say.bikes} headings={say.bikeHeads}>
      {bikes.map((bike) => (
        <tr key={bike.job.id} className={ROW}>
          <td>
            <span className="code mr-2">{ticketNumber(bike.job.number)}</span>
            <strong className="break-words">{bike.job.intake.nickname || names.newBike}</strong>
          </td>
          <td>{bike.className ?? say.noClass}</td>
          <td>{say.readOf(bike.read.asPlanned, bike.job.program?.done ? bike.read.of : 0)}</td>
          <td>{bike.job.program?.done ? say.checks(bike.checksLeft) : names.notYet}</td>
          <td>{say.stands(bike)}</td>
        </tr>
      ))}
    </RuledTable>
  </section>
);

function Exceptions({ paper: { bikes } }: { readonly paper: Paper }) {
  const odd = bikes.flatMap((bike) => {
    const said = exceptionsSaid(bike.exceptions.filter(standsOut), bike.job);
    return said.length > 0 ? [{ job: bike.job, said }] : [];
  });
  return (
    <section className="mb-4">
      <h2 className="mb-1 text-[1.2rem]">{say.exceptions}</h2>
      {odd.length === 0 ? <p>{say.noExceptions}</p> : null}
      <ul className="flex flex-col gap-1.5">
        {odd.map(({ job, said }) => (
          <li key={job.id}>
            <span className="code mr-2">{ticketNumber(job.number)}</span>
            <strong className="break-words">{job.intake.nickname || names.newBike}</strong>
            <ul className="ml-6 list-disc">
              {said.map((text) => (
                <li key={text}>{text}</li>
              ))}
            </ul>
          </li>
        ))}
      </ul>
    </section>
  );
}

const Seals = ({ paper: { seals } }: { readonly paper: Paper }) => (
  <section className="mb-4">
    <h2 className="mb-1 text-[1.2rem]">{say.seals}</h2>
    {seals.length === 0 ? (
      <p>{say.noSeals}</p>
    ) : (
      <RuledTable label={say.seals} headings={say.sealHeads}>
        {seals.map(({ number, kind, at, hash }) => (
          <tr key={hash} className={ROW}>
            <td className="code">{ticketNumber(number)}</td>
            <td>{say.sealKinds[kind]}</td>
            <td>{dayAndTime(at)}</td>
            <td className="code text-[0.75em] break-all">{hash}</td>
          </tr>
        ))}
      </RuledTable>
    )}
  </section>
);
