"use client";
import type { WheelBench, WheelChoice } from "@/core/benches/wheelBench";
import { NumberTable } from "@/ui/primitives";
import { offBy, speed, type Voice } from "@/words";
import { wheelChoiceWorking } from "@/words/wheelWorking";
import { Lacks } from "./Bench";
import * as say from "@/words/screens/numbers/linesThatFit";

const CHOICE_WORDS: Readonly<Record<WheelChoice["what"], string>> = {
  "as-found": say.asItStands,
  "best-wheel": say.bestWheelLine,
  "best-pulses": say.bestPulseLine,
  "best-pair": say.bestOfBoth,
};

const LACKS = {
  display: say.chooseTheDisplayOn,
  rollout: say.giveTheTyreOr,
  "wheel-line": say.thisDisplayHasNo,
  pulses: say.thePulsesAreNot,
  "as-found": say.writeDownWhatThe,
} as const;

/** The lines that fit the wheel, what each then reads and where its cap bites. */
export function LinesThatFit({ bench, voice }: { readonly bench: WheelBench; readonly voice: Voice }) {
  return bench.choices.length > 0 ? (
    <NumberTable
      caption={say.linesThatFit}
      headings={[say.lines, say.toSet, say.reads, say.capBitesNow, say.capToSet, say.itThenBites]}
      rows={bench.choices.map((each) => ({
        key: each.what,
        head: CHOICE_WORDS[each.what],
        cells: [
          each.changes.length === 0
            ? "nothing"
            : each.changes.map(({ code, to, makerOnly }) => say.lineTo(code, to, makerOnly)).join(", "),
          <span key="reads">
            {offBy(each.r)}{" "}
            <span className="text-quiet">{each.r < 0.9995 ? say.low : each.r > 1.0005 ? say.high : say.trueWord}</span>
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
