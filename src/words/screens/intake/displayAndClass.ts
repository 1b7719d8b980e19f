// The words of screens/intake/DisplayAndClass.
import type { SpeedUnit } from "@/core/units";
import { plain } from "../../speak";

export const displayAndClass = "Display and class";
export const howMphIsRead = (value: undefined | number, unit: undefined | SpeedUnit) =>
  `How ${plain(value ?? 0)} ${unit === "mph" ? "mph" : "km/h"} is read`;
export const asWritten = "As written";
export const acceptedAsEquivalent = "Accepted as equivalent";
export const acceptedAs = "Accepted as";
export const kmH = "km/h";
export const holdItAgainst = "Hold it against every class";
export const putEveryClass = "Put the classes away";
