/** What the sheet of a batch may set on a bike without anybody asking for it. */
import { linesOf, settingsOf, type DisplayProfile, type Line, type SettingKey } from "../display";
import { own } from "../units/limits";
import type { Batch } from "./job";

/**
 * Found out on one bike, or of its owner: a calibration that makes one speedometer true makes another lie, a motor
 * learns its own phases, and a PIN stays with who set it. Common practice, no source.
 */
const OF_ONE_BIKE: ReadonlySet<SettingKey> = new Set<SettingKey>([
  "speedCalibrationPercent",
  "crankScalingPercent",
  "phaseCoding",
  "startPinOn",
  "odometerShown",
  "tripReset",
]);

/** Its meaning is known and is no one bike's own, it does something, and it is not locked. */
function canFollow(line: Line): boolean {
  const settings = settingsOf(line);
  const isShared = settings.length > 0 && !settings.some((setting) => OF_ONE_BIKE.has(setting));
  return line.encoding.kind !== "read-only" && !line.makerOnly && line.effect !== "none" && isShared;
}

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
