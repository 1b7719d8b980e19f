import type { CalibrationBench } from "@/core/benches/calibrationBench";
import type { SpeedUnit } from "@/core/units";
import { FindingLine } from "@/ui/primitives";
import { calibrationNoteText } from "@/words/benches";
import { Lacks } from "./Bench";
import { CalibrationFigures } from "./CalibrationFigures";
import * as say from "@/words/screens/numbers/calibrationResult";

/** The answer in one figure, and what weakens it. */
export function CalibrationResult({ bench, unit }: { readonly bench: CalibrationBench; readonly unit: SpeedUnit }) {
  const { best, fit, trip, course, predicted, needed } = bench;
  const jumps = fit?.notes.some(({ key }) => key === "calibration.jumping") ?? false;
  if (!best && !fit && !course)
    return <Lacks>{say.giveThreeSteadyRuns(predicted ? say.byWheelAndPulses(predicted.nominal) : "")}</Lacks>;
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
      {bench.disagrees ? <FindingLine severity="caution">{say.measuredAndWorkedOut}</FindingLine> : null}
    </>
  );
}
