export { HONEST, type Firmware, kitAsMade, kitFor, liveBike, type LiveBike, type Typed } from "./liveBike";
export {
  atRest,
  type Grips,
  gripsOf,
  type Hands,
  HANDS_OFF,
  isStill,
  keysHeld,
  type Live,
  liveAfter,
  obeyedNow,
  switched,
  wheelAngleDeg,
} from "./live";
export { readingsOf, type RigReadings } from "./readings";
