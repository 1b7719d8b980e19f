"use client";
import type { Job } from "@/core/record";
import type { WheelChoice } from "@/core/benches/wheelBench";
import type { Bike } from "@/core/facts";
import { Figure } from "@/ui/primitives";
import { offBy, plain, type Voice } from "@/words";
import { wheelChoiceWorking } from "@/words/wheelWorking";
import * as say from "@/words/screens/numbers/wheelFigures";

/** How big the wheel is, and how far the read-out is off as the lines stand. */
export function WheelFigures({
  bike,
  job,
  now,
  voice,
}: {
  readonly bike: Bike;
  readonly job: Job;
  readonly now: WheelChoice | undefined;
  readonly voice: Voice;
}) {
  return (
    <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
      <Figure
        label={say.rollout}
        size="large"
        value={bike.rollout ? `${plain(bike.rollout.mm, 0)} mm` : null}
        note={
          bike.rollout ? say.wheelFiguresMeasured(bike.rollout.uncertaintyMm, bike.rollout.from) : say.needsTheTyreOr
        }
        working={
          bike.rollout?.from === "measured"
            ? [
                say.mmMm(job.intake.rolloutMm, bike.rolloutTurns, bike.rollout.mm),
                say.tapeTurnsMm(bike.rollout.uncertaintyMm),
              ]
            : bike.rollout && bike.tyre
              ? [say.n2HLessWhat(bike.tyre.beadSeatMm, bike.tyre.widthMm, bike.rollout.mm), say.beadSeatIso5775]
              : []
        }
      />
      <Figure
        label={say.itReadsNow}
        size="large"
        value={now ? offBy(now.r) : null}
        note={now ? (now.r < 1 ? say.lowTheBikeIs : say.highItRobsThe) : say.needsDisplayRolloutAnd}
        working={now ? wheelChoiceWorking(now, voice.unit) : []}
      />
    </div>
  );
}
