"use client";
import Link from "next/link";
import { brokenAt, handOver, wayBack, withEvent, writeJobFile } from "@/core/record";
import { noteExport } from "@/store";
import { Button, buttonClass, Caution, FindingLine, KeptField, useTell } from "@/ui/primitives";
import { saveText } from "@/ui/primitives/saveText";
import { count, dayAndTime } from "@/ui/wording";
import { NoDisplay } from "../job/NoDisplay";
import type { StageProps } from "../job/JobScreen";
import { OwnersCard, WayBackCard, WorkshopSheet } from "./Cards";

const nowIso = (): string => new Date().toISOString();

/** Hand over: the three cards, ready for print, and the file to keep. */
export function HandOver(props: StageProps) {
  const { job, workings, change } = props;
  const tell = useTell();
  if (!job.profile || !workings.sheet) return <NoDisplay job={job} />;
  const open = workings.stages.filter(({ stage, done }) => !done && stage !== "hand-over" && stage !== "plan");
  const back = wayBack(job, workings);
  const broken = brokenAt(job.sheets);

  const exportJob = async () => {
    saveText(
      `odd-spoke-${String(job.number).padStart(4, "0")}-${(job.intake.nickname || "bike").toLowerCase().replace(/[^a-z0-9]+/g, "-")}.json`,
      writeJobFile(job),
      "application/json",
    );
    await noteExport();
    change((now) => withEvent(now, nowIso(), "exported"));
  };
  const give = () => {
    change((now) => handOver(now, nowIso()));
    tell("Handed over.", () => change(() => job));
  };

  return (
    <div>
      <section aria-label="Hand over" className="no-print mb-8 grid gap-6 lg:grid-cols-[1fr_340px]">
        <div className="flex flex-col gap-3">
          {job.handedOverAt ? (
            <p className="text-[1.3rem] font-semibold">Handed over {dayAndTime(job.handedOverAt)}.</p>
          ) : open.length > 0 ? (
            <>
              <h2 className="text-[1.5rem]">Not ready to leave</h2>
              <ul className="flex flex-col gap-1">
                {open.map(({ stage }) => (
                  <li key={stage}>
                    <FindingLine severity="unknown">
                      <Link href={`/job/${job.id}/${stage}`} className="font-semibold underline underline-offset-4">
                        {
                          {
                            intake: "Intake",
                            "as-found": "As found",
                            plan: "Plan",
                            program: "Program",
                            prove: "Prove",
                            "hand-over": "Hand over",
                          }[stage]
                        }
                      </Link>{" "}
                      is not finished.
                    </FindingLine>
                  </li>
                ))}
              </ul>
              <p className="text-quiet">
                The cards below can be printed as they stand; what is missing is left open on them.
              </p>
            </>
          ) : (
            <h2 className="text-[1.5rem]">Proven. Ready to leave.</h2>
          )}
          <KeptField
            label="Word to the owner"
            long
            value={job.handOverNote}
            onKeep={(typed) => change((now) => ({ ...now, handOverNote: typed }))}
            hint="Printed on the owner’s card."
          />
          <Caution>
            A copy of the way-back card goes with the bike. Changing the class touches insurance and warranty: say so.
          </Caution>
        </div>
        <div className="flex flex-col gap-3">
          {job.handedOverAt ? (
            <Button
              onClick={() =>
                change((now) => withEvent({ ...now, handedOverAt: null, onTheStand: true }, nowIso(), "reopened"))
              }
            >
              Open again
            </Button>
          ) : (
            <Button weight="main" big onClick={give} disabled={open.length > 0}>
              Hand it over
            </Button>
          )}
          <Button onClick={() => window.print()}>Print the cards</Button>
          <Button onClick={() => void exportJob()}>Save the job as a file</Button>
          <p className="text-[0.9rem] text-quiet">
            {count(job.sheets.length, "sealed sheet")}.{" "}
            {job.sheets.length === 0
              ? "Sheets are sealed when programming starts."
              : broken === null
                ? "Every seal holds."
                : `The seal of sheet ${broken + 1} does not hold.`}
          </p>
        </div>
      </section>
      <div className="flex flex-col gap-8">
        <WorkshopSheet {...props} />
        <OwnersCard {...props} />
        {back ? (
          <WayBackCard {...props} work={back} />
        ) : (
          <p className={`${job.program ? "" : "no-print"} text-quiet`}>
            {job.program
              ? "No way-back card: the as-found sheet has gaps."
              : "The way-back card is worked out once the display is programmed."}
          </p>
        )}
      </div>
      <Link href="/" className={`${buttonClass("quiet")} no-print mt-6`}>
        Back to the rack
      </Link>
    </div>
  );
}
