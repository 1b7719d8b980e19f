import Link from "next/link";
import type { Job } from "@/core/record";
import { buttonClass } from "@/ui/primitives";

/** Stands in for a stage that rests on a display while none is chosen. */
export function NoDisplay({ job }: { readonly job: Job }) {
  return (
    <div className="max-w-xl rounded-xl bg-sheet p-6">
      <p className="text-xl font-semibold">Which display is on the bike?</p>
      <p className="mt-1 mb-4 text-quiet">
        Its lines, keys and ranges come from the display. Choose it at intake; everything here follows.
      </p>
      <Link href={`/job/${job.id}/intake`} className={buttonClass("main")}>
        Choose the display
      </Link>
    </div>
  );
}
