"use client";
import { useState } from "react";
import { ladderOf, withLadderCopied } from "@/core/record";
import { getJob } from "@/store";
import { Pick, useTell } from "@/ui/primitives";
import type { StageProps } from "../job/stageProps";
import { useRack } from "../rack/useRack";
import * as say from "@/words/screens/numbers/copyLadder";

/** The better ladder taken from another bike’s display. */
export function CopyLadder({ job, change }: Pick<StageProps, "job" | "change">) {
  const tell = useTell();
  const rack = useRack();
  const [problem, setProblem] = useState("");
  const others = (rack?.tickets ?? []).filter(({ id }) => id !== job.id);
  if (others.length === 0) return null;
  const copy = async (id: string) => {
    const other = id === "" ? undefined : await getJob(id);
    const shares = other ? ladderOf(other) : null;
    const name = others.find((ticket) => ticket.id === id)?.nickname ?? "";
    setProblem(id === "" || shares ? "" : say.noShares(name));
    if (!shares) return;
    const deed = await change((now) => withLadderCopied(now, shares));
    if (deed) tell(say.copied(name), () => void deed.undo(say.undone));
  };
  return (
    <div className="mt-3">
      <Pick
        label={say.copyFrom}
        value=""
        hint={problem}
        options={[
          { value: "", label: say.choose },
          ...others.map(({ id, nickname }) => ({ value: id, label: nickname || id })),
        ]}
        onPick={(id) => void copy(id)}
      />
    </div>
  );
}
