/**
 * Fewer points of a track, for a picture or a table. Apart from the track itself, which brings the geodesics with it.
 */
import type { TrackPoint } from "./track";

/** Evenly thinned to about so many points at most; both ends and every break are kept. */
export function thinned(points: readonly TrackPoint[], most: number): readonly TrackPoint[] {
  if (points.length <= most) return points;
  const every = Math.ceil(points.length / most);
  return points.filter((point, i) => i % every === 0 || i === points.length - 1 || point.breaks);
}
