import type { NotInto } from "@/core/batch";
import { getJob } from "@/store";
import { NOT_INTO } from "@/words/batches";
import * as say from "@/words/screens/batch/addBikes";

/** Says of every bike that could not be taken in why not. */
export async function tellRefused(
  refused: readonly { readonly id: string; readonly why: NotInto }[],
  tell: (text: string) => void,
): Promise<void> {
  for (const { id, why } of refused) {
    const job = await getJob(id);
    tell(say.notTaken(job?.intake.nickname || String(job?.number ?? ""), NOT_INTO[why]));
  }
}
