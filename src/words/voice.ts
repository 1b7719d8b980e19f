/** In whose unit and in which class's name something is said. */
import type { SpeedUnit } from "@/core/units";
import { speed } from "./speak";

export interface Voice {
  readonly unit: SpeedUnit;
  /** Name of the class checked against, and the unit its text is written in. */
  readonly className: string;
  readonly classUnit: SpeedUnit;
}

/** A limit of a class in the unit the display shows, and as the class writes it where that is another. */
export const limitWords = (kmh: number, { unit, classUnit }: Voice): string =>
  unit === classUnit ? speed(kmh, unit) : `${speed(kmh, unit)} (${speed(kmh, classUnit)})`;
