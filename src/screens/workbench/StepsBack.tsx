"use client";
import { placeOfStep } from "@/core/display/editing";
import { Button, useShortcuts } from "@/ui/primitives";
import { stepWords } from "@/words/stepWords";
import type { Edits } from "./useEdits";
import * as say from "@/words/screens/workbench/stepsBack";

/** The last step taken back, or done again; by keys as well, except where they take back what is typed. */
export function StepsBack({ edits }: { readonly edits: Edits }) {
  const { undo, redo, history, profile } = edits;
  useShortcuts({
    "Ctrl-z": (event) => (event.shiftKey ? redo?.() : undo?.()),
    "Ctrl-y": () => redo?.(),
  });
  const [last] = history.done;
  const [next] = history.undone;
  return (
    <div className="flex gap-2">
      <Button disabled={!undo} onClick={() => undo?.()}>
        {say.takeBack}
        <span className="sr-only">{last ? say.what(stepWords(placeOfStep(last), profile)) : null}</span>
      </Button>
      <Button disabled={!redo} onClick={() => redo?.()}>
        {say.doAgain}
        <span className="sr-only">{next ? say.what(stepWords(placeOfStep(next), profile)) : null}</span>
      </Button>
    </div>
  );
}
