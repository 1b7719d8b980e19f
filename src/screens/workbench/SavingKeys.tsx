"use client";
import type { Manner } from "@/core/display";
import { Choice } from "@/ui/primitives";
import { CHANGES_KEPT, LEFT_ALONE, VALUES_ACT } from "@/words/choices";
import { ChordKeys } from "./ChordKeys";
import { Seconds } from "./Seconds";

/** When what is changed is kept, what idling does, and how one leaves. */
export function SavingKeys({
  manner,
  set,
  keys,
}: {
  readonly manner: Manner;
  readonly set: (edit: Partial<Manner>) => void;
  readonly keys: { value: string; label: string }[];
}) {
  return (
    <fieldset className="grid gap-4 border-t border-rule pt-4 sm:grid-cols-2">
      <legend className="sr-only">Saving and leaving</legend>
      <Choice
        label="Changes are kept"
        value={manner.saves}
        options={CHANGES_KEPT}
        onChoose={(saves) => set({ saves })}
      />
      <Choice
        label="Left alone, the menu"
        value={manner.closing}
        options={LEFT_ALONE}
        onChoose={(closing) => set({ closing })}
      />
      <Seconds
        label="Closes by itself after"
        ms={manner.closesAfterMs}
        least={3}
        most={600}
        onKeep={(closesAfterMs) => set({ closesAfterMs })}
      />
      <Choice label="Values act" value={manner.inForce} options={VALUES_ACT} onChoose={(inForce) => set({ inForce })} />
      <ChordKeys
        label="Saves and leaves, held together"
        keys={keys}
        chosen={manner.save?.keys ?? []}
        onChoose={(chosen) =>
          set({ save: chosen.length > 0 ? { keys: chosen, holdMs: manner.save?.holdMs ?? 2000 } : null })
        }
      />
      {manner.save ? (
        <Seconds
          label="Held for"
          ms={manner.save.holdMs}
          onKeep={(holdMs) => set({ save: manner.save && { ...manner.save, holdMs } })}
        />
      ) : null}
    </fieldset>
  );
}
