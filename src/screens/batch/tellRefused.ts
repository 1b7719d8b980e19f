import { ticketNumber } from "@/core/units/ticketNumber";
import { getJob } from "@/store";
import type { Refused } from "@/store/batches";
import { NOT_INTO } from "@/words/batches";
import * as say from "@/words/screens/batch/addBikes";

/** Says of every bike that could not be taken in why not. */
export async function tellRefused(refused: readonly Refused[], tell: (text: string) => void): Promise<void> {
  for (const { id, why } of refused) {
    const job = await getJob(id);
    tell(say.notTaken(job?.intake.nickname || (job ? ticketNumber(job.number) : say.aBike), NOT_INTO[why]));
  }
}
