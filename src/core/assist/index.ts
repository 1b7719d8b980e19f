export { pulsesForAngle, SETTING_OFF_RPM, startAngle, type StartAngle, startDelayS } from "./start";
export {
  equalFeelLadder,
  geometricLadder,
  holdShare,
  type LevelFeel,
  linearLadder,
  type ShareGrid,
  shareReaching,
  TWIN,
  twins,
  twinsBySpeed,
} from "./ladder";
export { levelMode, levelModes, type LevelMode, richestMode } from "./modes";
