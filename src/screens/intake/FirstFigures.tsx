"use client";
import { fullPackV, labelWatts } from "@/core/battery";
import type { Bike } from "@/core/facts";
import type { AssistLimit, ClassChoice } from "@/core/law";
import type { Job } from "@/core/record";
import { Figure } from "@/ui/primitives";
import { plain, speed } from "@/words";
import * as say from "@/words/screens/intake/firstFigures";

/** What the facts so far come to. */
export function FirstFigures({
  bike,
  job,
  choice,
  limit,
}: {
  readonly bike: Bike;
  readonly job: Job;
  readonly choice: ClassChoice | null;
  readonly limit: AssistLimit | null;
}) {
  return (
    <div className="flex flex-col gap-3">
      <Figure
        label={say.rollout}
        value={bike.rollout ? `${plain(bike.rollout.mm, 0)} mm` : null}
        note={
          bike.rollout ? say.firstFiguresMeasured(bike.rollout.uncertaintyMm, bike.rollout.from) : say.needsTheTyreOr
        }
        working={
          bike.rollout
            ? [
                bike.rollout.from === "measured"
                  ? say.mmTurn(job.intake.rolloutMm, bike.rolloutTurns)
                  : say.fromTheDesignationBy,
                say.theWheelBenchUnder,
              ]
            : []
        }
      />
      <Figure
        label={say.fullPack}
        value={bike.series ? `${plain(fullPackV(bike.series, bike.chemistry))} V` : null}
        note={
          bike.series ? say.cellsInSeries(bike.series) : bike.packV ? say.noUsualSeriesCount : say.needsThePacksVolts
        }
        working={
          bike.series
            ? [
                say.vAtRest(bike.series, fullPackV(1, bike.chemistry)),
                bike.seriesFrom === "said" ? say.cellsInSeriesAs : say.cellsInSeriesAs,
              ]
            : []
        }
      />
      <Figure
        label={say.labelWatts}
        value={bike.packV && bike.controllerA ? `${plain(labelWatts(bike.packV, bike.controllerA), 0)} W` : null}
        note={bike.packV && bike.controllerA ? say.batterySideNotThe : say.needsPackVoltsAnd}
        working={[`${plain(bike.packV ?? 0)} V × ${plain(bike.controllerA ?? 0)} A`]}
      />
      <Figure
        label={say.assistLimit}
        value={choice && limit ? speed(limit.kmh, choice.rule.speedUnit) : null}
        note={choice ? (limit ? choice.rule.badge : say.thisClassSetsNone) : say.needsTheClass}
        working={
          choice
            ? [
                say.asKnownOn(choice.rule.source, choice.rule.knownOn),
                ...(limit?.strict ? [say.assistEndsBeforeIt] : []),
              ]
            : []
        }
      />
    </div>
  );
}
