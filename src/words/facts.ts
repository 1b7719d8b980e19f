/** What is known of a bike, in words: its name, value, how it is known, how far it may be off. Loaded when shown. */
import type { Fact, Source } from "@/core/facts/origins";
import type { FactKey } from "@/core/facts/everyFact";
import { INTAKE_WORDS } from "./fields";
import { BATTERY_WORDS } from "./figures/battery";
import { NEW_PART_WORDS } from "./figures/newParts";
import { LADDER_WORDS } from "./figures/ladder";
import { RIDE_WORDS } from "./figures/ride";
import { SPEEDOMETER_WORDS } from "./figures/speedometer";
import { WHEEL_WORDS } from "./figures/wheel";
import type { FigureWords } from "./figures/words";
import { day, plain } from "./speak";

export const FACT_WORDS: Readonly<Record<FactKey, FigureWords>> = {
  ...INTAKE_WORDS,
  ...WHEEL_WORDS,
  ...SPEEDOMETER_WORDS,
  ...BATTERY_WORDS,
  ...LADDER_WORDS,
  ...RIDE_WORDS,
  ...NEW_PART_WORDS,
};

const SOURCES: Readonly<Record<Source, string>> = {
  said: "said",
  measured: "measured",
  read: "read off the display",
  "from-memory": "nobody said; from memory",
};

/** Units that are counted, of one. */
const ONE: Readonly<Record<string, string>> = { turns: "turn", pulses: "pulse", cells: "cell", magnets: "magnet" };

/** "2310 ± 5 mm"; an option by its name, a text as typed. */
export function factValue({ key, value, unit, uncertainty }: Fact): string {
  if (typeof value === "string") return FACT_WORDS[key].options?.[value] ?? value.replaceAll("\n", "; ");
  const off = uncertainty === null || uncertainty === 0 ? "" : ` ± ${plain(uncertainty, 3)}`;
  return `${plain(value, 3)}${off}${unit ? ` ${value === 1 ? (ONE[unit] ?? unit) : unit}` : ""}`;
}

/** "measured 24 Nov"; without the day where nobody kept it. */
export const factOrigin = ({ source, at }: Fact): string => `${SOURCES[source]}${at ? ` ${day(at)}` : ""}`;
