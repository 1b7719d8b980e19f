import Link from "next/link";
import type { Job } from "@/core/record";
import { buttonClass } from "@/ui/primitives";
import { SaveJob } from "./SaveJob";
import * as say from "@/words/screens/job/badJobFace";

/** What a job that cannot be shown says instead, and how it is saved all the same. */
export function BadJobFace({ job, detail }: { readonly job: Job; readonly detail: string }) {
  return (
    <div role="alert" className="max-w-2xl rounded-xl bg-sheet p-6">
      <h1 className="text-[1.7rem]">{say.thisBikeCannotBe}</h1>
      <p className="my-3">{say.somethingInItsRecord}</p>
      <p className="code mb-4 text-[0.85rem] break-words text-quiet">{detail}</p>
      <div className="flex flex-wrap gap-3">
        <SaveJob job={job} weight="main" />
        <Link href={`/job/${job.id}/intake`} className={buttonClass()}>
          {say.tryItsIntake}
        </Link>
        <Link href="/" className={buttonClass("quiet")}>
          {say.backToTheRack}
        </Link>
      </div>
    </div>
  );
}
