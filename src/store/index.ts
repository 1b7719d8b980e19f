export { db, type OwnClass, type Photo } from "./db";
export { type KeptWalk } from "./db";
export { beginWalk, keepAnswer, keptWalk, restoreWalk, takeBackAnswer } from "./walks";
export {
  answerCase,
  beginCase,
  countOddsFrom,
  faultCase,
  faultCases,
  keepShopHas,
  oddsSince,
  removeCase,
  restoreCase,
  shopHas,
  takeBackCaseAnswer,
} from "./faultCases";
export { failureNow, watchFailure, type WriteFailure } from "./failures";
export { CLASS_LAID_BY, laidBy, TYPED_LAID_BY } from "./tab";
export { type Change, changeJob, keepTyped, typedNow, withWaiting, writeTyped } from "./changes";
export { beginTrial, keepRun, removeTrial, restoreTrial, takeBackRun, trialsOf } from "./trials";
export { type Health, healthNow, openStorage, watchHealth } from "./health";
export { makeTickets, rackList, type StaleTicket } from "./tickets";
export {
  addJob,
  getJob,
  importJob,
  type ImportPreview,
  loadDemo,
  noteExport,
  previewImport,
  removeJobs,
  restoreJobs,
  seedOnce,
  undoImport,
} from "./jobs";
export {
  addPhoto,
  changeDisplay,
  isOnScreen,
  ownDisplay,
  ownDisplays,
  photosOf,
  removeDisplay,
  removePhoto,
  restoreDisplay,
  restorePhoto,
  takeDisplaysUp,
} from "./displays";
