export { inOrder, joined, likeBike, newBatch, noBatchOf, type NoBatch, notInto, type NotInto, parted } from "./batch";
export { type Exception, type ExceptionKind, exceptionsOf, speaksAgainst, standsOut } from "./against";
export { asItsOwn, asOnThePattern, asTheSheet, shared, type Shared } from "./groups";
export { BATCH_STEPS, batchBike, type BatchBike, type BatchStep, letGo, nextBike, STAGE_OF, stepOf } from "./progress";
export { type NameProblem, type NamesRead, readNames } from "./names";
export { batchPaper, type BatchPaper, type BatchPaperBike } from "./batchPaper";
