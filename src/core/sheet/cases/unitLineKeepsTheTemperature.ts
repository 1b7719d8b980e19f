import type { Case } from "./case";
import { HUB } from "./bike";
import { preset } from "./lines";

export const CASE: Case = {
  lesson: "One line sets the units of speed and of temperature: the speed follows the class, the temperature stays.",
  bike: HUB,
  leavesAs: "uk-eapc",
  lines: [
    preset("i", "unknown", [
      { speedUnit: "kmh", temperatureUnit: "celsius" },
      { speedUnit: "mph", temperatureUnit: "fahrenheit" },
      { speedUnit: "mph", temperatureUnit: "celsius" },
    ]),
  ],
  found: { i: "0" },
  plan: { i: "2" },
};
