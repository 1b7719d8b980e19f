"use client";
import Link from "next/link";
import { standsOut, STAGE_OF, type BatchBike, type BatchStep } from "@/core/batch";
import { leaveBatch } from "@/store/batches";
import { Button, RuledTable, SignShape, useTell } from "@/ui/primitives";
import { STEP_NAMES } from "@/words/batches";
import * as say from "@/words/screens/batch/bikeTable";
import { ticketNumber } from "@/core/units/ticketNumber";

/** Every bike of the batch: what is next with it, what was read back, and whether anything stands out. */
export function BikeTable({ bikes }: { readonly bikes: readonly BatchBike[] }) {
  return (
    <RuledTable label={say.bikes} headings={[...say.headings, { hidden: say.deeds }]} widthClass="min-w-[680px]">
      {bikes.map((bike) => (
        <Row key={bike.job.id} bike={bike} />
      ))}
    </RuledTable>
  );
}

/** Before these are done nobody can say what its plan comes to. */
export const UNREAD: ReadonlySet<BatchStep> = new Set(["facts", "as-found"]);

function Row({ bike: { job, step, read, checksLeft, exceptions } }: { readonly bike: BatchBike }) {
  const tell = useTell();
  const name = job.intake.nickname || say.newBike;
  const programmed = job.program?.done ?? false;
  const odd = exceptions.filter(standsOut).length;
  const takeOut = async () => {
    const { undo } = await leaveBatch(job.id);
    tell(say.takenOut(name), () => void undo(say.wasTakenOut));
  };
  return (
    <tr className="h-12 border-b border-rule [&>td]:py-1.5 [&>td]:pr-3">
      <th scope="row" className="max-w-[22rem] py-1.5 pr-3 text-left font-normal">
        <Link href={`/job/${job.id}/${STAGE_OF[step]}`} prefetch={false} className="underline underline-offset-4">
          <span className="code mr-2 text-quiet">{ticketNumber(job.number)}</span>
          <strong className="break-words">{name}</strong>
        </Link>
      </th>
      <td>
        <span className="inline-flex items-baseline gap-1.5">
          {step === "gone" ? <SignShape sign="done" size={11} /> : null}
          {STEP_NAMES[step]}
        </span>
      </td>
      <td>{programmed && read.of > 0 ? say.readOf(read.asPlanned, read.of) : say.notYet}</td>
      <td>{programmed ? say.left(checksLeft) : say.notYet}</td>
      <td>
        {odd === 0 ? (
          <span className="text-quiet">{UNREAD.has(step) ? say.notReadYet : say.nothing}</span>
        ) : (
          <span className="inline-flex items-baseline gap-1.5 font-bold">
            <SignShape sign="odd" size={11} />
            {say.things(odd)}
          </span>
        )}
      </td>
      <td className="text-right">
        {job.program === null && step !== "gone" ? (
          <Button weight="quiet" aria-label={say.takeOutOf(name)} onClick={() => void takeOut()}>
            {say.takeOut}
          </Button>
        ) : null}
      </td>
    </tr>
  );
}
