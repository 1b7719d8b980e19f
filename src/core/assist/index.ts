export { pulsesForAngle, SETTING_OFF_RPM, startAngle, type StartAngle, startDelayS } from "./start";
export { equalFeelLadder, geometricLadder, holdShare, linearLadder, type ShareGrid, shareReaching } from "./ladder";
export { type LevelFeel, TWIN, twins, twinsBySpeed } from "./twins";
export { levelMode, levelModes, type LevelMode, richestMode } from "./modes";
