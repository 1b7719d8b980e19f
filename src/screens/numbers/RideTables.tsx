import type { Ride } from "@/core/benches/rideOf";
import { FASTEST_KMH, GRADES, runsHot, START_TO_KMH, type RidePoint } from "@/core/ride";
import type { SpeedUnit } from "@/core/units";
import { Choice, NumberTable } from "@/ui/primitives";
import { distance, fixed, plain, speed, whPer } from "@/words";
import { rideWorking } from "@/words/workings";
import { gradeWords } from "./gradeWords";
import type { SweptSetup } from "./useSweep";
import * as say from "@/words/screens/numbers/rideTables";

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
        label={say.levelOnEveryGrade}
        value={String(at)}
        options={levels.map((each) => ({ value: String(each.level), label: String(each.level) }))}
        onChoose={onLevel}
      />
      {chosen ? (
        <NumberTable
          caption={say.rideTablesLevelOnEveryGrade(at)}
          headings={[
            say.grade,
            say.rideTablesSpeed,
            say.motor,
            say.battery,
            say.energy,
            say.range,
            say.heat,
            say.rideTablesTo(START_TO_KMH, unit),
          ]}
          rows={GRADES.map((grade, i) => {
            const point = chosen[i];
            return {
              key: String(grade),
              head: gradeWords(grade),
              cells: point
                ? [
                    point.speedKmh >= FASTEST_KMH
                      ? say.rideTablesOver(FASTEST_KMH, unit)
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
    <p className="text-quiet">{say.workingItOut}</p>
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
      caption={say.everyLevelOnThe}
      headings={[
        say.level,
        say.rideTablesSpeed,
        say.motor,
        say.rider,
        say.battery,
        say.energy,
        say.range,
        say.rideTablesTo(START_TO_KMH, unit),
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
