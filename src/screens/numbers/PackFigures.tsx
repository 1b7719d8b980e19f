"use client";
import type { CutOff, Pack } from "@/core/battery/gauge";
import { cellV, type BatteryBench as BatteryNumbers } from "@/core/benches/packBench";
import type { PackReading } from "@/core/facts/pack";
import { Figure } from "@/ui/primitives";
import { fixed, plain } from "@/words";
import { cutOffWorking, packWorking } from "@/words/workings";

const FROM = {
  said: "as said",
  charger: "from the charger",
  nominal: "usual for these volts",
  guess: "guessed",
} as const;

/** The pack in figures: cells, cut-off, resistance, sag. */
export function PackFigures({
  pack,
  reading,
  bench,
  cutOff,
  limitA,
  ohm,
}: {
  readonly pack: Pack;
  readonly reading: PackReading;
  readonly bench: BatteryNumbers;
  readonly cutOff: CutOff;
  readonly limitA: number | null;
  readonly ohm: number;
}) {
  return (
    <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
      <Figure
        label="Cells in series"
        size="large"
        value={String(pack.series)}
        note={`${FROM[reading.seriesFrom]}${reading.seriesOptions.length > 1 && reading.seriesFrom === "nominal" ? `; ${reading.seriesOptions.join(" or ")} are usual` : ""}`}
        working={[
          `full at rest: ${pack.series} × ${fixed(cellV(pack, 1), 2)} V = ${plain(bench.fullV)} V`,
          `its charger ends at ${plain(bench.chargerV)} V`,
          "Series counts: common practice, no source.",
        ]}
      />
      <Figure
        label="Cut-off to set"
        size="large"
        value={`${plain(cutOff.advisedV)} V`}
        note={`${plain(cutOff.sparingV)} V spares the pack`}
        working={cutOffWorking(pack, cutOff, limitA ?? 0)}
      />
      <Figure
        label="Resistance of the pack"
        value={`${plain(ohm * 1000, 0)} mΩ`}
        note={`${pack.series} in series, ${pack.parallel} in parallel${reading.parallelFrom === "guess" ? " (guessed)" : ""}`}
        working={packWorking(pack, ohm)}
      />
      <Figure
        label="Sag on full power"
        value={limitA === null ? null : `${plain(cutOff.sagV)} V`}
        note={limitA === null ? "needs the controller’s amps" : `at ${plain(limitA)} A`}
        working={[`${plain(limitA ?? 0)} A × ${plain(ohm * 1000, 0)} mΩ = ${plain(cutOff.sagV, 2)} V`]}
      />
    </div>
  );
}
