// The words of screens/numbers/RideFigures.
import type { SpeedUnit } from "@/core/units";
import { plain, speed } from "../../speak";

export const topSpeedTheKit = "Top speed the kit reaches";
export const nothingEndsAssistBefore = "nothing ends assist before";
export const theCapEndsIt = (capKmh: number, unit: SpeedUnit) => `the cap ends it at ${speed(capKmh, unit)}`;
export const wheelOffTheGround = "Wheel off the ground";
export const fullLevelNoCap = "full level, no cap";
export const allInAll = "All in all";
export const riderBikeKitPack = "rider, bike, kit, pack, load";
export const chargeThatCanBe = "Charge that can be used";
export const needsThePacksAmp = "needs the pack’s amp-hours";
export const ofWhOnThe = (nominalWh: null | number) => `of ${plain(nominalWh ?? 0, 0)} Wh on the label`;
export const whereAssistEndsIs =
  "Where assist ends is not known on this display. Speeds are shown as if nothing ended it.";
export const levelHeldForLong = (level: number, hotFrom: string) =>
  `Level ${level} held for long from ${hotFrom} up heats the motor past what its rating is good for. Let it ` +
  "cool, or use more pedal and a lower level.";
export const belowTheCapThe = "below the cap: the cap does nothing";
export const aMidDriveSpins = "a mid-drive spins to its cadence limit";
