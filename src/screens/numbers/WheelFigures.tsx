"use client";
import type { Job } from "@/core/record";
import type { WheelChoice } from "@/core/benches/wheelBench";
import type { Bike } from "@/core/facts";
import { Figure } from "@/ui/primitives";
import { offBy, plain, type Voice } from "@/words";
import { wheelChoiceWorking } from "@/words/wheelWorking";

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
        label="Rollout"
        size="large"
        value={bike.rollout ? `${plain(bike.rollout.mm, 0)} mm` : null}
        note={
          bike.rollout
            ? `±${plain(bike.rollout.uncertaintyMm, 0)}, ${bike.rollout.from === "measured" ? "measured" : "from the sidewall"}`
            : "needs the tyre or a measured rollout"
        }
        working={
          bike.rollout?.from === "measured"
            ? [
                `${job.intake.rolloutMm ?? ""} mm ÷ ${bike.rolloutTurns} = ${plain(bike.rollout.mm, 1)} mm`,
                `tape ÷ turns = ±${plain(bike.rollout.uncertaintyMm, 1)} mm`,
              ]
            : bike.rollout && bike.tyre
              ? [
                  `π × (${bike.tyre.beadSeatMm} + 2h·${bike.tyre.widthMm}) less what a rider presses flat = ${plain(bike.rollout.mm, 0)} mm`,
                  "Bead seat: ISO 5775-1. Height and squash: from memory, ±1.5 %.",
                ]
              : []
        }
      />
      <Figure
        label="It reads now"
        size="large"
        value={now ? offBy(now.r) : null}
        note={
          now
            ? now.r < 1
              ? "low: the bike is faster than it says"
              : "high: it robs the rider of speed and range"
            : "needs display, rollout and the lines as found"
        }
        working={now ? wheelChoiceWorking(now, voice.unit) : []}
      />
    </div>
  );
}
