// The words of screens/numbers/TrackPart.
import { duration, fixed, plain } from "../../speak";

export const aRecordedRide = "A recorded ride";
export const aGpxFileIt = "A GPX file. It is read here and stays here; only its length is kept with the job.";
export const trackPartReading = (name: string) => `Reading ${name}`;
export const stop = "Stop";
export const gpxFile = "GPX file";
export const chooseAGpxFile = "Choose a GPX file";
export const orDropItHere = "or drop it here";
export const stopsBadFixesGaps = (stops: number, badFixes: number, gaps: number, gapKm: number) =>
  `${stops} stops · ${badFixes} bad fixes · ${gaps} ` +
  `gaps${gapKm > 0 ? `, ${plain(gapKm, 2)} km across them by the shortest way: the true way may be longer` : ""}`;
export const minutes = "minutes";
export const speedOverTimeKm = (lengthKm: number, movingS: number) =>
  `Speed over time, ${fixed(lengthKm, 2)} km in ${duration(movingS * 1000)}`;
export const kmEastOfThe = "km east of the start";
export const kmNorth = "km north";
export const theWayRiddenSeen = "The way ridden, seen from above";
export const alongTheWay = "Along the way";
export const time = "Time";
export const way = "Way";
export const trackPartSpeed = "Speed";
export const trackPartKm = (wayM: number) => `${fixed(wayM / 1000, 2)} km`;
export const wayGeodesicsBetweenSmoothed = "way: geodesics between smoothed places, stops left out";
export const speedOfTheSmoothed = "speed: of the smoothed places at this moment";
