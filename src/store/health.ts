/**
 * How the browser's storage is: open, or why not. A screen that cannot keep anything says so instead of pretending.
 */
import { DATABASE_VERSION, db, type OddSpokeDatabase } from "./db";

export type Health =
  | { readonly kind: "open" }
  /** The browser gives no database: private window, switched off, or its disk is full. */
  | { readonly kind: "missing"; readonly detail: string }
  /** Another tab still holds the older version open. */
  | { readonly kind: "blocked" }
  /** The data is of a newer version than this page. */
  | { readonly kind: "newer" }
  /** A newer page in another tab has brought the data up: this one must be loaded anew. */
  | { readonly kind: "outdated" };

let health: Health = { kind: "open" };
const listeners = new Set<() => void>();

export const healthNow = (): Health => health;

export function watchHealth(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

function say(next: Health): void {
  health = next;
  listeners.forEach((listener) => listener());
}

/** The library counts the browser's own version numbers in tens. */
const DEXIE_STEP = 10;

const nameOf = (error: unknown): string => (error instanceof Error ? error.name : "");

/** Opens the database and says what came of it. */
export async function openStorage(database: OddSpokeDatabase = db): Promise<Health> {
  database.on("blocked", () => say({ kind: "blocked" }));
  database.on("versionchange", () => {
    // Let go at once, so that the newer page is not held up; what is on screen here can no longer be kept.
    database.close();
    say({ kind: "outdated" });
    return false;
  });
  try {
    await database.open();
    // The library opens data of a newer shape as well; this page would not know what it reads.
    if (database.backendDB().version > DATABASE_VERSION * DEXIE_STEP) {
      database.close({ disableAutoOpen: true });
      say({ kind: "newer" });
    } else say({ kind: "open" });
  } catch (error) {
    const names = [nameOf(error), nameOf((error as { readonly inner?: unknown }).inner)];
    const detail = error instanceof Error ? error.message : String(error);
    say(names.includes("VersionError") ? { kind: "newer" } : { kind: "missing", detail });
  }
  return health;
}

let asked = false;

/**
 * Asks the browser, once, not to clear this data when it runs short of room: the first time something of one's own is
 * kept.
 */
export function keepForGood(): void {
  if (asked || typeof navigator === "undefined") return;
  asked = true;
  void navigator.storage?.persist?.().catch(() => false);
}
