import type { Ladder } from "@/core/benches/ladderBench";
import type { Ride } from "@/core/benches/rideOf";
import type { SpeedUnit } from "@/core/units";
import { NumberTable } from "@/ui/primitives";
import { distance, plain, speed } from "@/words";
import { rideWorking } from "@/words/workings";

interface LadderTableProps {
  readonly title: string;
  readonly ladder: Ladder;
  readonly ride: Ride;
  readonly unit: SpeedUnit;
}

/** Every level of a ladder, with its working. */
export function LadderTable({ title, ladder, ride, unit }: LadderTableProps) {
  return (
    <NumberTable
      caption={title}
      headings={["Level", "Share", "Flat", "Battery", "On 5 %", "Battery, 5 %", "Range", "Same"]}
      rows={ladder.rows.map((row) => ({
        key: String(row.level),
        head: String(row.level),
        quiet: row.twinOf !== null,
        cells: [
          row.level === 0 ? "—" : row.from === "measured" ? "measured" : `${plain(100 * row.share, 0)} %`,
          speed(row.measuredKmh ?? row.flat.speedKmh, unit),
          row.explained ? `${plain(row.flat.batteryW, 0)} W` : "—",
          row.explained ? speed(row.hill.speedKmh, unit) : "—",
          row.explained ? `${plain(row.hill.batteryW, 0)} W` : "—",
          row.level === 0 || !row.explained || row.flat.rangeKm === null ? "—" : distance(row.flat.rangeKm, unit),
          row.twinOf === null ? "" : `as ${row.twinOf}`,
        ],
        working: !row.explained
          ? [
              `measured: ${speed(row.measuredKmh ?? 0, unit)}`,
              `the model comes to ${speed(row.flat.speedKmh, unit)} with this rider and road, so nothing else is said of this level`,
            ]
          : [
              "On the flat:",
              ...rideWorking(ride, row.flat, 0, unit),
              "On 5 %:",
              ...rideWorking(ride, row.hill, 0.05, unit),
            ],
      }))}
    />
  );
}
