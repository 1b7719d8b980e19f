"use client";
import type { Pack } from "@/core/battery/gauge";
import { cellV, type BatteryBench as BatteryNumbers } from "@/core/benches/packBench";
import { NumberTable } from "@/ui/primitives";
import { count, fixed, plain } from "@/words";

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
        caption={`Volts for ${count(bars, "bar")}`}
        headings={["Bar", "Lights from", "Charge there"]}
        rows={bench.bars.map(({ volts, charge }, i) => ({
          key: String(i),
          head: String(i + 1),
          cells: [`${plain(volts)} V`, `${plain(100 * charge, 0)} %`],
          working: [
            `${pack.series} × ${fixed(cellV(pack, charge), 3)} V − ${plain(typicalA)} A × ${plain(ohm * 1000, 0)} mΩ, rounded up, never under the cut-off = ${plain(volts)} V`,
            "Bars are lower thresholds: one at 100 % would never light.",
          ],
        }))}
      />
      <NumberTable
        caption={
          bench.wrongGauge
            ? `Set for ${plain(setV ?? 0)} V, the gauge shows`
            : "What a gauge in bars, per cent and volts shows"
        }
        headings={["Really in it", "Volts, riding", "Bars shown", "Bars due", "Per cent shown"]}
        rows={(bench.wrongGauge ?? bench.rightGauge).map((row) => ({
          key: String(row.charge),
          head: `${plain(100 * row.charge, 0)} %`,
          cells: [
            `${fixed(row.loadedV)} V`,
            `${row.barsShown} of ${bars}`,
            String(row.barsTrue),
            `${plain(100 * row.shownShare, 0)} %`,
          ],
          working: [
            `rest ${fixed(row.restV)} V less the sag = ${fixed(row.loadedV)} V`,
            "per cent: what the display’s own curve makes of those volts",
          ],
        }))}
      />
    </>
  );
}
