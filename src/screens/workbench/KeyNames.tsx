"use client";
import { keyId, type DisplayProfile, type Manner } from "@/core/display";
import { KeptField } from "@/ui/primitives";
import * as say from "@/words/screens/workbench/keyNames";

/** The keys by name; those that keep their place keep their duties. */
export function KeyNames({
  profile,
  typedNames,
  setTypedNames,
  keys,
  set,
  manner,
}: {
  readonly profile: DisplayProfile;
  readonly typedNames: string;
  readonly setTypedNames: (typed: string) => void;
  readonly keys: { value: string; label: string }[];
  readonly set: (edit: Partial<Manner>) => void;
  readonly manner: Manner;
}) {
  return (
    <KeptField
      of={`${profile.id} keys`}
      label={say.itsKeysByName}
      longest={400}
      value={typedNames}
      hint={say.betweenCommasAsThey}
      onKeep={(text) => {
        setTypedNames(text);
        const next = text
          .split(",")
          .map((name) => name.trim())
          .filter(Boolean)
          .slice(0, 8);
        if (next.length === 0) return;
        // Keys that keep their place keep their duties under the new name.
        const moved = (id: string): string =>
          keyId(
            next[
              Math.max(
                0,
                keys.findIndex((key) => key.value === id),
              )
            ] ??
              next[0] ??
              "key",
          );
        set({
          keyNames: next,
          wayIn: { ...manner.wayIn, keys: [...new Set(manner.wayIn.keys.map(moved))] },
          next: moved(manner.next),
          previous: manner.previous && moved(manner.previous),
          more: moved(manner.more),
          less: manner.less && moved(manner.less),
          select: manner.select && moved(manner.select),
          save: manner.save && { ...manner.save, keys: [...new Set(manner.save.keys.map(moved))] },
          power: { ...manner.power, key: moved(manner.power.key) },
        });
      }}
    />
  );
}
