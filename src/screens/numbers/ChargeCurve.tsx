"use client";
import type { CutOff, Pack } from "@/core/battery/gauge";
import { cellV, type BatteryBench as BatteryNumbers } from "@/core/benches/packBench";
import { LineChart, type Series } from "@/ui/charts/LineChart";
import { NumberTable } from "@/ui/primitives";
import { fixed, plain } from "@/words";
import { MEMORY } from "@/words/workings";
import { Part } from "./Bench";
import { ChartTable } from "./ChartTable";
import * as say from "@/words/screens/numbers/chargeCurve";

/** Volts over charge, at rest and under load. */
export function ChargeCurve({
  curve,
  bench,
  cutOff,
  pack,
  typicalA,
  ohm,
}: {
  readonly curve: readonly Series[];
  readonly bench: BatteryNumbers;
  readonly cutOff: CutOff;
  readonly pack: Pack;
  readonly typicalA: number;
  readonly ohm: number;
}) {
  return (
    <Part title={say.voltsOverCharge}>
      <LineChart
        series={curve}
        xTitle={say.charge}
        yTitle={say.packVolts}
        label={say.packVoltsOverCharge(bench.fullV, cutOff.advisedV)}
      />
      <ChartTable>
        <NumberTable
          caption={say.voltsOverCharge}
          hideCaption
          headings={[say.chargeCurveCharge, say.atRest, say.perCell, say.underLoad]}
          rows={bench.curve
            .filter((_, i) => i % 2 === 0)
            .map((point) => ({
              key: String(point.charge),
              head: `${plain(100 * point.charge, 0)} %`,
              cells: [
                `${fixed(point.restV)} V`,
                `${fixed(cellV(pack, point.charge), 2)} V`,
                `${fixed(point.loadedV)} V`,
              ],
              working: [
                `${pack.series} × ${fixed(cellV(pack, point.charge), 3)} V = ${fixed(point.restV, 2)} V`,
                `− ${plain(typicalA)} A × ${plain(ohm * 1000, 0)} mΩ = ${fixed(point.loadedV, 2)} V`,
                MEMORY,
              ],
            }))}
        />
      </ChartTable>
    </Part>
  );
}
