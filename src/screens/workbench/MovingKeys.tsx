"use client";
import type { Manner } from "@/core/display";
import { Choice } from "@/ui/primitives";

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
      <legend className="sr-only">Moving and changing</legend>
      <Choice label="Goes to the next line" value={manner.next} options={keys} onChoose={(next) => set({ next })} />
      <Choice
        label="Goes to the line before"
        value={manner.previous ?? ""}
        options={optional("no key")}
        onChoose={(previous) => set({ previous: previous || null })}
      />
      <Choice label="Steps a value up" value={manner.more} options={keys} onChoose={(more) => set({ more })} />
      <Choice
        label="Steps a value down"
        value={manner.less ?? ""}
        options={optional("no key")}
        onChoose={(less) => set({ less: less || null })}
      />
      <Choice
        label="Makes a value blink, and confirms it"
        value={manner.select ?? ""}
        options={optional("changes at once")}
        onChoose={(select) => set({ select: select || null })}
      />
    </fieldset>
  );
}
