import Link from "next/link";
import { FindingLine } from "@/ui/primitives";
import { count } from "@/words";
import type { StageProps } from "../job/stageProps";

/** What facts typed since the seal would change: a new proposal beside the sealed plan, which stands. */
export function Newer({ job, workings }: Pick<StageProps, "job" | "workings">) {
  const { newer } = workings;
  if (newer.length === 0) return null;
  return (
    <div className="mt-4 border-t border-rule pt-3 text-[0.95rem]">
      <FindingLine severity="caution">
        Since this plan was sealed, facts have changed: {count(newer.length, "line")} would now be planned otherwise.
      </FindingLine>
      <ul className="mt-1 pl-5">
        {newer.map(({ code, sealed, proposed }) => (
          <li key={code}>
            <strong>{code}</strong>: sealed {sealed ?? "unread"}, now {proposed ?? "unread"}
          </li>
        ))}
      </ul>
      <p className="mt-1 text-quiet">
        The sealed plan stands until it is{" "}
        <Link href={`/job/${job.id}/program`} className="font-semibold underline underline-offset-4">
          programmed again
        </Link>
        .
      </p>
    </div>
  );
}
