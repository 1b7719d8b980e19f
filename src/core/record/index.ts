export { type Job, type Keys, newJob, withEvent, writeJobFile } from "./job";
export { LARGEST_JOB_FILE_BYTES } from "./format";
export { STAGES, type Stage, type StageState } from "./stages";
export { levelsForetold, type LevelForetold } from "./levelsForetold";
export { figureToKeep, withFigureKept } from "./keptFigure";
export { failedMend, type FailedMend, withFailedMend } from "./failedCheck";
export { capRunOf, withCapRun, type CapRun } from "./capRun";
export { intoPlan, type IntoPlan, withIntoPlan } from "./intoPlan";
export { isOffRoad, lacksForPrivateLand, withClass } from "./offRoad";
export { backToRoad, roadTask } from "./roadClass";
export { fitParts, upgradeOf, type Fit, type Upgrade } from "./upgrade";
export { blockedBy } from "./blocked";
export { clearByHand, setByHand } from "./byHand";
export { ladderOf, withLadderCopied } from "./ladderOf";
export { mendingOf, withMending, type Mending } from "./mending";
export { acceptedReadingProblem, choiceOf, type FoundLine, foundLines, isUnread, LEAST_REASON } from "./found";
export { asHandedOver } from "./asHandedOver";
export { heldRaws } from "./columns";
export { sealFault, type SealFault } from "./seal";

export { withCarriedRollout } from "./carriedRollout";
export { placeKey, typedAt, type TypedPlace, withCheck, withTyped, withTypedAt } from "./typed";
export { sameValue, undone } from "./undo";

export { type CheckState, type Workings, workOut } from "./workings";
export { goalOf, goalOfKeys, keyTask, type KeyTask } from "./keyTask";
export { wayBackTask } from "./wayBackTask";
export {
  keyWork,
  type KeyWork,
  outlookOfTask,
  programOutlook,
  type ProgramOutlook,
  readingTour,
  wayBack,
} from "./keyWork";
export { restOfPlan, samePlace } from "./restOfPlan";
export { advanceProgram, isKnownBefore, keptState, takeReading, takeTold } from "./programming";
export { setKeysAside } from "./settingAside";
export { startProgram } from "./startingKeys";
export { advanceRehearsal, endRehearsal, startRehearsal } from "./rehearsing";
export { handOver } from "./handingOver";
export { reopen } from "./reopening";
export { swapDisplay, swapOutlook } from "./swap";
export { againstEveryClass, type ClassFit } from "./everyClass";
export { addUnknownLine, confirmLine, stateCapBasis } from "./describing";
export { restoreOutlook, type RestoreOutlook } from "./restoreOutlook";
export type { OwnersFacts, OwnersLevel, ToldFact } from "./ownersFacts";
export { isLabelled, type Paper, type PaperCell, type PaperLine, paperOf, type Standing } from "./paper";
