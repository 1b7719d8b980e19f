"use client";
import type { WorkedBack } from "@/core/wheel/pickUp";
import { Figure, NumberTable } from "@/ui/primitives";
import { fixed, offBy, plain } from "@/words";
import { PICK_UP_WORDS } from "@/words/figures/wheel";
import { Part } from "./Bench";

/** The pulses worked back from one steady reading, held against what the pick-up could be. */
export function WhichPickUp({ pickUp }: { readonly pickUp: WorkedBack | null }) {
  return pickUp ? (
    <Part title="Which pick-up it is">
      <Figure
        label="Pulses per wheel turn, worked back"
        value={plain(pickUp.pulses, 2)}
        note={`±${plain(pickUp.uncertainty, 2)}`}
        working={[
          `shown ÷ true × pulses set × rollout ÷ circumference set = ${fixed(pickUp.pulses, 2)}`,
          "The half-width adds GPS, the display’s step and the rollout.",
        ]}
      />
      <NumberTable
        caption="Held against what it could be"
        hideCaption
        headings={["Meaning", "Pulses", "Off by", "Verdict"]}
        rows={pickUp.ranked.map((each) => ({
          key: each.meaning,
          head: PICK_UP_WORDS[each.meaning],
          working: [
            `${plain(each.pulses)} ÷ ${plain(pickUp.pulses, 2)} worked back = ${offBy(1 + each.off)}`,
            `possible within ±${plain(pickUp.uncertainty, 2)}`,
          ],
          cells: [
            plain(each.pulses),
            offBy(1 + each.off),
            each.possible ? <strong key="v">possible</strong> : "ruled out",
          ],
          quiet: !each.possible,
        }))}
      />
    </Part>
  ) : null;
}
