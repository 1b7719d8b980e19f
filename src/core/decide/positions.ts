/**
 * What every setting is to be, in one table. Where practitioners disagree the choice follows the product's stated
 * position (docs/decisions.md). Settings that are not in it stay as found: the owner's or the technician's choice.
 */
import type { Raws } from "../applied";
import { SETTINGS, type SettingKey } from "../display";
import { BATTERY_POSITIONS } from "./battery";
import { keep, type Position, type Positions, type ProposalContext } from "./context";
import { CURRENT_POSITIONS } from "./current";
import { MOTION_POSITIONS } from "./motion";
import { READ_OUT_POSITIONS } from "./readOuts";
import { START_POSITIONS } from "./start";
import { THROTTLE_POSITIONS } from "./throttle";

const POSITIONS: Positions = {
  ...READ_OUT_POSITIONS,
  ...BATTERY_POSITIONS,
  ...CURRENT_POSITIONS,
  ...START_POSITIONS,
  ...THROTTLE_POSITIONS,
  ...MOTION_POSITIONS,
};

/** The product's position on a setting, for this bike, class and rider. */
export const positionOn = (context: ProposalContext, setting: SettingKey, others: Raws): Position =>
  POSITIONS[setting]?.(context, others) ??
  keep({ key: SETTINGS[setting].setBy === "owner" ? "reason.owners-choice" : "reason.technicians-choice" });
