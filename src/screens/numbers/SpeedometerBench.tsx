"use client";
import { useMemo } from "react";
import { calibrationBench, type CalibrationBench } from "@/core/setup/calibrationBench";
import { shownUnitOf } from "@/core/setup/wheelBench";
import { runCells, runRows, withRunCell, withRunsPasted, withSteadyRun } from "@/core/setup/figures";
import { keepTyped, typedNow } from "@/store";
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import { LineChart, type Series } from "@/ui/charts/LineChart";
import { Button, Figure, FindingLine, KeptField, NumberTable } from "@/ui/primitives";
import { count, fixed, offBy, plain, speed, unitName } from "@/ui/wording";
import { calibrationNoteText, listProblemText } from "@/ui/wording/benches";
import { factorWorking, fitWorking } from "@/ui/wording/workings";
import { SPEEDOMETER_WORDS } from "@/ui/wording/figures/speedometer";
import { voiceOf } from "../job/voice";
import { Bench, Lacks, Part } from "./Bench";
import { ChartTable } from "./ChartTable";
import { FigureFields } from "./FigureFields";
import type { BenchProps } from "./benchProps";
import { TrackFound, TrackPart, useTrackFile } from "./TrackPart";

const BY = { runs: "from steady runs", trip: "from a trip against a track", course: "from a timed course" } as const;

/** The speedometer: what it makes of true speed, how sure that is, and the lines that put it right. */
export function SpeedometerBench(props: BenchProps) {
  const { job, workings, change, figures, raws } = props;
  const { bike, choice } = workings;
  const { profile } = job;
  const bench = useMemo(
    () => calibrationBench({ bike, figures, profile, raws, choice }),
    [bike, figures, profile, raws, choice],
  );
  const unit = unitName(shownUnitOf(profile, raws).unit);
  const set = (intake: Readonly<Record<string, string>>) =>
    change((now) => ({ ...now, intake: { ...now.intake, ...intake } }));
  const file = useTrackFile(job.id, (km) => set({ trackKm: plain(km, 3) }));
  return (
    <Bench
      known={
        <>
          <Part title="Steady runs" hint="Discard five seconds, hold ten, out and back. One pair a run.">
            <Runs {...props} unit={unit} bench={bench} />
            <div className="mt-4">
              <FigureFields
                {...props}
                words={SPEEDOMETER_WORDS}
                keys={["trueUnit", "shownStep", "wantedPercent", "truncates"]}
                units={{ shownStep: unit }}
              />
            </div>
          </Part>
          <TrackPart file={file} />
          <Part title="Trip against the track">
            <FigureFields
              {...props}
              words={SPEEDOMETER_WORDS}
              keys={["tripShown", "tripStep", "trackKm"]}
              units={{ tripShown: unit === "mph" ? "mi" : "km", tripStep: unit === "mph" ? "mi" : "km" }}
            />
          </Part>
          <Part title="Timed course">
            <FigureFields
              {...props}
              words={SPEEDOMETER_WORDS}
              keys={["courseM", "courseS", "courseShown", "courseTapeM", "stopwatchS"]}
              units={{ courseShown: unit }}
            />
          </Part>
        </>
      }
    >
      <Result bench={bench} props={props} />
      <TrackFound
        unit={workings.unit}
        file={file}
        onSteady={(kmh) =>
          change((now) => ({
            ...now,
            intake: { ...now.intake, runs: withSteadyRun(now.intake.runs ?? "", kmh, bench.trueUnit) },
          }))
        }
      />
      <Scatter bench={bench} toKmh={shownUnitOf(profile, raws).toKmh} unit={workings.unit} />
      {bench.settings && bench.settings.choices.length > 0 ? (
        <Part title="Lines that put it right" hint="Rounded to what the display can hold; every pair was tried.">
          <NumberTable
            caption="Lines after calibration"
            hideCaption
            headings={["Lines", "To set", "Then reads", "Cap to set", "It bites"]}
            rows={bench.settings.choices.map((each) => ({
              key: each.what,
              head: {
                "as-found": "As it stands",
                "best-wheel": "Wheel line",
                "best-pulses": "Pulse line",
                "best-pair": "Both",
              }[each.what],
              cells: [
                each.changes
                  .map(({ code, to, makerOnly }) => `${code}: ${to}${makerOnly ? " (maker only)" : ""}`)
                  .join(", ") || "nothing",
                offBy(each.r),
                each.capToSet?.shown ?? "—",
                each.capToSet ? speed(each.capToSet.trueKmh.nominal, voiceOf(workings).unit, 2) : "—",
              ],
              working: bench.best
                ? [
                    `calibrated r = ${fixed(bench.best.factor.r, 4)} with the lines as they stand`,
                    `r with these lines = ${fixed(bench.best.factor.r, 4)} × new circumference ÷ old × old pulses ÷ new = ${fixed(each.r, 4)}`,
                  ]
                : [],
            }))}
          />
          <div className="mt-4 grid gap-x-8 gap-y-4 sm:grid-cols-2">
            {bench.percent && bench.best ? (
              <Figure
                label={`Or line ${bench.percent.code} to`}
                value={`${plain(bench.percent.exact, 1)} %`}
                note="rounded up; it multiplies what is shown"
                working={[
                  `set ${plain(bench.percent.set, 1)} % ÷ r ${fixed(bench.best.factor.r, 4)} = ${plain(bench.percent.exact, 2)} %`,
                ]}
              />
            ) : null}
            {bench.impliedRollout && bench.best ? (
              <div>
                <Figure
                  label="The wheel then rolls"
                  value={`${plain(bench.impliedRollout.mm, 0)} mm`}
                  note={`±${plain(bench.impliedRollout.uncertaintyMm, 0)}, with ${count(bike.pulsesPerTurn, "pulse")} a turn as counted`}
                  working={[
                    `the display counts ${plain(bench.impliedRollout.countedMm, 1)} mm for a real turn`,
                    `÷ r ${fixed(bench.best.factor.r, 4)} = ${plain(bench.impliedRollout.mm, 1)} mm`,
                  ]}
                />
                <Button
                  weight="quiet"
                  onClick={() =>
                    bench.impliedRollout &&
                    set({
                      rolloutMm: plain(bench.impliedRollout.mm, 0),
                      rolloutTurns: "1",
                      tapeErrorMm: plain(bench.impliedRollout.uncertaintyMm, 1),
                    })
                  }
                >
                  Take it as the rollout
                </Button>
              </div>
            ) : null}
          </div>
        </Part>
      ) : null}
    </Bench>
  );
}

/** The answer in one figure, and what weakens it. */
function Result({ bench, props: { workings } }: { readonly bench: CalibrationBench; readonly props: BenchProps }) {
  const { best, fit, trip, course, predicted, needed } = bench;
  const jumps = fit?.notes.some(({ key }) => key === "calibration.jumping") ?? false;
  if (!best && !fit && !course)
    return (
      <Lacks>
        Give three steady runs, a trip with a track, or a timed course, and it says how far the speedometer is off and
        how sure that is.{predicted ? ` By wheel and pulses it should read ${offBy(predicted.nominal)}.` : ""}
      </Lacks>
    );
  return (
    <>
      <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
        <Figure
          label="Shown over true"
          size="large"
          value={best && !jumps ? fixed(best.factor.r, 3) : jumps ? "no one factor" : fit ? fixed(fit.r, 3) : null}
          note={
            best && !jumps
              ? `${offBy(best.factor.r)}, ${BY[best.by]}`
              : jumps
                ? "see below"
                : "no interval under three runs"
          }
          working={
            jumps && fit
              ? fitWorking(fit, workings.unit)
              : best?.by === "runs" && fit
                ? fitWorking(fit, workings.unit)
                : best
                  ? factorWorking(
                      best.by === "trip"
                        ? "r = trip ÷ track; u = √((step ÷ √12 ÷ length)² + 0.3 %²)"
                        : "r = shown ÷ (length ÷ time)",
                      best.factor,
                    )
                  : fit
                    ? fitWorking(fit, workings.unit)
                    : []
          }
        />
        <Figure
          label="95 % interval"
          size="large"
          value={best && !jumps ? `${fixed(best.factor.low, 3)} – ${fixed(best.factor.high, 3)}` : null}
          note={
            best && !jumps
              ? `±${plain((50 * (best.factor.high - best.factor.low)) / best.factor.r, 2)} %`
              : "needs runs that one factor explains"
          }
          working={
            best?.by === "runs" && fit
              ? fitWorking(fit, workings.unit)
              : best
                ? factorWorking("±1.96 × u", best.factor)
                : []
          }
        />
        {predicted ? (
          <Figure
            label="By wheel and pulses it should be"
            value={fixed(predicted.nominal, 3)}
            note={`${fixed(predicted.low, 3)} – ${fixed(predicted.high, 3)}`}
            working={["pulses true ÷ pulses set × circumference set ÷ rollout", `= ${fixed(predicted.nominal, 4)}`]}
          />
        ) : null}
        {fit && !jumps ? (
          <Figure
            label="Runs worth riding in all"
            value={needed === null ? "over 60" : String(needed)}
            note={
              needed !== null && needed <= fit.runs
                ? "no more needed"
                : needed === null
                  ? "one run says nothing of scatter"
                  : `${needed - fit.runs} more`
            }
            working={["smallest n with t(0.975, n − 1) × s_rel ÷ √n within the wanted half-width"]}
          />
        ) : null}
        {course ? (
          <Figure
            label="True speed on the course"
            value={speed(course.kmh, voiceOf(workings).unit, 2)}
            note={`±${speed(course.uncertaintyKmh, workings.unit, 2)}${course.r === null ? "" : `, r ${fixed(course.r, 3)}`}`}
            working={["v = length ÷ time × 3.6", "u = v × √((tape ÷ length)² + (stopwatch ÷ time)²)"]}
          />
        ) : null}
        {trip && best?.by !== "trip" ? (
          <Figure
            label="By the trip"
            value={fixed(trip.r, 3)}
            note={`${fixed(trip.low, 3)} – ${fixed(trip.high, 3)}`}
            working={factorWorking("r = trip ÷ track", trip)}
          />
        ) : null}
      </div>
      {fit?.notes.map((note) => (
        <FindingLine
          key={note.key}
          severity={note.key === "calibration.few-runs" || note.key === "calibration.narrow-range" ? "note" : "caution"}
        >
          {calibrationNoteText(note, workings.unit)}
        </FindingLine>
      ))}
      {bench.disagrees ? (
        <FindingLine severity="caution">
          Measured and worked out do not meet. The pulse count, the wheel code’s millimetres or the rollout is not what
          it is taken for.
        </FindingLine>
      ) : null}
    </>
  );
}

interface ScatterProps {
  readonly bench: CalibrationBench;
  readonly toKmh: (shown: number) => number;
  readonly unit: SpeedUnit;
}

function Scatter({ bench, toKmh, unit }: ScatterProps) {
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
            working: [
              `shown − r × true = ${speed(toKmh(run.shown), unit, 2)} − ${fixed(fit.r, 4)} × ${speed(run.trueKmh, unit)}`,
              "half a step is added first where the display cuts off",
            ],
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

const RUNS = { in: "intake", name: "runs" } as const;

/** Paired readings, a row each; kept as the text they are typed as. */
function Runs({ job, unit, bench }: BenchProps & { readonly unit: string; readonly bench: CalibrationBench }) {
  const typed = job.intake.runs ?? "";
  const { problems, unfinished } = bench.runs;
  const edit = (runs: (now: string) => string) => keepTyped(job.id, RUNS, runs(typedNow(job, RUNS)));
  return (
    <>
      <table className="w-full max-w-sm">
        <thead className="text-left text-[0.82rem] text-quiet">
          <tr>
            <th scope="col" className="w-10 font-semibold">
              Run
            </th>
            <th scope="col" className="font-semibold">
              True, {unitName(bench.trueUnit)}
            </th>
            <th scope="col" className="font-semibold">
              Shown, {unit}
            </th>
          </tr>
        </thead>
        <tbody>
          {runRows(typed).map((line, row) => {
            const cells = runCells(line);
            return (
              <tr key={row}>
                <th scope="row" className="py-0.5 text-left font-semibold">
                  {row + 1}
                </th>
                {([0, 1] as const).map((column) => (
                  <td
                    key={column}
                    className="py-0.5 pr-2"
                    onPasteCapture={(event) => {
                      const text = event.clipboardData.getData("text");
                      if (!/\n|\t/.test(text)) return;
                      event.preventDefault();
                      edit((now) => withRunsPasted(now, row, text));
                    }}
                  >
                    <KeptField
                      of={`run ${row} ${column}`}
                      hideLabel
                      numeric
                      label={`Run ${row + 1}, ${column === 0 ? "true" : "shown"}`}
                      value={cells[column]}
                      onKeep={(value) => edit((now) => withRunCell(now, row, column, value))}
                    />
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
      {unfinished.length > 0 ? (
        <p className="mt-1 text-[0.9rem] text-quiet">
          {unfinished.length === 1 ? "Run" : "Runs"} {unfinished.join(", ")}: the other speed is still to come.
        </p>
      ) : null}
      {problems
        .filter(({ key }, i) => key === "list.not-a-pair" && i < 3)
        .map((problem) => (
          <p key={listProblemText(problem)} className="mt-1 text-[0.9rem] text-breach">
            <span aria-hidden="true">▲ </span>
            {listProblemText(problem)}
          </p>
        ))}
    </>
  );
}
