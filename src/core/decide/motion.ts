/** The position on all that may move a bike without pedals: as the class allows, and off where it need not be. */
import { keep, type Positions } from "./context";

export const MOTION_POSITIONS: Positions = {
  walkAssistOn: ({ choice }) => keep({ key: "reason.walk-assist", limitKmh: choice?.rule.walkAssistKmh ?? null }),
  walkAssistKmh: ({ choice }) => {
    const limitKmh = choice?.rule.walkAssistKmh ?? null;
    return limitKmh === null
      ? keep({ key: "reason.walk-assist", limitKmh })
      : { value: limitKmh, reason: { key: "reason.walk-speed", limitKmh } };
  },
  cruiseOn: () => ({ value: false, reason: { key: "reason.cruise-off" } }),
  regenShare: ({ bike }) =>
    bike.motorKind === "direct-drive-hub"
      ? keep({ key: "reason.owners-choice" })
      : { value: 0, reason: { key: "reason.regeneration-off" } },
  levelAtPowerOn: () => ({ value: 0, reason: { key: "reason.power-on-zero" } }),
  levelZero: () => ({ value: true, reason: { key: "reason.level-zero" } }),
};
