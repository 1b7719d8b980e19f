import type { Ladder } from "@/core/benches/ladderBench";
import type { Ride } from "@/core/benches/rideOf";
import type { SpeedUnit } from "@/core/units";
import { NumberTable } from "@/ui/primitives";
import { distance, plain, speed } from "@/words";
import { rideWorking } from "@/words/workings";
import * as say from "@/words/screens/numbers/ladderTable";

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
      headings={[say.level, say.share, say.flat, say.battery, say.on5, say.battery5, say.range, say.same]}
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
          row.twinOf === null ? "" : say.ladderTableAs(row.twinOf),
        ],
        working: !row.explained
          ? [say.measuredAt(row.measuredKmh ?? 0, unit), say.theModelComesTo(row.flat.speedKmh, unit)]
          : [
              say.onTheFlat,
              ...rideWorking(ride, row.flat, 0, unit),
              say.ladderTableOn5,
              ...rideWorking(ride, row.hill, 0.05, unit),
            ],
      }))}
    />
  );
}
