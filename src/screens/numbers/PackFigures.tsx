"use client";
import type { CutOff, Pack } from "@/core/battery/gauge";
import { cellV, type BatteryBench as BatteryNumbers } from "@/core/benches/packBench";
import type { PackReading } from "@/core/facts/pack";
import { Figure } from "@/ui/primitives";
import { plain } from "@/words";
import { cutOffWorking, packWorking } from "@/words/workings";
import * as say from "@/words/screens/numbers/packFigures";

const FROM = {
  said: say.asSaid,
  charger: say.fromTheCharger,
  nominal: say.usualForTheseVolts,
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
        label={say.cellsInSeries}
        size="large"
        value={String(pack.series)}
        note={say.nominalAreUsual(
          FROM[reading.seriesFrom],
          reading.seriesOptions.length,
          reading.seriesFrom,
          reading.seriesOptions.join(say.or),
        )}
        working={[
          say.fullAtRestV(pack.series, cellV(pack, 1), bench.fullV),
          say.itsChargerEndsAt(bench.chargerV),
          say.seriesCountsCommonPractice,
        ]}
      />
      <Figure
        label={say.cutOffToSet}
        size="large"
        value={`${plain(cutOff.advisedV)} V`}
        note={say.vSparesThePack(cutOff.sparingV)}
        working={cutOffWorking(pack, cutOff, limitA ?? 0)}
      />
      <Figure
        label={say.resistanceOfThePack}
        value={`${plain(ohm * 1000, 0)} mΩ`}
        note={say.inSeriesInParallel(pack.series, pack.parallel, reading.parallelFrom)}
        working={packWorking(pack, ohm)}
      />
      <Figure
        label={say.sagOnFullPower}
        value={limitA === null ? null : `${plain(cutOff.sagV)} V`}
        note={limitA === null ? say.needsTheControllersAmps : say.atA(limitA)}
        working={[`${plain(limitA ?? 0)} A × ${plain(ohm * 1000, 0)} mΩ = ${plain(cutOff.sagV, 2)} V`]}
      />
    </div>
  );
}
