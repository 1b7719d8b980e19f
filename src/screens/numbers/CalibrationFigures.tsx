import type { SpeedUnit } from "@/core/units";
import type { Interval } from "@/core/wheel";
import type { Calibration, FactorWithInterval } from "@/core/wheel/calibration";
import { Figure } from "@/ui/primitives";
import { fixed, offBy, speed } from "@/words";
import { factorWorking, fitWorking, halfWidthWords } from "@/words/workings";
import * as say from "@/words/screens/numbers/calibrationFigures";

const BY = { runs: say.fromSteadyRuns, trip: say.fromATripAgainst, course: say.fromATimedCourse } as const;

/** The factor, its interval, and what each way of measuring makes of it. */
export function CalibrationFigures({
  best,
  jumps,
  fit,
  unit,
  predicted,
  needed,
  course,
  trip,
}: {
  readonly best: { readonly by: "runs" | "trip" | "course"; readonly factor: FactorWithInterval } | null;
  readonly jumps: boolean;
  readonly fit: Calibration | null;
  readonly unit: SpeedUnit;
  readonly predicted: Interval | null;
  readonly needed: number | null;
  readonly course: { readonly kmh: number; readonly uncertaintyKmh: number; readonly r: number | null } | null;
  readonly trip: FactorWithInterval | null;
}) {
  return (
    <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
      <ShownOverTrue best={best} jumps={jumps} fit={fit} unit={unit} />
      <Figure
        label={say.n95Interval}
        size="large"
        value={best && !jumps ? `${fixed(best.factor.low, 3)} – ${fixed(best.factor.high, 3)}` : null}
        note={best && !jumps ? halfWidthWords(best.factor) : say.needsRunsThatOne}
        working={
          best?.by === "runs" && fit ? fitWorking(fit, unit) : best ? factorWorking("±1.96 × u", best.factor) : []
        }
      />
      {predicted ? (
        <Figure
          label={say.byWheelAndPulses}
          value={fixed(predicted.nominal, 3)}
          note={`${fixed(predicted.low, 3)} – ${fixed(predicted.high, 3)}`}
          working={[say.pulsesTruePulsesSet, `= ${fixed(predicted.nominal, 4)}`]}
        />
      ) : null}
      {fit && !jumps ? (
        <Figure
          label={say.runsWorthRidingIn}
          value={needed === null ? say.over : String(needed)}
          note={
            needed !== null && needed <= fit.runs
              ? say.noMoreNeeded
              : needed === null
                ? say.oneRunSaysNothing
                : say.calibrationFiguresMore(needed, fit.runs)
          }
          working={[say.smallestNWithT]}
        />
      ) : null}
      {course ? (
        <Figure
          label={say.trueSpeedOnThe}
          value={speed(course.kmh, unit, 2)}
          note={`±${speed(course.uncertaintyKmh, unit, 2)}${course.r === null ? "" : `, r ${fixed(course.r, 3)}`}`}
          working={[say.vLengthTime, say.uVTapeLength]}
        />
      ) : null}
      {trip && best?.by !== "trip" ? (
        <Figure
          label={say.byTheTrip}
          value={fixed(trip.r, 3)}
          note={`${fixed(trip.low, 3)} – ${fixed(trip.high, 3)}`}
          working={factorWorking(say.rTripTrack, trip)}
        />
      ) : null}
    </div>
  );
}

/** The factor, and what it was measured by. */
function ShownOverTrue({
  best,
  jumps,
  fit,
  unit,
}: {
  readonly best: { readonly by: "runs" | "trip" | "course"; readonly factor: FactorWithInterval } | null;
  readonly jumps: boolean;
  readonly fit: Calibration | null;
  readonly unit: SpeedUnit;
}) {
  return (
    <Figure
      label={say.shownOverTrue}
      size="large"
      value={best && !jumps ? fixed(best.factor.r, 3) : jumps ? say.noOneFactor : fit ? fixed(fit.r, 3) : null}
      note={
        best && !jumps ? `${offBy(best.factor.r)}, ${BY[best.by]}` : jumps ? say.seeBelow : say.noIntervalUnderThree
      }
      working={
        jumps && fit
          ? fitWorking(fit, unit)
          : best?.by === "runs" && fit
            ? fitWorking(fit, unit)
            : best
              ? factorWorking(best.by === "trip" ? say.rTripTrackU : say.rShownLengthTime, best.factor)
              : fit
                ? fitWorking(fit, unit)
                : []
      }
    />
  );
}
