/** A description with one place of it put anew, or what that place would take: nothing else is touched. */
import { getDotPath, safeParse } from "valibot";
import { DisplayProfileSchema } from "../profileSchema";
import type { DisplayProfile } from "../profile";
import { formAt, type FieldForm } from "./grammar";
import { withValueAt, type Path } from "./paths";

export type Put =
  | { readonly ok: true; readonly profile: DisplayProfile }
  /** What the field takes, and the schema's own word for what it does not. */
  | { readonly ok: false; readonly form: FieldForm; readonly at: string; readonly says: string };

/** A changed description that still is one, or what speaks against it. */
export function checked(changed: unknown, path: Path, profile: DisplayProfile): Put {
  const reading = safeParse(DisplayProfileSchema, changed);
  // What was read is what was given: the schema changes nothing, and parts untouched stay the very same.
  if (reading.success) return { ok: true, profile: changed as DisplayProfile };
  const [issue] = reading.issues;
  return { ok: false, form: formAt(path, profile), at: getDotPath(issue) ?? "", says: issue.message };
}

/** A description with `value` at `path`; undefined takes the field away. */
export const putAt = (profile: DisplayProfile, path: Path, value: unknown): Put =>
  checked(withValueAt(profile, path, value), path, profile);
