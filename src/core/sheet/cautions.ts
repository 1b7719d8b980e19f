/** What the change of a line asks a technician to bear in mind, by what a wrong value of its settings can hurt. */
import { SETTINGS, type Hazard, type SettingKey, type SettingValue } from "../display";
import type { SheetRow } from "./sheet";

export type LineCaution = "more-speed" | "more-current" | "volts" | "lock";

type Values = Pick<SheetRow, "inForce" | "target">;

/** No cap is more than any. */
const amount = (value: SettingValue | undefined): number | null =>
  value === "uncapped" ? Infinity : typeof value === "number" ? value : null;

/** Whether a setting is raised whose safe side is down: a cap, a current. None is where either value is not known. */
function isRaised(setting: SettingKey, from: SettingValue | undefined, to: SettingValue | undefined): boolean {
  const [was, is] = [amount(from), amount(to)];
  return SETTINGS[setting].safeDirection === "down" && was !== null && is !== null && is > was;
}

interface Bite {
  readonly caution: LineCaution;
  readonly hazard: Hazard;
  readonly bites: (setting: SettingKey, from: SettingValue | undefined, to: SettingValue | undefined) => boolean;
}

/** In the order they are said. */
const BITES: readonly Bite[] = [
  { caution: "more-speed", hazard: "over-speed", bites: isRaised },
  { caution: "more-current", hazard: "overheating", bites: isRaised },
  // What is moved of a battery is held against the pack itself, wherever it came from.
  {
    caution: "volts",
    hazard: "battery-fire",
    bites: (setting, from, to) => !SETTINGS[setting].hazards.includes("overheating") && from !== to,
  },
  { caution: "lock", hazard: "locked-out", bites: (_, __, to) => to === true },
];

/** Cautions the change of a line asks for; none where it is planned as it stands, or nothing is planned. */
export const cautionsOf = ({ inForce, target }: Values): readonly LineCaution[] =>
  BITES.filter(({ hazard, bites }) =>
    (Object.keys(target?.means ?? {}) as SettingKey[]).some(
      (setting) =>
        SETTINGS[setting].hazards.includes(hazard) && bites(setting, inForce?.means[setting], target?.means[setting]),
    ),
  ).map(({ caution }) => caution);
