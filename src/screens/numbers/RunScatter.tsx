"use client";
import { useMemo } from "react";
import type { CalibrationBench } from "@/core/benches/calibrationBench";
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import { LineChart, type Series } from "@/ui/charts/LineChart";
import { NumberTable } from "@/ui/primitives";
import { fixed, speed, unitName } from "@/words";
import { residualWorking } from "@/words/workings";
import { Part } from "./Bench";
import { ChartTable } from "./ChartTable";

interface ScatterProps {
  readonly bench: CalibrationBench;
  readonly toKmh: (shown: number) => number;
  readonly unit: SpeedUnit;
}

/** The runs as points, with the one factor through them. */
export function RunScatter({ bench, toKmh, unit }: ScatterProps) {
  const { fit, runs } = bench;
  const series = useMemo((): readonly Series[] => {
    if (!fit) return [];
    const most = speedFromKmh(Math.max(...runs.runs.map(({ trueKmh }) => trueKmh)) * 1.08, unit);
    return [
      {
        name: "runs",
        colour: "--action",
        dots: true,
        points: runs.runs.map(({ trueKmh, shown }) => ({
          x: speedFromKmh(trueKmh, unit),
          y: speedFromKmh(toKmh(shown), unit),
        })),
      },
      {
        name: "one factor",
        colour: "--ink",
        points: [
          { x: 0, y: 0 },
          { x: most, y: most * fit.r },
        ],
      },
      {
        name: "true",
        colour: "--spoke",
        dashed: true,
        points: [
          { x: 0, y: 0 },
          { x: most, y: most },
        ],
      },
    ];
  }, [fit, runs, toKmh, unit]);
  if (!fit) return null;
  return (
    <Part title="Runs and the factor through them">
      <LineChart
        series={series}
        xTitle={`true ${unitName(unit)}`}
        yTitle={`shown ${unitName(unit)}`}
        label={`Runs, shown against true speed. One factor of ${fixed(fit.r, 3)} through them.`}
      />
      <ChartTable>
        <NumberTable
          caption="Runs"
          hideCaption
          headings={["Run", "True", "Shown", "Off the factor"]}
          rows={runs.runs.map((run, i) => ({
            key: String(i),
            head: String(i + 1),
            working: residualWorking(toKmh(run.shown), run.trueKmh, fit.r, unit),
            cells: [
              speed(run.trueKmh, unit),
              speed(toKmh(run.shown), unit, 2),
              `${(fit.residualsKmh[i] ?? 0) < 0 ? "−" : "+"}${speed(Math.abs(fit.residualsKmh[i] ?? 0), unit, 2)}`,
            ],
          }))}
        />
      </ChartTable>
    </Part>
  );
}
