export { benchSet, type BenchSet, jobRaws, type JobRaws } from "./benchJob";
export { bestWay, type Ended, isNamedRight, isSetRight, type Named, pressesAfter } from "./doing";
export { type ExerciseKind, type KeyExercise, KINDS, type Lie } from "./exercise";
export { keyExercise } from "./exercises";
export {
  codesOf,
  drawnFault,
  faultyLive,
  type FaultyLive,
  INJECTED,
  INJECTED_LINES,
  injectable,
  withCause,
  withFault,
} from "./injected";
export { type Tell } from "./tells";
