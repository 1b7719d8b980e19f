export { HONEST, type Firmware, liveBike, type LiveBike, suits } from "./liveBike";
export { atRest, type Hands, HANDS_OFF, isStill, keysHeld, type Live, liveAfter, obeyedNow } from "./live";
export { readingsOf, type RigReadings } from "./readings";
