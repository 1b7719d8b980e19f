"use client";
import { useMemo } from "react";
import { mendingOf, withMending } from "@/core/record";
import type { SheetFinding } from "@/core/sheet";
import { Button, useTell } from "@/ui/primitives";
import type { StageProps } from "../job/stageProps";
import * as say from "@/words/screens/plan/mend";

type MendProps = Pick<StageProps, "job" | "change" | "workings"> & { readonly finding: SheetFinding };

/** The one line that mends a finding the plan leaves, and one tap for it where nobody has to say why. */
export function Mend({ job, change, workings, finding }: MendProps) {
  const tell = useTell();
  const mending = useMemo(() => mendingOf(job, workings, finding), [job, workings, finding]);
  if (!mending) return null;
  const { kind, code, shows } = mending;
  const mend = async () => {
    // What mends it was worked out on the plan as it stood: not done on another, nor twice.
    const deed = await change((now) => (now.program ? now : withMending(now, mending, "")));
    if (deed) tell(say.wasMended(code, shows), () => void deed.undo(say.lineMended(code)));
  };
  return (
    <p className="flex flex-wrap items-baseline gap-x-3 pl-5 text-[0.9rem]">
      {kind === "unlock" ? say.unlocked(code, shows) : say.mendsIt(code, shows)}
      {kind === "unlock" ? null : (
        <Button weight="quiet" aria-label={say.setLine(code, shows)} onClick={() => void mend()}>
          {say.setIt}
        </Button>
      )}
    </p>
  );
}
