/** The time of day, minute by minute: read and set like any line, and no setting of the bike. */
import { range, ranged, refuse, type EncodingKind } from "./kind";

const MINUTES_A_DAY = 24 * 60;
const two = (n: number): string => String(n).padStart(2, "0");

export const clock: EncodingKind<"clock"> = {
  ...ranged,
  raws: () => range(0, MINUTES_A_DAY - 1),
  shows: (_, raw) => `${two(Math.floor(raw / 60))}:${two(raw % 60)}`,
  settings: () => [],
  decode: () => ({}),
  encode: (_, value) => refuse(value),
};
