import type { Ride } from "@/core/benches/rideOf";
import { FASTEST_KMH, GRADES, runsHot, START_TO_KMH, type RidePoint } from "@/core/ride";
import type { SpeedUnit } from "@/core/units";
import { Choice, NumberTable } from "@/ui/primitives";
import { distance, fixed, plain, speed, whPer } from "@/words";
import { rideWorking } from "@/words/workings";
import { gradeWords } from "./gradeWords";
import type { SweptSetup } from "./useSweep";

interface RideTablesProps {
  readonly ride: Ride;
  readonly unit: SpeedUnit;
  readonly points: SweptSetup | null;
  readonly at: number;
  readonly onLevel: (level: string) => void;
}

/** Every level on the flat, and the one in hand on every grade. */
export function RideTables({ ride, unit, points, at, onLevel }: RideTablesProps) {
  const { setup, levels } = ride;
  const flat = GRADES.indexOf(0);
  const chosen = points?.[at];
  return points ? (
    <>
      <LevelsOnTheFlat unit={unit} points={points} flat={flat} ride={ride} />
      <Choice
        label="Level on every grade"
        value={String(at)}
        options={levels.map((each) => ({ value: String(each.level), label: String(each.level) }))}
        onChoose={onLevel}
      />
      {chosen ? (
        <NumberTable
          caption={`Level ${at} on every grade`}
          headings={[
            "Grade",
            "Speed",
            "Motor",
            "Battery",
            "Energy",
            "Range",
            "Heat",
            `To ${speed(START_TO_KMH, unit, 0)}`,
          ]}
          rows={GRADES.map((grade, i) => {
            const point = chosen[i];
            return {
              key: String(grade),
              head: gradeWords(grade),
              cells: point
                ? [
                    point.speedKmh >= FASTEST_KMH
                      ? `over ${speed(FASTEST_KMH, unit, 0)}`
                      : point.speedKmh === 0
                        ? "stalls"
                        : speed(point.speedKmh, unit),
                    `${plain(point.motorW, 0)} W`,
                    `${plain(point.batteryW, 0)} W`,
                    point.whPerKm === null || point.motorW < 1 ? "—" : whPer(point.whPerKm, unit),
                    point.rangeKm === null ? "—" : distance(point.rangeKm, unit),
                    `${plain(point.heatW, 0)} W${runsHot(setup, point) ? " ◆" : ""}`,
                    point.startUp ? `${fixed(point.startUp.seconds)} s` : "never",
                  ]
                : [],
              working: point ? rideWorking(ride, point, grade, unit) : [],
            };
          })}
        />
      ) : null}
    </>
  ) : (
    <p className="text-quiet">Working it out…</p>
  );
}

/** Every level on the flat. */
function LevelsOnTheFlat({
  unit,
  points,
  flat,
  ride,
}: {
  readonly unit: SpeedUnit;
  readonly points: readonly (readonly RidePoint[])[];
  readonly flat: number;
  readonly ride: Ride;
}) {
  return (
    <NumberTable
      caption="Every level on the flat"
      headings={[
        "Level",
        "Speed",
        "Motor",
        "Rider",
        "Battery",
        "Energy",
        "Range",
        `To ${speed(START_TO_KMH, unit, 0)}`,
      ]}
      rows={points.map((row, i) => {
        const point = row[flat];
        return {
          key: String(i),
          head: String(i),
          cells: point
            ? [
                speed(point.speedKmh, unit),
                `${plain(point.motorW, 0)} W`,
                `${plain(point.riderW, 0)} W`,
                `${plain(point.batteryW, 0)} W`,
                i === 0 || point.whPerKm === null ? "—" : whPer(point.whPerKm, unit),
                i === 0 || point.rangeKm === null ? "—" : distance(point.rangeKm, unit),
                point.startUp ? `${fixed(point.startUp.seconds)} s` : "never",
              ]
            : [],
          working: point ? rideWorking(ride, point, 0, unit) : [],
        };
      })}
    />
  );
}
