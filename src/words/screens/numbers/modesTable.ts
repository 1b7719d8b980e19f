// The words of screens/numbers/ModesTable.
import type { SpeedUnit } from "@/core/units";
import { speed } from "../../speak";

export const level = "Level";
export const cell = (kmh: number, unit: SpeedUnit, sameAs: number | null) =>
  sameAs === null ? speed(kmh, unit) : `${speed(kmh, unit)}, as ${sameAs}`;
