/** Numbers, speeds, ways and days as a language writes them, for the papers. */
import { speedFromKmh } from "@/core/units";
import { unitName } from "../speak";
import type { PaperWords } from "./paperWords";

/** Numbers of a locale, at most so many decimals and no grouping. */
export const numbersOf = (locale: string): ((value: number, decimals?: number) => string) => {
  const formats = [0, 1].map(
    (maximumFractionDigits) => new Intl.NumberFormat(locale, { maximumFractionDigits, useGrouping: false }),
  );
  return (value, decimals = 1) => (formats[decimals] ?? formats[1])?.format(value) ?? String(value);
};

/** What every language says alike but for its numbers and dates. */
export function spokenIn(locale: string): Pick<PaperWords, "speed" | "distance" | "day"> {
  const number = numbersOf(locale);
  const day = new Intl.DateTimeFormat(locale, { day: "numeric", month: "long", year: "numeric", timeZone: "UTC" });
  return {
    speed: (kmh, unit) => `${number(speedFromKmh(kmh, unit))} ${unitName(unit)}`,
    distance: (km, unit) => `${number(speedFromKmh(km, unit), 0)} ${unit === "mph" ? "mi" : "km"}`,
    day: (iso) => day.format(new Date(iso)),
  };
}
