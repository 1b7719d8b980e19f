/** Displays described in this workshop, and the photos of lines. */
import type { OwnDisplay } from "@/core/book/rows";
import { writtenBy } from "@/core/book/writes";
import type { DisplayProfile } from "@/core/display";
import { copyId } from "./copy";
import { db, type OddSpokeDatabase, type Photo } from "./db";
import { sayWritten } from "./failures";
import { newId } from "./newId";
import { DISPLAY_LAID_BY, laidBy, whenTheTabGoes } from "./tab";

const nowIso = (): string => new Date().toISOString();

/** A display as a row, written once by this copy. */
export const rowOf = (profile: DisplayProfile): OwnDisplay => ({
  id: profile.id,
  profile,
  updatedAt: nowIso(),
  writes: writtenBy(copyId(), {}),
});

/** All displays described here, by name. */
export const ownDisplays = async (database: OddSpokeDatabase = db): Promise<readonly DisplayProfile[]> =>
  (await database.displays.toArray()).map(({ profile }) => profile).sort((a, b) => a.name.localeCompare(b.name));

export const ownDisplay = async (id: string, database: OddSpokeDatabase = db): Promise<DisplayProfile | null> =>
  (await database.displays.get(id))?.profile ?? null;

/** Displays as they are on screen, ahead of what is written; and how many writes of each are under way. */
const ahead = new Map<string, { readonly profile: DisplayProfile; readonly writes: number }>();
let watching: (() => void) | undefined;

/** A display before and after a write. */
export interface DisplayWrite {
  readonly was: DisplayProfile;
  readonly is: DisplayProfile;
}

/** Changes a display described here; every change raises its revision, so that jobs can tell. */
export async function changeDisplay(
  id: string,
  change: (profile: DisplayProfile) => DisplayProfile,
  database: OddSpokeDatabase = db,
): Promise<DisplayWrite> {
  const known = ahead.get(id);
  if (known) ahead.set(id, { profile: change(known.profile), writes: known.writes + 1 });
  try {
    const written = await writeDisplay(id, change, database);
    sayWritten("display", id, null);
    return written;
  } catch (error) {
    sayWritten("display", id, error);
    throw error;
  } finally {
    const now = ahead.get(id);
    if (now && known) ahead.set(id, { ...now, writes: now.writes - 1 });
  }
}

/** Tells which display is on screen as it is stored, so that what is typed next can be laid by should the tab go. */
export function isOnScreen(profile: DisplayProfile): void {
  watching ??= whenTheTabGoes(layDisplaysBy);
  const known = ahead.get(profile.id);
  if (!known || known.writes === 0) ahead.set(profile.id, { profile, writes: 0 });
}

/** Lays by displays whose last change is not written yet. */
function layDisplaysBy(): void {
  for (const [id, { profile, writes }] of ahead) {
    if (writes > 0) localStorage.setItem(DISPLAY_LAID_BY + id, JSON.stringify(profile));
    else localStorage.removeItem(DISPLAY_LAID_BY + id);
  }
}

/** Writes displays that were laid by when their tab went. One that is no longer here stays away. */
export async function takeDisplaysUp(database: OddSpokeDatabase = db): Promise<void> {
  for (const name of laidBy(DISPLAY_LAID_BY)) {
    const text = localStorage.getItem(name) ?? "";
    try {
      const profile = JSON.parse(text) as DisplayProfile;
      await writeDisplay(name.slice(DISPLAY_LAID_BY.length), () => profile, database);
    } catch {
      // Gone, or not of our making.
    }
    if (localStorage.getItem(name) === text) localStorage.removeItem(name);
  }
}

async function writeDisplay(
  id: string,
  change: (profile: DisplayProfile) => DisplayProfile,
  database: OddSpokeDatabase,
): Promise<DisplayWrite> {
  return database.transaction("rw", database.displays, async () => {
    const own = await database.displays.get(id);
    if (!own) throw new Error(`display ${id} is not on this machine`);
    const was = own.profile;
    const changed = change(was);
    if (changed === was) return { was, is: was };
    const is = { ...changed, id, revision: was.revision + 1 };
    await database.displays.put({ ...rowOf(is), writes: writtenBy(copyId(), own.writes) });
    return { was, is };
  });
}

export async function removeDisplay(id: string, database: OddSpokeDatabase = db): Promise<DisplayProfile | null> {
  const own = await ownDisplay(id, database);
  await database.displays.delete(id);
  return own;
}

export const restoreDisplay = async (profile: DisplayProfile, database: OddSpokeDatabase = db): Promise<void> =>
  void (await database.displays.put(rowOf(profile)));

export const photosOf = (jobId: string, database: OddSpokeDatabase = db): Promise<Photo[]> =>
  database.photos.where("jobId").equals(jobId).toArray();

export async function addPhoto(
  jobId: string,
  code: string,
  image: Blob,
  database: OddSpokeDatabase = db,
): Promise<Photo> {
  const photo: Photo = { id: newId(), jobId, code, takenAt: nowIso(), image };
  await database.photos.add(photo);
  return photo;
}

export const removePhoto = (id: string, database: OddSpokeDatabase = db): Promise<void> => database.photos.delete(id);
export const restorePhoto = async (photo: Photo, database: OddSpokeDatabase = db): Promise<void> =>
  void (await database.photos.put(photo));
