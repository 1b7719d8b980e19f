"use client";
import { useMemo } from "react";
import type { CalibrationBench } from "@/core/benches/calibrationBench";
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import { LineChart, type Series } from "@/ui/charts/LineChart";
import { NumberTable } from "@/ui/primitives";
import { speed } from "@/words";
import { residualWorking } from "@/words/workings";
import { Part } from "./Bench";
import { ChartTable } from "./ChartTable";
import * as say from "@/words/screens/numbers/runScatter";

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
        name: say.oneFactor,
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
    <Part title={say.runsAndTheFactor}>
      <LineChart
        series={series}
        xTitle={say.runScatterTrue(unit)}
        yTitle={say.runScatterShown(unit)}
        label={say.runsShownAgainstTrue(fit.r)}
      />
      <ChartTable>
        <NumberTable
          caption={say.runs}
          hideCaption
          headings={[say.run, say.trueWord, say.shown, say.offTheFactor]}
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
