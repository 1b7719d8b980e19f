"use client";
import Link from "next/link";
import { useEffect, useRef } from "react";
import { FAULTS } from "@/catalog/faults";
import { expectedReading, type FaultAnswer, type FaultCheck, type CaseStanding, type NextCheck } from "@/core/faults";
import { rowsOfCause, type FaultBike } from "@/core/record/faultPath";
import type { Job } from "@/core/record";
import { Button, buttonClass, Caution, FindingLine } from "@/ui/primitives";
import { causeMend, causeName } from "@/words/faults/causes";
import { checkWords } from "@/words/faults/checks";
import * as say from "@/words/screens/faults/casePanel";
import { ForTheOwner } from "./ForTheOwner";

interface PanelProps {
  readonly standing: CaseStanding;
  readonly job: Job | null;
  readonly about: FaultBike | null;
  readonly onAnswer: (answer: FaultAnswer) => void;
}

/** The one thing to be done now: a check, a mend, or nothing more on this bike. */
export function CasePanel(props: PanelProps) {
  const { standing, about, job } = props;
  const heading = useRef<HTMLHeadingElement>(null);
  // After an answer the next thing is where one looks, and where the keyboard is.
  useEffect(() => heading.current?.focus({ preventScroll: true }), []);
  return (
    <section aria-live="polite" className="rounded-xl bg-sheet p-6 max-sm:p-4">
      <h2 ref={heading} tabIndex={-1} className="text-[1.7rem] outline-none max-sm:text-[1.4rem]">
        {titleOf(standing)}
      </h2>
      {standing.kind === "next" ? <Next {...props} {...standing} /> : null}
      {standing.kind === "named" ? (
        <Named {...props} cause={standing.cause} probability={standing.probability} />
      ) : null}
      {standing.kind === "stop" ? <FindingLine severity="breach">{causeMend(standing.cause)}</FindingLine> : null}
      {standing.kind === "mended" ? (
        <p className="mt-2">
          {say.mendedCounts}{" "}
          {job ? (
            <Link href={`/job/${job.id}/prove`} className="underline">
              {say.proveAnew}
            </Link>
          ) : null}
        </p>
      ) : null}
      {standing.kind === "tied" || standing.kind === "unknown" ? (
        <Open wouldTell={standing.wouldTell} job={job} about={about} />
      ) : null}
    </section>
  );
}

function titleOf(standing: CaseStanding): string {
  switch (standing.kind) {
    case "next":
      return checkWords(standing.next.check.id).title;
    case "named":
      return say.itIs(causeName(standing.cause));
    case "stop":
      return say.outOfUse(causeName(standing.cause));
    case "mended":
      return say.wasMended(causeName(standing.cause));
    case "tied":
      return say.cannotTellApart(standing.causes.map(causeName));
    case "unknown":
      return say.noneOfThose;
  }
}

/** A check: how it is done, what is right, why this one. */
function Next({
  next,
  others,
  job,
  about,
  onAnswer,
}: PanelProps & { readonly next: NextCheck; readonly others: readonly NextCheck[] }) {
  const { check } = next;
  const words = checkWords(check.id);
  const answer = (shows: "fault" | "nothing" | "cannot") => onAnswer({ kind: "check", check: check.id, shows });
  return (
    <>
      <p className="mt-2 text-[1.15rem]">{words.how}</p>
      <LineRows check={check} about={about} />
      <Meter check={check} about={about} />
      <p className="mt-2 text-quiet">{say.asItShouldBe(words.right)}</p>
      {check.kind === "meter" || check.kind === "try" ? (
        <div className="mt-3">
          <Caution>{say.wheelClear}</Caution>
        </div>
      ) : null}
      <div className="mt-5 flex flex-wrap gap-3">
        <Button onClick={() => answer("nothing")}>{say.isAsItShould}</Button>
        <Button onClick={() => answer("fault")}>{say.somethingIsWrong}</Button>
        <Button weight="quiet" onClick={() => answer("cannot")}>
          {say.cannotDoIt}
        </Button>
      </div>
      <p className="mt-4 text-[0.95rem] text-quiet">{say.whyThis(next.probability, check.minutes)}</p>
      {others.length > 0 ? (
        <details className="mt-3">
          <summary className="min-h-11 py-2 underline sm:min-h-0">{say.otherChecks}</summary>
          <ul className="mt-1 text-quiet">
            {others.slice(0, 6).map((other) => (
              <li key={other.check.id}>
                {say.otherCheck(checkWords(other.check.id).title, other.probability, other.check.minutes)}
              </li>
            ))}
          </ul>
        </details>
      ) : null}
      {job ? rowsOfCheck(check, about).map((row) => <ForTheOwner key={row.code} job={job} row={row} />) : null}
    </>
  );
}

/** Rows of the sheet a check reads; none for one that reads no line. */
const rowsOfCheck = (check: FaultCheck, about: FaultBike | null) =>
  check.kind === "line" ? Object.keys(check.tells).flatMap((cause) => rowsOfCause(FAULTS, about, cause)) : [];

/** What the sheet says of the lines a check reads. */
function LineRows({ check, about }: Pick<PanelProps, "about"> & { readonly check: FaultCheck }) {
  const rows = rowsOfCheck(check, about);
  return rows.length > 0 ? (
    <ul className="mt-2">
      {rows.map((row) => (
        <li key={row.code} className="text-[1.15rem]">
          {say.lineHolds(row.code, row.inForce?.shows ?? null, row.target?.shows ?? null)}
        </li>
      ))}
    </ul>
  ) : null;
}

/** Where the meter goes, and what it must read on this bike. */
function Meter({ check, about }: { readonly check: FaultCheck; readonly about: FaultBike | null }) {
  if (check.reading === null) return null;
  const expected = expectedReading(check.reading, about?.bike ?? null);
  return (
    <p className="mt-2 text-[1.15rem] font-semibold">
      {expected ? say.meterReads(expected.lowV, expected.highV, expected.isGuessed) : say.packNotKnown}
    </p>
  );
}

/** A cause, what mends it, and whether the complaint went with it. */
function Named({
  cause,
  probability,
  job,
  about,
  onAnswer,
}: PanelProps & { readonly cause: string; readonly probability: number }) {
  const rows = rowsOfCause(FAULTS, about, cause);
  return (
    <>
      <p className="mt-2 text-[1.15rem]">{causeMend(cause)}</p>
      <p className="mt-1 text-quiet">{say.howSure(probability)}</p>
      {rows.map((row) => (
        <p key={row.code} className="mt-2">
          {say.lineHolds(row.code, row.inForce?.shows ?? null, row.target?.shows ?? null)}
        </p>
      ))}
      {job && rows.length > 0 ? (
        <Link href={`/job/${job.id}/plan`} className={`${buttonClass("plain")} mt-3`}>
          {say.toThePlan}
        </Link>
      ) : null}
      <h3 className="mt-5 text-[1.2rem]">{say.isItGone}</h3>
      <div className="mt-2 flex flex-wrap gap-3">
        <Button weight="main" onClick={() => onAnswer({ kind: "mended", cause, gone: true })}>
          {say.gone}
        </Button>
        <Button onClick={() => onAnswer({ kind: "mended", cause, gone: false })}>{say.stillThere}</Button>
      </div>
    </>
  );
}

/** Nothing at hand tells more: what would, and the way back where there is one. */
function Open({
  wouldTell,
  job,
  about,
}: Pick<PanelProps, "job" | "about"> & { readonly wouldTell: readonly FaultCheck[] }) {
  return (
    <>
      {wouldTell.length > 0 ? (
        <>
          <p className="mt-2">{say.wouldTell}</p>
          <ul className="mt-1">
            {wouldTell.slice(0, 5).map((check) => (
              <li key={check.id}>{say.needs(checkWords(check.id).title, check.tools, check.spare)}</li>
            ))}
          </ul>
        </>
      ) : null}
      <p className="mt-4">
        {about?.hasBaseline && job ? (
          <>
            {say.compareFirst}{" "}
            <Link href={`/job/${job.id}/hand-over`} className="underline">
              {say.wayBack}
            </Link>
          </>
        ) : (
          say.noWayBack
        )}
      </p>
    </>
  );
}
