/** What more of a setting asks of the rest of the bike, in one sentence where it bites. */
import type { SettingKey } from "@/core/display";

const SPEED = "Raising speed asks more of brakes, frame and tyres.";
const CURRENT = "More current heats controller, wires and connectors.";

const WORDS: Readonly<Partial<Record<SettingKey, string>>> = {
  assistCapKmh: SPEED,
  throttleCapKmh: SPEED,
  capPowerShare: SPEED,
  currentLimitA: CURRENT,
  currentShare: CURRENT,
};

export const raisedWords = (settings: readonly SettingKey[]): readonly string[] => [
  ...new Set(settings.flatMap((setting) => WORDS[setting] ?? [])),
];
