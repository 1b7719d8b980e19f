/** What the field of a check takes: its unit, and what it would accept. */
import { MOST_SECONDS, MOST_VOLTS, type DueCheck, type Expectation } from "@/core/proof";
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import { fixed, unitName } from "@/words";
import * as say from "@/words/screens/prove/checkCard";

/** Fastest speed a field takes. */
const FASTEST_KMH = 200;

/** The number to expect, in the unit the display shows. */
export function expectedWords(expect: Expectation, unit: SpeedUnit): string | null {
  switch (expect.kind) {
    case "yes":
      return null;
    case "at-most": {
      const about = expect.expectedKmh === null ? "" : say.expectAbout(expect.expectedKmh, unit);
      return say.checkCardBelow(about, expect.strict, expect.atMostKmh, unit);
    }
    case "between": {
      const low = fixed(speedFromKmh(expect.lowKmh, unit));
      return say.expectToShown(low, speedFromKmh(expect.highKmh, unit), unit);
    }
    case "seconds":
      return say.expectSeconds(expect.lowS, expect.highS, expect.angle);
    case "noted":
      return say.noted;
    case "volts":
      return say.atLeastVolts(expect.leastV);
    case "level-speeds":
      return say.soManySpeeds(expect.levels, expect.capKmh, unit);
  }
}

/** The unit a figure is asked for in. */
export function askedUnit({ expect, unit }: DueCheck): string {
  if (expect.kind === "seconds" || (expect.kind === "noted" && expect.in === "s")) return "s";
  return expect.kind === "volts" ? "V" : unitName(unit);
}

/** Whether its figure is a speed, which keeps its meaning where the unit asked for changes. */
export const isSpeed = ({ expect }: DueCheck): boolean =>
  expect.kind === "at-most" || expect.kind === "between" || (expect.kind === "noted" && expect.in === "km/h");

/** What would be accepted in place of what is none. */
export function accepted({ expect, unit }: DueCheck): string {
  if (expect.kind === "volts") return say.giveVolts(MOST_VOLTS);
  if (expect.kind === "level-speeds") return say.giveSpeeds(expect.levels, unit);
  if (expect.kind === "seconds" || (expect.kind === "noted" && expect.in === "s")) return say.giveSeconds(MOST_SECONDS);
  return say.giveASpeedFrom(speedFromKmh(FASTEST_KMH, unit), unit);
}
