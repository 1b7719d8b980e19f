// The words of screens/tables/ClassTable.
import type { SpeedUnit } from "@/core/units";
import { plain } from "../../speak";

export const assistLimitsByClass = "Assist limits by class";
export const classWord = "Class";
export const limit = "Limit";
export const wholeKmHLine = "Whole km/h line";
export const wholeMphLine = "Whole mph line";
export const walkingAid = "Walking aid";
export const motor = "Motor";
export const underMph = (strict: boolean, value: number, unit: SpeedUnit) =>
  `${strict ? "under " : ""}${plain(value)} ${unit === "mph" ? "mph" : "km/h"}`;
export const kmH = (walkAssistKmh: number) => `${plain(walkAssistKmh, 2)} km/h`;
export const belowW = (strictness: "at-most" | "below" | "differs", limitW: number) =>
  `${strictness === "below" ? "below " : ""}${limitW} W`;
export const sourceAsKnownOn = (source: string, knownOn: string) => `Source: ${source}, as known on ${knownOn}`;
export const theLimitItselfIs = "; the limit itself is not allowed";
export const fromMemoryEachWith =
  "From memory, each with its source and day behind the class. Check your local code and, where needed, a " +
  "licensed inspector. Rounded down, after dividing out the read-out error, which the plan does and this table " +
  "does not.";
export const roundedDownTo = (strict: boolean) =>
  `rounded down to what the line holds${strict ? theLimitItselfIs : ""}`;
