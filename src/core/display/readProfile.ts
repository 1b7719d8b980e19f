/** Reads a display profile of unknown origin: the schema first, then what a schema cannot say. */
import * as v from "valibot";
import { checkProfile, type ProfileProblem } from "./check";
import type { DisplayProfile } from "./profile";
import { DisplayProfileSchema } from "./profileSchema";

export type ProfileReading = { readonly ok: true; readonly profile: DisplayProfile } | { readonly ok: false; readonly problems: readonly ProfileProblem[] };

/** Parses and checks a profile of unknown origin. */
export function readProfile(data: unknown): ProfileReading {
  const parsed = v.safeParse(DisplayProfileSchema, data);
  if (!parsed.success)
    return {
      ok: false,
      problems: parsed.issues.slice(0, 20).map((issue) => ({ path: v.getDotPath(issue) ?? "", key: "profile.schema" as const, detail: issue.message })),
    };
  const problems = checkProfile(parsed.output);
  return problems.length > 0 ? { ok: false, problems } : { ok: true, profile: parsed.output };
}
