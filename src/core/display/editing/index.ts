export { blank, furtherItem, leastOf, namesOf, ofKind } from "./blank";
export { asSeen, encodingAs, lineAs } from "./encodingAs";
export {
  DESCRIPTION,
  fieldsFor,
  formAt,
  formOf,
  nameOfPlace,
  type FieldForm,
  type Fields,
  type FormOf,
  type Scalar,
} from "./grammar";
export {
  NO_HISTORY,
  patchesBetween,
  placeOfStep,
  redone,
  undone,
  withPatches,
  withStep,
  type History,
  type Patch,
} from "./history";
export { DUTIES, heldMs, keysOf, rulesDoing, withHeldMs, withKeys, withSelectKey, type DutyName } from "./manner";
export { columnsOf, pastedItems, typedMeaning, typedValue, type Pasted } from "./pasted";
export { valueAt, withItemAt, withItemMoved, withoutItemAt, withValueAt, type Path } from "./paths";
export { checked, putAt, type Put } from "./putting";
export {
  freeCode,
  freeName,
  rulesWith,
  withCode,
  withEntry,
  withEntryMoved,
  withInfoLine,
  withNewGroup,
  withNewLine,
  withNewPage,
  withoutEntry,
  withoutPage,
  withWayIn,
  type EntrySpot,
} from "./structure";
