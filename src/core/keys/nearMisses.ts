/** Gestures close to the one meant that hurt: said where the fingers are about to be. */
import { dangerOf, type Danger, type Deed, type DisplayProfile, type KeyRule } from "../display";

export interface NearMiss {
  readonly keys: readonly string[];
  readonly holdMs: number;
  readonly danger: Danger;
  readonly does: Deed;
  /** The same keys do it at another time: within so long of power-on, or later. */
  readonly when: KeyRule["sincePowerOn"];
}

/** Gestures that hurt when a chord is missed by a finger or made at the wrong moment. */
export function nearMisses(profile: DisplayProfile, on: KeyRule["on"], keys: readonly string[]): readonly NearMiss[] {
  return profile.rules.flatMap((rule) => {
    const danger = dangerOf(rule.does);
    if (rule.on !== on || danger === null || !rule.keys.every((key) => keys.includes(key))) return [];
    const same = rule.keys.length === keys.length;
    if (same && rule.sincePowerOn === null) return [];
    return [
      {
        keys: rule.keys,
        holdMs: rule.gesture.kind === "hold" ? rule.gesture.holdMs : 0,
        danger,
        does: rule.does,
        when: same ? rule.sincePowerOn : null,
      },
    ];
  });
}
