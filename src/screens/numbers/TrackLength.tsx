"use client";
import type { Track } from "@/core/wheel/track";
import { Figure } from "@/ui/primitives";
import { fixed } from "@/words";
import * as say from "@/words/screens/numbers/trackLength";

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
      label={say.lengthOf(name)}
      size="large"
      value={`${fixed(track.lengthKm, 3)} km`}
      note={say.mayBeOffBy(track.errorKm, track.movingS)}
      working={[
        say.fixesGeodesicsOnThe(fixes),
        say.scatterOfAFix(track.noiseM),
        `${track.corners} corners: ridden again with this scatter and these fixes, ${fixed(100 * track.lostShare, 1)} % of the way is lost at them, so much is added`,
        `error: 0.28 % of the way, 0.14 of what was added, and the scatter of rides ridden again`,
        say.stopsStandingLeftOut(track.stops, track.stoppedS),
        say.badFixesLeftOut(track.badFixes),
        say.gapsKmStraightAcross(track.gaps, track.gapKm),
      ]}
    />
  );
}
