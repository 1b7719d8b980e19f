import Link from "next/link";
import { FindingLine } from "@/ui/primitives";
import type { StageProps } from "../job/stageProps";
import * as say from "@/words/screens/plan/newer";

/** What facts typed since the seal would change: a new proposal beside the sealed plan, which stands. */
export function Newer({ job, workings }: Pick<StageProps, "job" | "workings">) {
  const { newer } = workings;
  if (newer.length === 0) return null;
  return (
    <div className="mt-4 border-t border-rule pt-3 text-[0.95rem]">
      <FindingLine severity="caution">{say.sinceThisPlanWas(newer.length)}</FindingLine>
      <ul className="mt-1 pl-5">
        {newer.map(({ code, sealed, proposed }) => (
          <li key={code}>
            <strong>{code}</strong>
            {say.sealed}
            {sealed ?? say.unread}
            {say.now}
            {proposed ?? say.unread}
          </li>
        ))}
      </ul>
      <p className="mt-1 text-quiet">
        {say.theSealedPlanStands}{" "}
        <Link href={`/job/${job.id}/program`} className="font-semibold underline underline-offset-4">
          {say.programmedAgain}
        </Link>
        .
      </p>
    </div>
  );
}
