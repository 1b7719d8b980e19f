export { type Interval, readoutError, type ReadOutNeed, trueCap, type WheelSetting, type WheelTruth } from "./readout";
export { compareWithTyre, estimatedRollout, measuredRollout, type Rollout, type RolloutDisagreement } from "./rollout";
export {
  BEAD_SEATS_MM,
  designationOf,
  loadedRolloutMm,
  outerDiameterMm,
  readTyre,
  type TyreDesignation,
  type TyreProblem,
  unloadedRolloutMm,
} from "./tyre";
export { nominalCircumferenceMm, rankWheels } from "./wheelCode";
