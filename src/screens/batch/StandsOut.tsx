"use client";
import { useMemo } from "react";
import { asOnThePattern, asTheSheet, shared, type BatchBike, type Exception, type Shared } from "@/core/batch";
import { changeBikes } from "@/store/batches";
import { Button, FindingLine, useTell } from "@/ui/primitives";
import { INTAKE_WORDS } from "@/words";
import * as names from "@/words/screens/batch/bikeTable";
import * as say from "@/words/screens/batch/standsOut";
import { UNREAD } from "./BikeTable";
import { exceptionsSaid } from "./exceptionsSaid";
import { ticketNumber } from "@/core/units/ticketNumber";

/** How grave each kind of exception is. */
const SEVERITY = {
  seal: "breach",
  finding: "breach",
  "read-back": "breach",
  display: "caution",
  class: "caution",
  fact: "caution",
  "fact-missing": "unknown",
  line: "caution",
  measured: "note",
} as const satisfies Record<Exception["kind"], string>;

/** Bikes named beside an exception before the rest is only counted. */
const MOST_NAMED = 6;

/** What stands out on the bikes of a batch: the same thing on several is told once, and settled for all. */
export function StandsOut({ bikes }: { readonly bikes: readonly BatchBike[] }) {
  const { standOut, told } = useMemo(
    () => shared(bikes.map(({ job, exceptions }) => ({ id: job.id, exceptions }))),
    [bikes],
  );
  return (
    <section aria-labelledby="stands-out" className="mt-8">
      <h2 id="stands-out" className="mb-2 text-[1.35rem]">
        {say.standsOut}
      </h2>
      {standOut.length === 0 ? (
        <p className="text-quiet">{bikes.some(({ step }) => UNREAD.has(step)) ? say.notAllRead : say.nothing}</p>
      ) : (
        <Groups groups={standOut} bikes={bikes} />
      )}
      {told.length > 0 ? (
        <>
          <h3 className="mt-5 mb-2 text-[1.1rem]">{say.restsOn}</h3>
          <Groups groups={told} bikes={bikes} />
        </>
      ) : null}
    </section>
  );
}

const Groups = ({ groups, bikes }: { readonly groups: readonly Shared[]; readonly bikes: readonly BatchBike[] }) => (
  <ul className="flex max-w-[78ch] flex-col gap-4">
    {groups.map((group) => (
      <Group
        key={`${group.exception.kind} ${group.bikes.join(" ")} ${JSON.stringify(group.exception)}`}
        group={group}
        bikes={bikes}
      />
    ))}
  </ul>
);

function Group({ group, bikes }: { readonly group: Shared; readonly bikes: readonly BatchBike[] }) {
  const { exception, bikes: ids } = group;
  const on = bikes.filter(({ job }) => ids.includes(job.id));
  const [first] = on;
  if (!first) return null;
  const called = on.map(({ job }) => job.intake.nickname || names.newBike);
  const severity = exception.kind === "finding" ? exception.finding.severity : SEVERITY[exception.kind];
  return (
    <li data-exception={exception.kind}>
      <FindingLine severity={severity}>{exceptionsSaid([exception], first.job)}</FindingLine>
      <div className="mt-1 ml-7 flex flex-wrap items-center gap-x-4 gap-y-1">
        <span className="min-w-0 text-[0.92rem] break-words text-quiet">
          {on.length === bikes.length
            ? say.onAll(on.length)
            : say.on(called.slice(0, MOST_NAMED), called.length - MOST_NAMED)}
        </span>
        <Deed exception={exception} on={on} />
      </div>
    </li>
  );
}

/** What can be done about it on all the bikes it is on. */
function Deed({ exception, on }: { readonly exception: Exception; readonly on: readonly BatchBike[] }) {
  const tell = useTell();
  const ids = on.map(({ job }) => job.id);
  if (exception.kind === "line" && exception.set === "free") {
    const { code, raw } = exception;
    const number = ticketNumber(on[0]?.job.batch?.from.number ?? 0);
    const set = async () => {
      const { changed, undo } = await changeBikes(ids, (job, at) => asTheSheet(job, code, raw, at, say.why(number)));
      tell(say.setOn(code, changed), () => void undo(say.wasSet));
    };
    return (
      <>
        <Button onClick={() => void set()}>{say.asTheSheet(on.length)}</Button>
        <span className="text-[0.85rem] text-quiet">{say.ownStays}</span>
      </>
    );
  }
  if (exception.kind === "line") return <span className="text-[0.85rem] text-quiet">{say.notSet[exception.set]}</span>;
  if (exception.kind === "fact-missing") {
    const { key, there } = exception;
    const take = async () => {
      const { changed, undo } = await changeBikes(ids, (job) => asOnThePattern(job, key, there));
      tell(say.saidOn(INTAKE_WORDS[key].label, changed), () => void undo(say.wasSaid));
    };
    return <Button onClick={() => void take()}>{say.sameAsThere(on.length)}</Button>;
  }
  return null;
}
