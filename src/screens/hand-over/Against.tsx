"use client";
import { FindingLine } from "@/ui/primitives";
import { findingText, INTAKE_WORDS } from "@/words";
import { JobField } from "../job/JobField";
import type { StageProps } from "../job/stageProps";
import { voiceOf } from "../job/voice";

/** What stands against the bike as its display holds it now, and the only way past it: a decision in writing. */
export function Against({ job, workings }: Pick<StageProps, "job" | "workings">) {
  const voice = voiceOf(workings);
  return (
    <section aria-labelledby="against" className="flex flex-col gap-2">
      <h3 id="against" className="text-[1.5rem]">
        {workings.leavesThough ? "It leaves with this standing against it" : "Not ready: this stands against it"}
      </h3>
      <ul className="flex flex-col gap-1">
        {workings.against.map((finding) => (
          <li key={finding.message.key + finding.lines.join()}>
            <FindingLine severity={finding.severity}>{findingText(finding.message, voice)}</FindingLine>
          </li>
        ))}
      </ul>
      <p className="text-quiet">
        {workings.against.some(({ severity }) => severity === "breach")
          ? "Mend it in the plan and program it again."
          : "Ride it at full assist and write the top speed down under Prove."}{" "}
        No class is named on the owner’s card until then.
      </p>
      <JobField job={job} place={{ in: "intake", name: "leavesThough" }} long {...INTAKE_WORDS.leavesThough} />
    </section>
  );
}
