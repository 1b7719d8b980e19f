export {
  countSheet,
  definitionsOf,
  findingsOn,
  makeSheet,
  type Mark,
  type Sheet,
  type SheetCounts,
  type SheetFinding,
  type SheetMessage,
  type SheetRow,
  type SheetValue,
  valueAt,
} from "./sheet";
export { carryOver, type CarryOver, type Fate, type FateReason } from "./carryOver";
export { type Ability, type AbilityRow, compareDisplays } from "./compareDisplays";
export { classesNotHeld } from "./classesHeld";
