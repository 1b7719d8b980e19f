"use client";
import type { DueCheck } from "@/core/proof";
import { figureToKeep, withFigureKept } from "@/core/record";
import { Button, useTell } from "@/ui/primitives";
import * as say from "@/words/screens/prove/keepFigure";
import type { StageProps } from "../job/stageProps";

/** A figure measured in a check, taken as a fact of the bike with one tap: the numbers and the plan rest on it then. */
export function KeepFigure({ job, change, check }: Pick<StageProps, "job" | "change"> & { readonly check: DueCheck }) {
  const tell = useTell();
  if (!figureToKeep(job, check)) return null;
  const isLadder = check.id === "level-speeds";
  const keep = async () => {
    const deed = await change((now) => withFigureKept(now, check));
    if (deed) tell(say.kept(isLadder), () => void deed.undo(say.keptUndone));
  };
  return (
    <div className="mt-2">
      <Button onClick={() => void keep()}>{say.keep(isLadder)}</Button>
    </div>
  );
}
