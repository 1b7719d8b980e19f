import Link from "next/link";
import type { Job } from "@/core/record";
import { buttonClass } from "@/ui/primitives";
import * as say from "@/words/screens/batch/beginBatch";

/** The way from one bike to more like it. A bike of a batch has its own. */
export const MoreLikeThis = ({ job }: { readonly job: Job }) =>
  job.batch ? null : (
    <Link href={`/book/batch/from/${job.id}`} prefetch={false} className={buttonClass()}>
      {say.title}
    </Link>
  );
