"use client";
import { useMemo } from "react";
import { calibrationBench } from "@/core/benches/calibrationBench";
import { wheelLines } from "@/core/benches/lineValues";
import { withSteadyRun } from "@/core/facts/lists";
import { shownUnitOf } from "@/core/benches/wheelBench";
import { plain, unitName } from "@/words";
import { SPEEDOMETER_WORDS } from "@/words/figures/speedometer";
import { Bench, Part } from "./Bench";
import type { BenchProps } from "./benchProps";
import { CalibrationResult } from "./CalibrationResult";
import { FigureFields } from "./FigureFields";
import { IntoPlan } from "./IntoPlan";
import { LinesThatPutItRight } from "./LinesThatPutItRight";
import { RunScatter } from "./RunScatter";
import { RunTable } from "./RunTable";
import { TrackFound, TrackPart, useTrackFile } from "./TrackPart";
import * as say from "@/words/screens/numbers/speedometerBench";

/** The speedometer: what it makes of true speed, how sure that is, and the lines that put it right. */
export function SpeedometerBench(props: BenchProps) {
  const { job, workings, change, facts, raws } = props;
  const { bike, choice } = workings;
  const { profile } = job;
  const bench = useMemo(
    () => calibrationBench({ bike, facts, profile, raws, choice }),
    [bike, facts, profile, raws, choice],
  );
  const lines = useMemo(() => {
    const best = bench.settings?.better;
    return profile && best ? wheelLines(profile, best) : [];
  }, [profile, bench]);
  const unit = unitName(shownUnitOf(profile, raws).unit);
  const set = (intake: Readonly<Record<string, string>>) =>
    change((now) => ({ ...now, intake: { ...now.intake, ...intake } }));
  const file = useTrackFile(job.id, ({ lengthKm, errorKm }) =>
    set({ trackKm: plain(lengthKm, 3), trackErrorKm: plain(errorKm, 3) }),
  );
  return (
    <Bench
      known={
        <>
          <Part title={say.steadyRuns} hint={say.discardFiveSecondsHold}>
            <RunTable job={job} unit={unit} bench={bench} />
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
          <Part title={say.tripAgainstTheTrack}>
            <FigureFields
              {...props}
              words={SPEEDOMETER_WORDS}
              keys={["tripShown", "tripStep", "trackKm", "trackErrorKm"]}
              units={{ tripShown: unit === "mph" ? "mi" : "km", tripStep: unit === "mph" ? "mi" : "km" }}
            />
          </Part>
          <Part title={say.timedCourse}>
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
      <CalibrationResult bench={bench} unit={workings.unit} />
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
      <RunScatter bench={bench} toKmh={shownUnitOf(profile, raws).toKmh} unit={workings.unit} />
      <LinesThatPutItRight bench={bench} workings={workings} onRollout={set} />
      <IntoPlan {...props} values={lines} bench={say.bench} />
    </Bench>
  );
}
