export { db, type Photo } from "./db";
export type { KeptWalk, OwnClass } from "@/core/book/rows";
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
export { isAnythingLaidBy } from "./tab";
export { type Change, changeJob, keepTyped, typedNow, withWaiting, writeTyped } from "./changes";
export { beginTrial, keepRun, removeTrial, restoreTrial, takeBackRun, trialsOf } from "./trials";
export { type Health, healthNow, openStorage, watchHealth } from "./health";
export { makeTickets, type RackList, rackList, type StaleTicket } from "./tickets";
export { getJob, isSeeded } from "./jobs";
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
} from "./displays";
export { cutShort, lastBackup, noteBackup } from "./lastBackup";
export { isNearlyFull } from "./nearlyFull";
