export { blank, furtherItem, leastOf, namesOf, ofKind } from "./blank";
export { fieldsAsked } from "./asked";
export { encodingAs } from "./encodingAs";
export { lineAs } from "../lines";
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
  sameParts,
  undone,
  withPatches,
  withStep,
  type History,
  type Patch,
} from "./history";
export { DUTIES, heldMs, keysOf, rulesDoing, withHeldMs, withKeys, withSelectKey, type DutyName } from "./manner";
export { codeInName, entryName, nameOnPage, openersOf, outlineOf, spotOf, type DrawnPage } from "./outline";
export { columnsOf, pastedItems, typedText, typedValue, type Pasted } from "./typed";
export { typedMeaning } from "../typedMeaning";
export { valueAt, withItemAt, withItemMoved, withoutItemAt, withValueAt, type Path } from "./paths";
export { checked, putAt, type Put } from "./putting";
export { asKind, rewritten, withFurther, withOneMoved, withoutOne } from "./rewriting";
export {
  codeBefore,
  freeCode,
  freeName,
  rulesWith,
  withCode,
  withEntry,
  withEntryAs,
  withEntryCode,
  withEntryMoved,
  withInfoLine,
  withNewGroup,
  withNewLine,
  withNewPage,
  withNewRule,
  withRule,
  withoutEntry,
  withoutPage,
  withWayIn,
  type EntrySpot,
} from "./structure";
export { unsaidOf, withSaid, type Unsaid } from "./unsaid";
export { saidOf, settingsLeft, without as withoutMeaning, withOneMore as withMeaning, type Meanings } from "./meanings";
