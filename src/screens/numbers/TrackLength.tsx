"use client";
import type { Track } from "@/core/wheel/track";
import { Figure } from "@/ui/primitives";
import { duration, fixed, plain } from "@/words";

/** How long the way was, how far that may be off, and why. */
export function TrackLength({
  name,
  track,
  fixes,
}: {
  readonly name: string;
  readonly track: Track;
  readonly fixes: number;
}) {
  return (
    <Figure
      label={`Length of ${name}`}
      size="large"
      value={`${fixed(track.lengthKm, 3)} km`}
      note={`may be off by ±${fixed(track.errorKm, 3)} km; ${duration(track.movingS * 1000)} moving`}
      working={[
        `${fixes} fixes, geodesics on the WGS 84 ellipsoid between smoothed places`,
        `scatter of a fix ±${fixed(track.noiseM, 1)} m: a constant-speed smoother takes it out`,
        `${track.corners} corners: ridden again with this scatter and these fixes, ${fixed(100 * track.lostShare, 1)} % of the way is lost at them, so much is added`,
        `error: 0.28 % of the way, 0.14 of what was added, and the scatter of rides ridden again`,
        `${track.stops} stops, ${duration(track.stoppedS * 1000)} standing, left out`,
        `${track.badFixes} bad fixes left out`,
        `${track.gaps} gaps, ${plain(track.gapKm, 2)} km straight across them, counted in`,
      ]}
    />
  );
}
