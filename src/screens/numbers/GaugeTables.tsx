"use client";
import type { Pack } from "@/core/battery/gauge";
import { cellV, type BatteryBench as BatteryNumbers } from "@/core/benches/packBench";
import { NumberTable } from "@/ui/primitives";
import { fixed, plain } from "@/words";
import * as say from "@/words/screens/numbers/gaugeTables";

/** Where each bar lights, and what a gauge shows of the pack as it is. */
export function GaugeTables({
  bars,
  bench,
  pack,
  typicalA,
  ohm,
  setV,
}: {
  readonly bars: number;
  readonly bench: BatteryNumbers;
  readonly pack: Pack;
  readonly typicalA: number;
  readonly ohm: number;
  readonly setV: number | null;
}) {
  return (
    <>
      <NumberTable
        caption={say.voltsForBar(bars)}
        headings={[say.bar, say.lightsFrom, say.chargeThere]}
        rows={bench.bars.map(({ volts, charge }, i) => ({
          key: String(i),
          head: String(i + 1),
          cells: [`${plain(volts)} V`, `${plain(100 * charge, 0)} %`],
          working: [say.vAMRounded(pack.series, cellV(pack, charge), typicalA, ohm, volts), say.barsAreLowerThresholds],
        }))}
      />
      <NumberTable
        caption={bench.wrongGauge ? say.setForVThe(setV) : say.whatAGaugeIn}
        headings={[say.reallyInIt, say.voltsRiding, say.barsShown, say.barsDue, say.perCentShown]}
        rows={(bench.wrongGauge ?? bench.rightGauge).map((row) => ({
          key: String(row.charge),
          head: `${plain(100 * row.charge, 0)} %`,
          cells: [
            `${fixed(row.loadedV)} V`,
            say.gaugeTablesOf(row.barsShown, bars),
            String(row.barsTrue),
            `${plain(100 * row.shownShare, 0)} %`,
          ],
          working: [say.restVLessThe(row.restV, row.loadedV), say.perCentWhatThe],
        }))}
      />
    </>
  );
}
