/** The position on all that may move a bike without pedals: as the class allows, and off where it need not be. */
import { decoded, speedometer } from "../applied";
import { keep, type Positions } from "./context";
import type { Reason } from "./reason";

export const MOTION_POSITIONS: Positions = {
  walkAssistOn: ({ profile, bike, choice }, others) => {
    const limitKmh = choice?.rule.walkAssistKmh ?? null;
    const setKmh = decoded(profile, others, "walkAssistKmh");
    // While nobody knows how far the display is off, the number itself.
    const r = speedometer(profile, others, bike)?.r.nominal ?? 1;
    return limitKmh !== null && setKmh !== null && setKmh / r > limitKmh
      ? { value: false, reason: { key: "reason.walk-off", limitKmh } }
      : keep({ key: "reason.walk-assist", limitKmh });
  },
  walkAssistKmh: ({ profile, bike, choice, asFound }, others) => {
    const limitKmh = choice?.rule.walkAssistKmh ?? null;
    if (limitKmh === null) return keep({ key: "reason.walk-assist", limitKmh });
    // The display walks by the speed it shows.
    const value = limitKmh * (speedometer(profile, others, bike)?.r.low ?? 1);
    const foundKmh = decoded(profile, asFound, "walkAssistKmh");
    const reason: Reason = { key: "reason.walk-speed", limitKmh };
    return foundKmh !== null && foundKmh <= value ? keep(reason) : { value, reason };
  },
  cruiseOn: () => ({ value: false, reason: { key: "reason.cruise-off" } }),
  regenShare: ({ bike }) =>
    bike.motorKind === "direct-drive-hub"
      ? keep({ key: "reason.owners-choice" })
      : { value: 0, reason: { key: "reason.regeneration-off" } },
  levelAtPowerOn: () => ({ value: 0, reason: { key: "reason.power-on-zero" } }),
  levelZero: () => ({ value: true, reason: { key: "reason.level-zero" } }),
};
