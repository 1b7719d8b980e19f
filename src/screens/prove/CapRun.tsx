"use client";
import { capRunOf, withCapRun } from "@/core/record";
import type { SpeedUnit } from "@/core/units";
import { Button, useTell } from "@/ui/primitives";
import type { StageProps } from "../job/stageProps";
import * as say from "@/words/screens/prove/capRun";

/** What the ride written down tells of the cap line, and one tap for the display's description to learn it. */
export function CapRun({ job, change, unit }: Pick<StageProps, "job" | "change"> & { readonly unit: SpeedUnit }) {
  const tell = useTell();
  const run = capRunOf(job);
  if (!run) return null;
  const learn = async () => {
    const deed = await change(withCapRun);
    if (deed) tell(say.learnt(run.code), () => void deed.undo(say.capLearnt(run.code)));
  };
  return (
    <div className="mt-2 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[0.95rem]">
      <p className="max-w-[70ch]">{say.tells(run, unit)}</p>
      {run.kind === "basis" || run.kind === "scale" ? <Button onClick={() => void learn()}>{say.keepIt}</Button> : null}
    </div>
  );
}
