import Link from "next/link";
import type { Job } from "@/core/record";
import { buttonClass } from "@/ui/primitives";
import { SaveJob } from "./SaveJob";

/** What a job that cannot be shown says instead, and how it is saved all the same. */
export function BadJobFace({ job, detail }: { readonly job: Job; readonly detail: string }) {
  return (
    <div role="alert" className="max-w-2xl rounded-xl bg-sheet p-6">
      <h1 className="text-[1.7rem]">This bike cannot be shown</h1>
      <p className="my-3">
        Something in its record stops the screen. Nothing of it was changed or lost. Save it as a file, and try a
        reload.
      </p>
      <p className="code mb-4 text-[0.85rem] break-words text-quiet">{detail}</p>
      <div className="flex flex-wrap gap-3">
        <SaveJob job={job} weight="main" />
        <Link href={`/job/${job.id}/intake`} className={buttonClass()}>
          Try its intake
        </Link>
        <Link href="/" className={buttonClass("quiet")}>
          Back to the rack
        </Link>
      </div>
    </div>
  );
}
