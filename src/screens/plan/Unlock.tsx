"use client";
import { useState } from "react";
import { LEAST_REASON, withEvent } from "@/core/record";
import { Button, KeptField } from "@/ui/primitives";
import type { StageProps } from "../job/stageProps";
import type { SheetRow } from "@/core/sheet";
import * as say from "@/words/screens/plan/unlock";

/** Longest reason: it is quoted in the record. */
const LONGEST_REASON = 2000;

export type ByHandProps = Pick<StageProps, "job" | "change"> & { readonly row: SheetRow };

/** Unlocking a maker-only line: it takes a reason, which the record keeps. */
export function Unlock({ job, row, change }: ByHandProps) {
  const [reason, setReason] = useState("");
  const unlock = (typed: string) => {
    const why = typed.trim();
    if (why.length < LEAST_REASON) return;
    void change((now) =>
      now.program
        ? now
        : withEvent(
            { ...now, unlocked: { ...now.unlocked, [row.code]: why } },
            new Date().toISOString(),
            "line-unlocked",
            `${row.code}: ${why}`,
          ),
    );
  };
  return (
    <div className="flex flex-col gap-3">
      <KeptField
        of={`${job.id} unlock ${row.code}`}
        label={say.whyItMustBe}
        longest={LONGEST_REASON}
        value={reason}
        onKeep={setReason}
        onEnter={unlock}
        hint={say.keptWithTheJob}
      />
      <Button disabled={reason.trim().length < LEAST_REASON} onClick={() => unlock(reason)}>
        {say.unlockLine(row.code)}
      </Button>
    </div>
  );
}
