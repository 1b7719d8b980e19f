"use client";
import { forceCurve, type ForceCurves } from "@/core/benches/rideCurves";
import type { Ride } from "@/core/benches/rideOf";
import { GRADES, topSpeedKmh } from "@/core/ride";
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import { LineChart, type Series } from "@/ui/charts/LineChart";
import { levelLine } from "@/ui/charts/palette";
import { NumberTable } from "@/ui/primitives";
import { plain, unitName } from "@/words";
import { loadWorking, MEMORY } from "@/words/workings";
import { useMemo } from "react";
import { Part } from "./Bench";
import { ChartTable } from "./ChartTable";
import type { SweptSetup } from "./useSweep";
import * as say from "@/words/screens/numbers/rideCharts";

interface RideChartsProps {
  readonly ride: Ride;
  readonly unit: SpeedUnit;
  readonly points: SweptSetup | null;
  /** Level in hand: drawn in front. */
  readonly at: number;
}

/** Thrust against drag, and range by level. */
export function RideCharts({ ride, unit, points, at }: RideChartsProps) {
  const { setup, road } = ride;
  const top = useMemo(() => topSpeedKmh(setup, { ...road, grade: 0 }), [setup, road]);
  const forces = useMemo(() => forceCurve(ride), [ride]);
  const forceLines = useMemo(
    (): readonly Series[] => [
      ...forces.levels.map((line): Series => ({
        name: say.rideChartsLevel(line.level),
        ...levelLine(line.level === at),
        points: line.points.map(({ kmh, forceN }) => ({ x: speedFromKmh(kmh, unit), y: forceN })),
      })),
      {
        name: say.dragFlat,
        colour: "--ink",
        points: forces.flat.map(({ kmh, forceN }) => ({ x: speedFromKmh(kmh, unit), y: forceN })),
      },
      {
        name: say.drag,
        colour: "--breach",
        dash: [6, 4],
        points: forces.hill.map(({ kmh, forceN }) => ({ x: speedFromKmh(kmh, unit), y: forceN })),
      },
    ],
    [forces, at, unit],
  );
  const rangeLines = useMemo(
    (): readonly Series[] =>
      points
        ? [
            ["flat", 0],
            ["5 %", 0.05],
          ].map(([name, grade], i): Series => ({
            name: String(name),
            ...(i === 0 ? { colour: "--action" as const } : { colour: "--spoke" as const, dash: [6, 4] }),
            points: points
              .slice(1)
              .flatMap((row, j) =>
                row[GRADES.indexOf(Number(grade))]?.rangeKm != null
                  ? [{ x: j + 1, y: speedFromKmh(row[GRADES.indexOf(Number(grade))]?.rangeKm ?? 0, unit) }]
                  : [],
              ),
          }))
        : [],
    [points, unit],
  );
  return (
    <>
      <Part title={say.thrustAgainstDrag}>
        <LineChart
          tall
          series={forceLines}
          xTitle={unitName(unit)}
          yTitle="N"
          label={say.thrustOfEveryLevel(top, unit)}
        />
        <ThrustTable unit={unit} forces={forces} ride={ride} />
      </Part>
      {rangeLines.some(({ points: p }) => p.length > 0) ? (
        <Part title={say.rangeByLevel}>
          <LineChart
            series={rangeLines}
            wholeX
            xTitle={say.level}
            yTitle={unit === "mph" ? "mi" : "km"}
            label={say.rangeOfEachLevel}
          />
        </Part>
      ) : null}
    </>
  );
}

/** Thrust and drag in figures. */
function ThrustTable({
  unit,
  forces,
  ride,
}: {
  readonly unit: SpeedUnit;
  readonly forces: ForceCurves;
  readonly ride: Ride;
}) {
  return (
    <ChartTable>
      <NumberTable
        caption={say.thrustAndDrag}
        hideCaption
        headings={[
          unitName(unit),
          say.rideChartsDragFlat,
          say.drag5,
          ...forces.levels.map((line) => say.rideChartsLevel2(line.level)),
        ]}
        rows={forces.flat
          .filter((_, i) => i % 5 === 0)
          .map(({ kmh, forceN }, i) => ({
            key: String(kmh),
            head: plain(speedFromKmh(kmh, unit), 0),
            working: [loadWorking(ride, 0, unit), say.atOnTheFlat(kmh, unit, forceN), say.levelTheRidersPush, MEMORY],
            cells: [
              plain(forceN, 0),
              plain(forces.hill[i * 5]?.forceN ?? 0, 0),
              ...forces.levels.map((line) => plain(line.points[i * 5]?.forceN ?? 0, 0)),
            ],
          }))}
      />
    </ChartTable>
  );
}
