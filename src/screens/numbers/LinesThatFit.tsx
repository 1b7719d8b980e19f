"use client";
import type { WheelBench, WheelChoice } from "@/core/benches/wheelBench";
import { NumberTable } from "@/ui/primitives";
import { offBy, speed, type Voice } from "@/words";
import { wheelChoiceWorking } from "@/words/wheelWorking";
import { Lacks } from "./Bench";

const CHOICE_WORDS: Readonly<Record<WheelChoice["what"], string>> = {
  "as-found": "As it stands",
  "best-wheel": "Best wheel line",
  "best-pulses": "Best pulse line",
  "best-pair": "Best of both",
};

const LACKS = {
  display: "Choose the display on the intake to see which of its lines fits.",
  rollout: "Give the tyre or measure the rollout, and the lines that fit are worked out.",
  "wheel-line": "This display has no wheel line.",
  pulses:
    "The pulses are not known: their line has not been read, a preset fixes them, or nobody has counted the pick-up.",
  "as-found": "Write down what the wheel and pulse lines show first.",
} as const;

/** The lines that fit the wheel, what each then reads and where its cap bites. */
export function LinesThatFit({ bench, voice }: { readonly bench: WheelBench; readonly voice: Voice }) {
  return bench.choices.length > 0 ? (
    <NumberTable
      caption="Lines that fit"
      headings={["Lines", "To set", "Reads", "Cap bites now", "Cap to set", "It then bites"]}
      rows={bench.choices.map((each) => ({
        key: each.what,
        head: CHOICE_WORDS[each.what],
        cells: [
          each.changes.length === 0
            ? "nothing"
            : each.changes
                .map(({ code, to, makerOnly }) => `${code}: ${to}${makerOnly ? " (maker only)" : ""}`)
                .join(", "),
          <span key="reads">
            {offBy(each.r)}{" "}
            <span className="text-quiet">{each.r < 0.9995 ? "low" : each.r > 1.0005 ? "high" : "true"}</span>
          </span>,
          each.capNow ? speed(each.capNow.nominal, voice.unit) : "—",
          each.capToSet?.shown ?? "—",
          each.capToSet ? speed(each.capToSet.trueKmh.nominal, voice.unit, 2) : "—",
        ],
        working: wheelChoiceWorking(each, voice.unit),
      }))}
    />
  ) : bench.lacks ? (
    <Lacks>{LACKS[bench.lacks]}</Lacks>
  ) : null;
}
