"use client";
import type { SpeedUnit } from "@/core/units";
import type { Track } from "@/core/wheel/track";
import { Button, NumberTable } from "@/ui/primitives";
import { duration, speed } from "@/words";

/** Stretches of steady speed, each of which can be taken as a run. */
export function SteadyStretches({
  track,
  unit,
  onSteady,
}: {
  readonly track: Track;
  readonly unit: SpeedUnit;
  readonly onSteady: (kmh: number) => void;
}) {
  return track.steady.length > 0 ? (
    <NumberTable
      caption="Stretches of steady speed"
      headings={["From", "Lasting", "True speed", "As a run"]}
      rows={track.steady.map((run) => ({
        key: String(run.fromS),
        head: duration(run.fromS * 1000),
        working: [
          `way ÷ time over ${duration(run.seconds * 1000)} in which the speed stayed within ${speed(0.8, unit)} = ${speed(run.kmh, unit)}`,
        ],
        cells: [
          duration(run.seconds * 1000),
          speed(run.kmh, unit),
          <Button key="take" weight="quiet" onClick={() => onSteady(run.kmh)}>
            Take it
          </Button>,
        ],
      }))}
    />
  ) : null;
}
