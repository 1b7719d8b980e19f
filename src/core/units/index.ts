export { inchToMm, kmhToMph, mphToKmh, speedFromKmh, speedToKmh, type SpeedUnit } from "./convert";
export { type Grid, roundSafely, type SafeDirection, tidy } from "./rounding";
