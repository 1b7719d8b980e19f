/** A fact of the intake in words, out of the text it was typed as. Loaded where such texts are told. */
import { INTAKE_FIELDS, type IntakeField, type IntakeKey } from "@/core/facts";
import { INTAKE_WORDS } from "./fields";

/** A fact as it is chosen on screen; a number as typed, with its unit where none was typed. */
export function typedFactText(key: IntakeKey, typed: string): string {
  const field: IntakeField = INTAKE_FIELDS[key];
  const unit = field.kind === "number" && /^[\d.,]+$/.test(typed) ? field.unit : null;
  return INTAKE_WORDS[key].options?.[typed] ?? (unit === null ? typed : `${typed} ${unit}`);
}
