/** What the sheet of a batch may set on a bike without anybody asking for it. */
import { linesOf, settingsOf, type DisplayProfile, type Line } from "../display";
import { own } from "../units/limits";
import type { Batch } from "./job";

/** Its meaning is known, it does something, and it is not locked. */
const canFollow = (line: Line): boolean =>
  line.encoding.kind !== "read-only" && !line.makerOnly && line.effect !== "none" && settingsOf(line).length > 0;

/** The values of a sheet that lines of a display may follow, by code; none on another display. */
export function valuesToFollow(profile: DisplayProfile, { sheet, from }: Batch): Record<string, number> {
  if (profile.id !== from.display.id) return {};
  return Object.fromEntries(
    linesOf(profile).flatMap((line) => {
      const raw = own(sheet, line.code);
      return raw !== undefined && canFollow(line) ? [[line.code, raw]] : [];
    }),
  );
}
