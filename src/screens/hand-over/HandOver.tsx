"use client";
import Link from "next/link";
import { useMemo } from "react";
import { handOver, isOffRoad, paperOf, reopen, type Paper } from "@/core/record";
import { Button, buttonClass, Caution, FindingLine, useTell } from "@/ui/primitives";
import { count, STAGE_NAMES } from "@/words";
import { later } from "@/ui/primitives/later";
import { BrokenSeal } from "../job/BrokenSeal";
import { JobField } from "../job/JobField";
import { SaveJob } from "../job/SaveJob";
import type { StageProps } from "../job/stageProps";
import * as say from "@/words/screens/hand-over/handOver";

/** Loaded where there is no display, or something stands against it. */
const NoDisplay = later(() => import("../job/NoDisplay").then((module) => module.NoDisplay));
const NextVisit = later(() => import("../job/NextVisit").then((module) => module.NextVisit));
const MoreLikeThis = later(() => import("../batch/MoreLikeThis").then((module) => module.MoreLikeThis));
const OffRoad = later(() => import("../job/OffRoad").then((module) => module.OffRoad));
const Against = later(() => import("./Against").then((module) => module.Against));

const nowIso = (): string => new Date().toISOString();

/** Hand over: the three cards, ready for print, and the file to keep. */
export function HandOver(props: StageProps) {
  const { job } = props;
  const paper = useMemo(() => paperOf(job), [job]);
  if (!paper) return <NoDisplay job={job} />;
  return (
    <div>
      <section aria-label={say.handOver} className="no-print mb-8 grid gap-6 lg:grid-cols-[minmax(0,1fr)_340px]">
        <Standing {...props} />
        <Deeds {...props} paper={paper} />
      </section>
      <Link href="/" className={`${buttonClass("quiet")} no-print mt-6`}>
        {say.backToTheRack}
      </Link>
    </div>
  );
}

/** Whether the bike can leave, and what is still open. */
function Standing({ job, workings, change }: StageProps) {
  const open = workings.stages.filter(({ stage, done }) => !done && stage !== "hand-over" && stage !== "plan");
  return (
    <div className="flex min-w-0 flex-col gap-3">
      {isOffRoad(job) ? <OffRoad job={job} change={change} /> : null}
      {job.handedOverAt ? (
        <p className="text-[1.3rem] font-semibold">{say.handedOver(job.handedOverAt)}</p>
      ) : open.length > 0 ? (
        <>
          <h3 className="text-[1.5rem]">{say.notReadyToLeave}</h3>
          <ul className="flex flex-col gap-1">
            {open.map(({ stage }) => (
              <li key={stage}>
                <FindingLine severity="unknown">
                  <Link href={`/job/${job.id}/${stage}`} className="font-semibold underline underline-offset-4">
                    {STAGE_NAMES[stage]}
                  </Link>{" "}
                  {say.isNotFinished}
                </FindingLine>
              </li>
            ))}
          </ul>
          <p className="text-quiet">{say.theCardsBelowCan}</p>
        </>
      ) : workings.against.length === 0 ? (
        <h3 className="text-[1.5rem]">{say.provenReadyToLeave}</h3>
      ) : null}
      {job.handedOverAt || !job.program?.done || workings.against.length === 0 ? null : (
        <Against job={job} workings={workings} />
      )}
      {job.handedOverAt ? null : (
        <JobField job={job} place={{ in: "intake", name: "checkedBy" }} label={say.checkedBy} hint={say.initials} />
      )}
      {job.handedOverAt ? null : (
        <JobField
          job={job}
          place={{ in: "hand-over-note" }}
          label={say.wordToTheOwner}
          long
          hint={say.printedOnTheOwners}
        />
      )}
      <Caution>{say.aCopyOfThe}</Caution>
    </div>
  );
}

function Deeds({ job, workings, change, paper }: StageProps & { readonly paper: Paper }) {
  const tell = useTell();
  const ready =
    workings.stages.every(({ stage, done }) => done || stage === "hand-over" || stage === "plan") &&
    (workings.against.length === 0 || workings.leavesThough !== null);
  const give = async () => {
    const deed = await change((now) => handOver(now, nowIso()));
    if (!deed) return;
    tell(say.handOverHandedOver, () => void deed.undo("handed over"));
    // Where the shop has chosen a folder for it, everything is backed up there now.
    void import("../backup/afterHandOver").then(({ backedUp }) => backedUp(tell));
  };
  return (
    <div className="flex flex-col gap-3">
      {job.handedOverAt ? (
        <>
          <NextVisit last={job} />
          <MoreLikeThis job={job} />
          <Button onClick={() => void change((now) => reopen(now, nowIso()))}>{say.openAgain}</Button>
        </>
      ) : (
        <Button weight="main" big onClick={() => void give()} disabled={!ready}>
          {say.handItOver}
        </Button>
      )}
      <Link href={`/job/${job.id}/papers`} className={buttonClass()}>
        {say.thePapers}
      </Link>
      <SaveJob job={job} />
      <p className="text-[0.9rem] text-quiet">
        {count(job.sheets.length, say.sealedSheet)}.{" "}
        {paper.fault ? "" : job.sheets.length === 0 ? say.sheetsAreSealedWhen : say.everySealHolds}
      </p>
      {paper.fault ? <BrokenSeal fault={paper.fault} /> : null}
      {job.handedOverAt ? <p className="text-[0.9rem] text-quiet">{say.thePapersTellThe}</p> : null}
    </div>
  );
}
