"use client";
import { fullPackV, labelWatts } from "@/core/battery";
import type { Bike } from "@/core/facts";
import type { AssistLimit, ClassChoice } from "@/core/law";
import type { Job } from "@/core/record";
import { Figure } from "@/ui/primitives";
import { count, plain, speed } from "@/words";

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
        label="Rollout"
        value={bike.rollout ? `${plain(bike.rollout.mm, 0)} mm` : null}
        note={
          bike.rollout
            ? `±${plain(bike.rollout.uncertaintyMm, 0)}, ${bike.rollout.from === "measured" ? "measured" : "from the sidewall"}`
            : "needs the tyre or a measured rollout"
        }
        working={
          bike.rollout
            ? [
                bike.rollout.from === "measured"
                  ? `${job.intake.rolloutMm ?? ""} mm ÷ ${count(bike.rolloutTurns, "turn")}`
                  : "from the designation by ISO 5775-1, rider on, ±1.5 %",
                "The wheel bench under Numbers holds it against other sources.",
              ]
            : []
        }
      />
      <Figure
        label="Full pack"
        value={bike.series ? `${plain(fullPackV(bike.series, bike.chemistry))} V` : null}
        note={
          bike.series
            ? `${bike.series} cells in series`
            : bike.packV
              ? "no usual series count for these volts"
              : "needs the pack’s volts"
        }
        working={
          bike.series
            ? [
                `${bike.series} × ${plain(fullPackV(1, bike.chemistry), 2)} V at rest`,
                bike.seriesFrom === "said"
                  ? "cells in series as you said"
                  : "cells in series as usual for these volts: common practice, no source",
              ]
            : []
        }
      />
      <Figure
        label="Label watts"
        value={bike.packV && bike.controllerA ? `${plain(labelWatts(bike.packV, bike.controllerA), 0)} W` : null}
        note={
          bike.packV && bike.controllerA
            ? "battery side, not the motor’s rating"
            : "needs pack volts and controller amps"
        }
        working={[`${plain(bike.packV ?? 0)} V × ${plain(bike.controllerA ?? 0)} A`]}
      />
      <Figure
        label="Assist limit"
        value={choice && limit ? speed(limit.kmh, choice.rule.speedUnit) : null}
        note={choice ? (limit ? choice.rule.badge : "this class sets none") : "needs the class"}
        working={
          choice
            ? [
                `${choice.rule.source}, as known on ${choice.rule.knownOn}`,
                ...(limit?.strict ? ["assist ends before it, not at it"] : []),
              ]
            : []
        }
      />
    </div>
  );
}
