// The words of ui/lcd/SegmentGlass.
export const motorRuns = "MOTOR RUNS";
export const walk = "WALK";
export const readOnly = "READ ONLY";
export const aAtRest = "A, AT REST";
export const level = "LEVEL ";
export const segmentGlassOf = (levels: number) => ` of ${levels}`;
