"use client";
import { packLines } from "@/core/benches/lineValues";
import { batteryBench, type BatteryBench as BatteryNumbers } from "@/core/benches/packBench";
import type { Series } from "@/ui/charts/LineChart";
import { Caution, FindingLine } from "@/ui/primitives";
import { findingText, plain } from "@/words";
import { chargerProblemText, mismatchText } from "@/words/benches";
import { BATTERY_WORDS } from "@/words/figures/battery";
import { useMemo } from "react";
import { voiceOf } from "../job/voice";
import { Bench, Lacks, Part } from "./Bench";
import type { BenchProps } from "./benchProps";
import { ChargeCurve } from "./ChargeCurve";
import { FigureFields } from "./FigureFields";
import { IntoPlan } from "./IntoPlan";
import { GaugeTables } from "./GaugeTables";
import { PackFigures } from "./PackFigures";
import * as say from "@/words/screens/numbers/batteryBench";

/** The pack: its curve, its gauge, its cut-off, and what a wrong setting makes of all three. */
export function BatteryBench(props: BenchProps) {
  const { job, workings, facts, raws } = props;
  const { bike } = workings;
  const bench = useMemo(() => batteryBench(bike, facts, job.profile, raws), [bike, facts, job.profile, raws]);
  const { profile } = job;
  const lines = useMemo(
    () => (profile && bench ? packLines(profile, raws, bike, bench) : []),
    [profile, raws, bike, bench],
  );
  return (
    <Bench
      known={
        <>
          <Part title={say.thePack}>
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
          <Part title={say.theGauge}>
            <FigureFields
              {...props}
              words={BATTERY_WORDS}
              keys={["bars", "typicalA"]}
              guesses={bench ? { typicalA: plain(bench.typicalA) } : {}}
            />
          </Part>
          <p className="text-[0.88rem] text-quiet">{say.guessesAreFromMemory}</p>
          <Caution>{say.aWrongVoltageOr}</Caution>
        </>
      }
    >
      {(workings.sheet?.inForce.findings ?? [])
        .filter(({ subject, severity }) => severity !== "note" && (subject === "battery" || subject === "cut-off"))
        .map((finding) => (
          <FindingLine key={finding.message.key} severity={finding.severity}>
            {findingText(finding.message, voiceOf(workings))}
          </FindingLine>
        ))}
      <IntoPlan {...props} values={lines} bench={say.bench} />
      {bench ? <Pack bench={bench} /> : <Lacks>{say.giveThePacksVolts}</Lacks>}
    </Bench>
  );
}

function Pack({ bench }: { readonly bench: BatteryNumbers }) {
  const { pack, reading, cutOff, ohm, limitA, typicalA, setV } = bench;
  const bars = bench.bars.length;
  const curve = useMemo(
    (): readonly Series[] => [
      {
        name: say.atRest,
        colour: "--ink",
        points: bench.curve.map(({ charge, restV }) => ({ x: 100 * charge, y: restV })),
      },
      {
        name: say.underA(typicalA),
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
      <PackFigures pack={pack} reading={reading} bench={bench} cutOff={cutOff} limitA={limitA} ohm={ohm} />
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
      <ChargeCurve curve={curve} bench={bench} cutOff={cutOff} pack={pack} typicalA={typicalA} ohm={ohm} />
      <GaugeTables bars={bars} bench={bench} pack={pack} typicalA={typicalA} ohm={ohm} setV={setV} />
      <p className="text-[0.92rem] text-quiet">{say.voltsAreMeasuredPer}</p>
    </>
  );
}
