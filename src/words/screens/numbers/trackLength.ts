// The words of screens/numbers/TrackLength.
import { duration, fixed, plain } from "../../speak";

export const lengthOf = (name: string) => `Length of ${name}`;
export const mayBeOffBy = (errorKm: number, movingS: number) =>
  `may be off by ±${fixed(errorKm, 3)} km; ${duration(movingS * 1000)} moving`;
export const fixesGeodesicsOnThe = (fixes: number) =>
  `${fixes} fixes, geodesics on the WGS 84 ellipsoid between smoothed places`;
export const scatterOfAFix = (noiseM: number) =>
  `scatter of a fix ±${fixed(noiseM, 1)} m: a constant-speed smoother takes it out`;
export const stopsStandingLeftOut = (stops: number, stoppedS: number) =>
  `${stops} stops, ${duration(stoppedS * 1000)} standing, left out`;
export const badFixesLeftOut = (badFixes: number) => `${badFixes} bad fixes left out`;
export const gapsKmStraightAcross = (gaps: number, gapKm: number) =>
  `${gaps} gaps, ${plain(gapKm, 2)} km straight across them, counted in`;
