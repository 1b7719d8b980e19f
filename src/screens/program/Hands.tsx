import type { Slip } from "@/core/keys";
import { Button } from "@/ui/primitives";
import { viewWords } from "@/words";
import * as say from "@/words/screens/program/hands";

interface HandsProps {
  readonly done: string;
  /** There is no step to be done with yet: new keys are being worked out. */
  readonly waits: boolean;
  readonly slips: readonly Slip[];
  /** With one key alone: which of Done and the slips a press takes now; null where each is pressed by itself. */
  readonly offered: number | null;
  readonly onDone: () => void;
  readonly onElse: () => void;
  readonly onSlip: (slip: Slip) => void;
}

/** What the technician says after a step. On a phone it stands at the foot of the screen, always in the same place. */
export function Hands({ done, waits, slips, offered, onDone, onElse, onSlip }: HandsProps) {
  return (
    <>
      <div className="grid gap-3 sm:mt-4 max-sm:sticky max-sm:bottom-0 max-sm:mt-auto max-sm:z-10 max-sm:-mx-4 max-sm:border-t max-sm:border-rule max-sm:bg-ground max-sm:px-4 max-sm:py-2 sm:grid-cols-[1.15fr_1fr]">
        <Button
          weight="main"
          big
          shortcut={say.space}
          className="min-h-[4.4rem] justify-between!"
          data-offered={offered === 0 || undefined}
          disabled={waits}
          onClick={onDone}
        >
          {waits ? say.waitForTheKeys : done}
        </Button>
        <Button big shortcut="e" className="min-h-[3.4rem] justify-between! max-sm:text-base" onClick={onElse}>
          {say.itShowsSomethingElse}
        </Button>
      </div>
      <div className="mt-4 flex min-h-11 flex-wrap items-center gap-2" role="group" aria-label={say.whatItMayShow}>
        <span className="text-quiet">{say.orOneTap}</span>
        {slips.map((slip, i) => (
          <Button
            key={slip.how + viewWords(slip.view)}
            data-offered={offered === i + 1 || undefined}
            disabled={waits}
            onClick={() => onSlip(slip)}
          >
            {viewWords(slip.view)}
          </Button>
        ))}
      </div>
    </>
  );
}
