/** After a bike has left: a back-up into the folder the shop has chosen, where there is one. */
import { backupToFolder } from "@/store/folder";
import { packer } from "@/workers/bookClient";
import { fileName } from "@/words/screens/backup/backup";
import * as say from "@/words/screens/backup/inFolder";

/** Writes it, and tells only what could not be written: the top line tells the rest. */
export async function backedUp(tell: (said: string) => void): Promise<void> {
  try {
    await backupToFolder(packer, fileName);
  } catch (error) {
    tell(say.couldNot(error instanceof Error ? error.message : String(error)));
  }
}
