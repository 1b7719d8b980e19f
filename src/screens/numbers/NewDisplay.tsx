"use client";
import { useEffect, useState } from "react";
import type { DisplayProfile } from "@/core/display";
import { typedAt } from "@/core/record";
import { keepTyped, writeTyped } from "@/store";
import { FindingLine, Pick } from "@/ui/primitives";
import { NEW_PART_WORDS } from "@/words/figures/newParts";
import * as say from "@/words/screens/numbers/newDisplay";
import { displayOf, useDisplaysAtHand } from "../job/displaysAtHand";
import type { StageProps } from "../job/stageProps";

const PLACE = { in: "intake", name: "newDisplay" } as const;

/** What is known of a display somebody thinks of. */
export type ThoughtOf =
  | { readonly kind: "none" }
  | { readonly kind: "loading" }
  | { readonly kind: "gone" }
  | { readonly kind: "unsound"; readonly name: string }
  | { readonly kind: "sound"; readonly profile: DisplayProfile };

/** The display thought of, read as it would be put on a bike. */
export function useThoughtOf(job: StageProps["job"]): ThoughtOf {
  const id = typedAt(job, PLACE);
  const [read, setRead] = useState<{ readonly id: string; readonly is: ThoughtOf } | null>(null);
  useEffect(() => {
    let asked = true;
    const load = async () => {
      const [profile, { readProfile }] = await Promise.all([displayOf(id), import("@/core/display/readProfile")]);
      const is: ThoughtOf = !profile
        ? { kind: "gone" }
        : readProfile(profile).ok
          ? { kind: "sound", profile }
          : { kind: "unsound", name: profile.name };
      if (asked) setRead({ id, is });
    };
    if (id !== "") void load();
    return () => {
      asked = false;
    };
  }, [id]);
  if (id === "") return { kind: "none" };
  return read?.id === id ? read.is : { kind: "loading" };
}

interface NewDisplayProps {
  readonly job: StageProps["job"];
  readonly thought: ThoughtOf;
}

/** Which other display is thought of; the one on the bike stays until it is fitted. */
export function NewDisplay({ job, thought }: NewDisplayProps) {
  const { known } = useDisplaysAtHand();
  const keep = (id: string) => {
    keepTyped(job.id, PLACE, id);
    void writeTyped();
  };
  return (
    <div className="mt-3.5">
      <Pick
        label={NEW_PART_WORDS.newDisplay.label}
        value={typedAt(job, PLACE)}
        options={[
          { value: "", label: say.none(job.profile?.name ?? "") },
          ...known.filter(({ id }) => id !== job.profile?.id).map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onPick={keep}
      />
      {thought.kind === "gone" ? <FindingLine severity="caution">{say.gone}</FindingLine> : null}
      {thought.kind === "unsound" ? <FindingLine severity="caution">{say.unsound(thought.name)}</FindingLine> : null}
    </div>
  );
}
