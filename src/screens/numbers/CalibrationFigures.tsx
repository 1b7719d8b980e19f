import type { SpeedUnit } from "@/core/units";
import type { Interval } from "@/core/wheel";
import type { Calibration, FactorWithInterval } from "@/core/wheel/calibration";
import { Figure } from "@/ui/primitives";
import { fixed, offBy, speed } from "@/words";
import { factorWorking, fitWorking, halfWidthWords } from "@/words/workings";

const BY = { runs: "from steady runs", trip: "from a trip against a track", course: "from a timed course" } as const;

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
        label="95 % interval"
        size="large"
        value={best && !jumps ? `${fixed(best.factor.low, 3)} – ${fixed(best.factor.high, 3)}` : null}
        note={best && !jumps ? halfWidthWords(best.factor) : "needs runs that one factor explains"}
        working={
          best?.by === "runs" && fit ? fitWorking(fit, unit) : best ? factorWorking("±1.96 × u", best.factor) : []
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
          value={speed(course.kmh, unit, 2)}
          note={`±${speed(course.uncertaintyKmh, unit, 2)}${course.r === null ? "" : `, r ${fixed(course.r, 3)}`}`}
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
          ? fitWorking(fit, unit)
          : best?.by === "runs" && fit
            ? fitWorking(fit, unit)
            : best
              ? factorWorking(
                  best.by === "trip"
                    ? "r = trip ÷ track; u = √((step ÷ √12 ÷ length)² + 0.3 %²)"
                    : "r = shown ÷ (length ÷ time)",
                  best.factor,
                )
              : fit
                ? fitWorking(fit, unit)
                : []
      }
    />
  );
}
