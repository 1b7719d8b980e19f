"use client";
import type { Manner } from "@/core/display";
import { Choice } from "@/ui/primitives";
import * as say from "@/words/screens/workbench/movingKeys";

/** The keys that move through the menu and change a value. */
export function MovingKeys({
  manner,
  keys,
  set,
  optional,
}: {
  readonly manner: Manner;
  readonly keys: { value: string; label: string }[];
  readonly set: (edit: Partial<Manner>) => void;
  readonly optional: (label: string) => { value: string; label: string }[];
}) {
  return (
    <fieldset className="grid gap-4 border-t border-rule pt-4 sm:grid-cols-2">
      <legend className="sr-only">{say.movingAndChanging}</legend>
      <Choice label={say.goesToTheNext} value={manner.next} options={keys} onChoose={(next) => set({ next })} />
      <Choice
        label={say.goesToTheLine}
        value={manner.previous ?? ""}
        options={optional(say.noKey)}
        onChoose={(previous) => set({ previous: previous || null })}
      />
      <Choice label={say.stepsAValueUp} value={manner.more} options={keys} onChoose={(more) => set({ more })} />
      <Choice
        label={say.stepsAValueDown}
        value={manner.less ?? ""}
        options={optional(say.noKey)}
        onChoose={(less) => set({ less: less || null })}
      />
      <Choice
        label={say.makesAValueBlink}
        value={manner.select ?? ""}
        options={optional(say.changesAtOnce)}
        onChoose={(select) => set({ select: select || null })}
      />
    </fieldset>
  );
}
