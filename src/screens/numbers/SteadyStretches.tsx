"use client";
import type { SpeedUnit } from "@/core/units";
import type { Track } from "@/core/wheel/track";
import { Button, NumberTable } from "@/ui/primitives";
import { duration, speed } from "@/words";
import * as say from "@/words/screens/numbers/steadyStretches";

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
      caption={say.stretchesOfSteadySpeed}
      headings={[say.from, say.lasting, say.trueSpeed, say.asARun]}
      rows={track.steady.map((run) => ({
        key: String(run.fromS),
        head: duration(run.fromS * 1000),
        working: [say.wayTimeOverIn(run.seconds, unit, run.kmh)],
        cells: [
          duration(run.seconds * 1000),
          speed(run.kmh, unit),
          <Button key="take" weight="quiet" onClick={() => onSteady(run.kmh)}>
            {say.takeIt}
          </Button>,
        ],
      }))}
    />
  ) : null;
}
