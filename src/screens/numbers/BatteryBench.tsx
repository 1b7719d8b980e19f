"use client";
import { useMemo } from "react";
import { batteryBench, cellV, type BatteryBench as BatteryNumbers } from "@/core/benches/packBench";
import { LineChart, type Series } from "@/ui/charts/LineChart";
import { Caution, Figure, FindingLine, NumberTable } from "@/ui/primitives";
import { count, findingText, fixed, plain } from "@/ui/wording";
import { chargerProblemText, mismatchText } from "@/ui/wording/benches";
import { cutOffWorking, MEMORY, packWorking } from "@/ui/wording/workings";
import { BATTERY_WORDS } from "@/ui/wording/figures/battery";
import { voiceOf } from "../job/voice";
import { Bench, Lacks, Part } from "./Bench";
import { ChartTable } from "./ChartTable";
import { FigureFields } from "./FigureFields";
import type { BenchProps } from "./benchProps";

const FROM = {
  said: "as said",
  charger: "from the charger",
  nominal: "usual for these volts",
  guess: "guessed",
} as const;

/** The pack: its curve, its gauge, its cut-off, and what a wrong setting makes of all three. */
export function BatteryBench(props: BenchProps) {
  const { job, workings, figures, raws } = props;
  const { bike } = workings;
  const bench = useMemo(() => batteryBench(bike, figures, job.profile, raws), [bike, figures, job.profile, raws]);
  return (
    <Bench
      known={
        <>
          <Part title="The pack">
            <FigureFields
              {...props}
              words={BATTERY_WORDS}
              keys={[
                "packV",
                "chargerV",
                "packAh",
                "chemistry",
                "series",
                "parallel",
                "cellMilliohm",
                "temperatureC",
                "cellKind",
                "aged",
              ]}
              guesses={
                bench
                  ? {
                      series: bike.seriesFrom === "said" ? null : plain(bench.pack.series),
                      parallel: plain(bench.pack.parallel),
                      cellMilliohm: bench.reading.cellFrom === "guess" ? plain(bench.pack.cellOhm * 1000) : null,
                    }
                  : {}
              }
            />
          </Part>
          <Part title="The gauge">
            <FigureFields
              {...props}
              words={BATTERY_WORDS}
              keys={["bars", "typicalA"]}
              guesses={bench ? { typicalA: plain(bench.typicalA) } : {}}
            />
          </Part>
          <p className="text-[0.88rem] text-quiet">
            Guesses are from memory and give way to what you type. Series counts: common practice, no source.
          </p>
          <Caution>
            A wrong voltage or a cut-off set too low can destroy cells and start a fire. A pack with a BMS fault is not
            used.
          </Caution>
        </>
      }
    >
      {workings.findings
        .filter(({ subject, severity }) => severity !== "note" && (subject === "battery" || subject === "cut-off"))
        .map((finding) => (
          <FindingLine key={finding.message.key} severity={finding.severity}>
            {findingText(finding.message, voiceOf(workings))}
          </FindingLine>
        ))}
      {bench ? <Pack bench={bench} /> : <Lacks>Give the pack’s volts, and the rest follows.</Lacks>}
    </Bench>
  );
}

function Pack({ bench }: { readonly bench: BatteryNumbers }) {
  const { pack, reading, cutOff, ohm, limitA, typicalA, setV } = bench;
  const bars = bench.bars.length;
  const curve = useMemo(
    (): readonly Series[] => [
      {
        name: "at rest",
        colour: "--ink",
        points: bench.curve.map(({ charge, restV }) => ({ x: 100 * charge, y: restV })),
      },
      {
        name: `under ${plain(typicalA)} A`,
        colour: "--action",
        dashed: true,
        points: bench.curve.map(({ charge, loadedV }) => ({ x: 100 * charge, y: loadedV })),
      },
      {
        name: "cut-off",
        colour: "--breach",
        dash: [3, 3],
        points: [
          { x: 0, y: cutOff.advisedV },
          { x: 100, y: cutOff.advisedV },
        ],
      },
    ],
    [bench, typicalA, cutOff],
  );
  return (
    <>
      <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
        <Figure
          label="Cells in series"
          size="large"
          value={String(pack.series)}
          note={`${FROM[reading.seriesFrom]}${reading.seriesOptions.length > 1 && reading.seriesFrom === "nominal" ? `; ${reading.seriesOptions.join(" or ")} are usual` : ""}`}
          working={[
            `full at rest: ${pack.series} × ${fixed(cellV(pack, 1), 2)} V = ${plain(bench.fullV)} V`,
            `its charger ends at ${plain(bench.chargerV)} V`,
            "Series counts: common practice, no source.",
          ]}
        />
        <Figure
          label="Cut-off to set"
          size="large"
          value={`${plain(cutOff.advisedV)} V`}
          note={`${plain(cutOff.sparingV)} V spares the pack`}
          working={cutOffWorking(pack, cutOff, limitA ?? 0)}
        />
        <Figure
          label="Resistance of the pack"
          value={`${plain(ohm * 1000, 0)} mΩ`}
          note={`${pack.series} in series, ${pack.parallel} in parallel${reading.parallelFrom === "guess" ? " (guessed)" : ""}`}
          working={packWorking(pack, ohm)}
        />
        <Figure
          label="Sag on full power"
          value={limitA === null ? null : `${plain(cutOff.sagV)} V`}
          note={limitA === null ? "needs the controller’s amps" : `at ${plain(limitA)} A`}
          working={[`${plain(limitA ?? 0)} A × ${plain(ohm * 1000, 0)} mΩ = ${plain(cutOff.sagV, 2)} V`]}
        />
      </div>
      {reading.chargerProblem ? (
        <FindingLine severity="breach">{chargerProblemText(reading.chargerProblem)}</FindingLine>
      ) : null}
      {bench.mismatches.map((mismatch) => (
        <FindingLine
          key={mismatch.key}
          severity={
            mismatch.key === "mismatch.run-flat" || mismatch.key === "mismatch.gauge-always-full" ? "breach" : "caution"
          }
        >
          {mismatchText(mismatch)}
        </FindingLine>
      ))}
      <Part title="Volts over charge">
        <LineChart
          series={curve}
          xTitle="charge, %"
          yTitle="pack volts"
          label={`Pack volts over charge, ${plain(bench.fullV)} V full, cut-off at ${plain(cutOff.advisedV)} V`}
        />
        <ChartTable>
          <NumberTable
            caption="Volts over charge"
            hideCaption
            headings={["Charge", "At rest", "Per cell", "Under load"]}
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
      <p className="text-[0.92rem] text-quiet">
        Volts are measured; per cent follows somebody’s curve, and sags with the current. Volts on the read-out are
        advised.
      </p>
    </>
  );
}
