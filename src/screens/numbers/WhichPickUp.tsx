"use client";
import type { WorkedBack } from "@/core/wheel/pickUp";
import { Figure, NumberTable } from "@/ui/primitives";
import { offBy, plain } from "@/words";
import { PICK_UP_WORDS } from "@/words/figures/wheel";
import { Part } from "./Bench";
import * as say from "@/words/screens/numbers/whichPickUp";

/** The pulses worked back from one steady reading, held against what the pick-up could be. */
export function WhichPickUp({ pickUp }: { readonly pickUp: WorkedBack | null }) {
  return pickUp ? (
    <Part title={say.whichPickUpIt}>
      <Figure
        label={say.pulsesPerWheelTurn}
        value={plain(pickUp.pulses, 2)}
        note={`±${plain(pickUp.uncertainty, 2)}`}
        working={[say.shownTruePulsesSet(pickUp.pulses), say.theHalfWidthAdds]}
      />
      <NumberTable
        caption={say.heldAgainstWhatIt}
        hideCaption
        headings={[say.meaning, say.pulses, say.whichPickUpOffBy, say.verdict]}
        rows={pickUp.ranked.map((each) => ({
          key: each.meaning,
          head: PICK_UP_WORDS[each.meaning],
          working: [say.workedBack(each.pulses, pickUp.pulses, each.off), say.possibleWithin(pickUp.uncertainty)],
          cells: [
            plain(each.pulses),
            offBy(1 + each.off),
            each.possible ? <strong key="v">{say.possible}</strong> : say.ruledOut,
          ],
          quiet: !each.possible,
        }))}
      />
    </Part>
  ) : null;
}
