export {
  countSheet,
  definitionsOf,
  makeSheet,
  type Mark,
  type Sheet,
  type SheetCounts,
  type SheetRow,
  type SheetValue,
  valueAt,
} from "./sheet";
export { columnOf, type Column, type ColumnName } from "./column";
export { findingsOn, sameFinding, type Judged, type SheetFinding, type SheetMessage } from "./findings";
export { carryOver, type CarryOver, type Fate, type FateReason } from "./carryOver";
export { type Ability, type AbilityRow, compareDisplays } from "./compareDisplays";
export { classesNotHeld } from "./classesHeld";
