import type { CalibrationBench } from "@/core/benches/calibrationBench";
import type { SpeedUnit } from "@/core/units";
import { FindingLine } from "@/ui/primitives";
import { offBy } from "@/words";
import { calibrationNoteText } from "@/words/benches";
import { Lacks } from "./Bench";
import { CalibrationFigures } from "./CalibrationFigures";

/** The answer in one figure, and what weakens it. */
export function CalibrationResult({ bench, unit }: { readonly bench: CalibrationBench; readonly unit: SpeedUnit }) {
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
      <CalibrationFigures
        best={best}
        jumps={jumps}
        fit={fit}
        unit={unit}
        predicted={predicted}
        needed={needed}
        course={course}
        trip={trip}
      />
      {fit?.notes.map((note) => (
        <FindingLine
          key={note.key}
          severity={note.key === "calibration.few-runs" || note.key === "calibration.narrow-range" ? "note" : "caution"}
        >
          {calibrationNoteText(note, unit)}
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
