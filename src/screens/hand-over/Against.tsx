"use client";
import { FindingLine } from "@/ui/primitives";
import { findingText } from "@/words";
import { LEAVES_THOUGH } from "@/words/leavesThough";
import { JobField } from "../job/JobField";
import type { StageProps } from "../job/stageProps";
import { voiceOf } from "../job/voice";
import * as say from "@/words/screens/hand-over/against";

/** What stands against the bike as its display holds it now, and the only way past it: a decision in writing. */
export function Against({ job, workings }: Pick<StageProps, "job" | "workings">) {
  const voice = voiceOf(workings);
  return (
    <section aria-labelledby="against" className="flex flex-col gap-2">
      <h3 id="against" className="text-[1.5rem]">
        {workings.leavesThough ? say.itLeavesWithThis : say.notReadyThisStands}
      </h3>
      <ul className="flex flex-col gap-1">
        {workings.against.map((finding) => (
          <li key={finding.message.key + finding.lines.join()}>
            <FindingLine severity={finding.severity}>{findingText(finding.message, voice)}</FindingLine>
          </li>
        ))}
      </ul>
      <p className="text-quiet">{say.mendItInThe(workings.against.some(({ severity }) => severity === "breach"))}</p>
      <JobField job={job} place={{ in: "intake", name: "leavesThough" }} long {...LEAVES_THOUGH} />
    </section>
  );
}
