/** What a plan raises past what stands there: speeds and currents, where more of it can hurt. */
import { SETTINGS, type SettingKey, type SettingValue } from "../display";
import type { SheetRow } from "./sheet";

/** No cap is more than any. */
const amount = (value: SettingValue | undefined): number | null =>
  value === "uncapped" ? Infinity : typeof value === "number" ? value : null;

/** Caps and currents a row’s target raises; none where either value is not known. */
export const raisedBy = ({ inForce, target }: Pick<SheetRow, "inForce" | "target">): readonly SettingKey[] =>
  (Object.keys(target?.means ?? {}) as SettingKey[]).filter((setting) => {
    const { hazards, safeDirection } = SETTINGS[setting];
    const [from, to] = [amount(inForce?.means[setting]), amount(target?.means[setting])];
    const hurts = hazards.includes("over-speed") || hazards.includes("overheating");
    return safeDirection === "down" && hurts && from !== null && to !== null && to > from;
  });
