export { benchSet, type BenchSet, kitFor } from "./benchJob";
export { bestWay, isNamedRight, isSetRight, type Named, pressesAfter } from "./doing";
export { type ExerciseKind, type KeyExercise, keyExercise, KINDS, type Lie } from "./exercises";
export { type Tell } from "./tells";
