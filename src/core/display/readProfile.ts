/**
 * Reads a display profile of unknown origin: older formats are brought up first, then the schema, then what it cannot
 * say.
 */
import * as v from "valibot";
import { checkProfile, type ProfileProblem } from "./check";
import { migrateProfile } from "./migrate";
import { FORMAT, FORMAT_VERSION, type DisplayProfile } from "./profile";
import { DisplayProfileSchema } from "./profileSchema";

/** Larger than any honest profile, bytes. */
export const LARGEST_PROFILE_BYTES = 1_000_000;

export type ProfileReading =
  | { readonly ok: true; readonly profile: DisplayProfile }
  | { readonly ok: false; readonly problems: readonly ProfileProblem[] };

const refuse = (path: string, detail: string): ProfileReading => ({
  ok: false,
  problems: [{ path, key: "profile.schema", detail }],
});

/** Parses and checks a profile of unknown origin. */
export function readProfile(data: unknown): ProfileReading {
  const parsed = v.safeParse(DisplayProfileSchema, migrateProfile(data));
  if (!parsed.success)
    return {
      ok: false,
      problems: parsed.issues
        .slice(0, 20)
        .map((issue) => ({ path: v.getDotPath(issue) ?? "", key: "profile.schema" as const, detail: issue.message })),
    };
  const problems = checkProfile(parsed.output);
  return problems.length > 0 ? { ok: false, problems } : { ok: true, profile: parsed.output };
}

/** Reads a profile file's text. Nothing in it is trusted. */
export function readProfileFile(text: string): ProfileReading {
  if (text.length > LARGEST_PROFILE_BYTES)
    return refuse("", `the file has ${text.length} characters; a profile has ${LARGEST_PROFILE_BYTES} at most`);
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    return refuse("", error instanceof Error ? error.message : "not JSON");
  }
  const head = v.safeParse(v.looseObject({ format: v.literal(FORMAT), version: v.number() }), data);
  if (!head.success) return refuse("format", `expected ${FORMAT}`);
  if (head.output.version > FORMAT_VERSION)
    return refuse("version", `the file is of format ${head.output.version}; this copy reads up to ${FORMAT_VERSION}`);
  return readProfile(data);
}
