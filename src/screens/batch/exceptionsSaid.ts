import type { Exception } from "@/core/batch";
import { linesOf } from "@/core/display";
import { workOut, type Job } from "@/core/record";
import { lineName } from "@/words";
import { exceptionText } from "@/words/batches";
import { voiceOf } from "../job/voice";

/** Exceptions in sentences, as the display and the class of a bike they are on have them said. */
export function exceptionsSaid(exceptions: readonly Exception[], job: Job): readonly string[] {
  const names = new Map((job.profile ? linesOf(job.profile) : []).map((line) => [line.code, lineName(line)]));
  const said = {
    voice: voiceOf(workOut(job)),
    display: job.profile?.name ?? "",
    lineName: (code: string) => names.get(code) ?? "",
  };
  return exceptions.map((each) => exceptionText(each, said));
}
