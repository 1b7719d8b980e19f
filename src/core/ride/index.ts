export { steepestGrade } from "./climb";
export { airDensityKgM3, type Road, roadLoadN } from "./roadLoad";
export {
  type Drive,
  FULL_DRIVE,
  kvFromOffGround,
  likelyHub,
  likelyMid,
  type Motor,
  motorAt,
  riderForceN,
  wheelOffGroundKmh,
} from "./kit";
export {
  FASTEST_KMH,
  ridePoint,
  type RidePoint,
  type RideSetup,
  runsHot,
  START_TO_KMH,
  steadySpeedKmh,
  topSpeedKmh,
} from "./steady";
export { DRY_TEST, type Stop, stopFrom } from "./stopping";
export { GRADES, hotFromGrade, sweep, type SweepAsk, type SweepResult } from "./sweep";
export { driveFromMeasured, driveOf, type LadderKind, type LevelKind } from "./ladderDrives";
