"use client";
import type { Manner } from "@/core/display";
import { Choice } from "@/ui/primitives";
import { CHANGES_KEPT, LEFT_ALONE, VALUES_ACT } from "@/words/choices";
import { ChordKeys } from "./ChordKeys";
import { Seconds } from "./Seconds";
import * as say from "@/words/screens/workbench/savingKeys";

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
      <legend className="sr-only">{say.savingAndLeaving}</legend>
      <Choice
        label={say.changesAreKept}
        value={manner.saves}
        options={CHANGES_KEPT}
        onChoose={(saves) => set({ saves })}
      />
      <Choice
        label={say.leftAloneTheMenu}
        value={manner.closing}
        options={LEFT_ALONE}
        onChoose={(closing) => set({ closing })}
      />
      <Seconds
        label={say.closesByItselfAfter}
        ms={manner.closesAfterMs}
        least={3}
        most={600}
        onKeep={(closesAfterMs) => set({ closesAfterMs })}
      />
      <Choice
        label={say.valuesAct}
        value={manner.inForce}
        options={VALUES_ACT}
        onChoose={(inForce) => set({ inForce })}
      />
      <ChordKeys
        label={say.savesAndLeavesHeld}
        keys={keys}
        chosen={manner.save?.keys ?? []}
        onChoose={(chosen) =>
          set({ save: chosen.length > 0 ? { keys: chosen, holdMs: manner.save?.holdMs ?? 2000 } : null })
        }
      />
      {manner.save ? (
        <Seconds
          label={say.heldFor}
          ms={manner.save.holdMs}
          onKeep={(holdMs) => set({ save: manner.save && { ...manner.save, holdMs } })}
        />
      ) : null}
    </fieldset>
  );
}
