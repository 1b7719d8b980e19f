import Link from "next/link";
import type { Job } from "@/core/record";
import { buttonClass } from "@/ui/primitives";
import * as say from "@/words/screens/job/chooseDisplay";

/** Stands in for a stage that rests on a display while none is chosen. */
export function ChooseDisplay({ job }: { readonly job: Job }) {
  return (
    <div className="max-w-xl rounded-xl bg-sheet p-6">
      <p className="text-xl font-semibold">{say.whichDisplayIsOn}</p>
      <p className="mt-1 mb-4 text-quiet">{say.itsLinesKeysAnd}</p>
      <Link href={`/job/${job.id}/intake`} className={buttonClass("main")}>
        {say.chooseTheDisplay}
      </Link>
    </div>
  );
}
