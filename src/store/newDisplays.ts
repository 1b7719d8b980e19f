/**
 * Displays taken into the library: begun, varied from another, or read from a file. Loaded when one of these is asked
 * for.
 */
import { newProfile, withLines, type DisplayProfile } from "@/core/display";
import { readProfileFile, type ProfileReading } from "@/core/display/readProfile";
import { db, type OddSpokeDatabase } from "./db";
import { rowOf } from "./displays";
import { newId } from "./newId";

/** Begins a new display; its id is new. */
export async function addDisplay(name: string, database: OddSpokeDatabase = db): Promise<DisplayProfile> {
  const profile = newProfile(`own-${newId()}`, name);
  await database.displays.add(rowOf(profile));
  return profile;
}

/** A copy of a display to vary, beside the one it was taken from. */
export async function cloneDisplay(from: DisplayProfile, database: OddSpokeDatabase = db): Promise<DisplayProfile> {
  const profile: DisplayProfile = {
    ...withLines(from, from.lines),
    id: `own-${newId()}`,
    revision: 1,
    name: `${from.name}, varied`.slice(0, 200),
    source: `Varied from ${from.name}.`,
  };
  await database.displays.add(rowOf(profile));
  return profile;
}

/** Reads a profile file and keeps it under an id of its own; a bad file stores nothing. */
export async function importDisplay(text: string, database: OddSpokeDatabase = db): Promise<ProfileReading> {
  const reading = readProfileFile(text);
  if (!reading.ok) return reading;
  const profile: DisplayProfile = { ...reading.profile, id: `own-${newId()}` };
  await database.displays.add(rowOf(profile));
  return { ok: true, profile };
}
