"use client";
import Link from "next/link";
import type { DueCheck } from "@/core/proof";
import { failedMend, withFailedMend } from "@/core/record";
import { buttonClass, FindingLine } from "@/ui/primitives";
import { CHECK_WORDS, valueMeaning } from "@/words";
import * as say from "@/words/screens/prove/failedCheck";
import type { StageProps } from "../job/stageProps";

/** What a failed check leads to: the line that mends it, with its keys; or, where none does, the finder. */
export function FailedCheck({ job, change, check }: Pick<StageProps, "job" | "change"> & { readonly check: DueCheck }) {
  const { id } = check;
  const mend = failedMend(job, check);
  // Planned while the page of the keys opens; planned twice it is planned once.
  const plan = () => {
    const at = new Date().toISOString();
    const why = say.setBecause(CHECK_WORDS[id].title);
    if (mend) void change((now) => withFailedMend(now, mend, at, why));
  };
  return (
    <div className="mt-2">
      <FindingLine severity="breach">{CHECK_WORDS[id].next}</FindingLine>
      {mend ? (
        <>
          <p className="mt-2 text-[1.15rem] font-semibold">
            {say.setLine(mend.code, mend.holds, mend.toHold, valueMeaning(mend.means))}
          </p>
          <p className="mt-1 mb-2 text-[0.95rem]">{say.dueAgain(mend.due.map((each) => CHECK_WORDS[each].title))}</p>
          <Link href={`/job/${job.id}/program`} className={buttonClass("main")} onClick={plan}>
            {say.toTheKeys}
          </Link>
        </>
      ) : (
        <Link href={`/faults?job=${job.id}&check=${id}`} className="mt-1 inline-block underline">
          {say.findTheCause}
        </Link>
      )}
    </div>
  );
}
