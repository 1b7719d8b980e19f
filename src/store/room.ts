/** How much room the browser gives, and whether it has promised to keep what is there. */

export interface Room {
  readonly usedBytes: number;
  readonly quotaBytes: number;
  /** Promised not to be cleared; null where the browser does not tell. */
  readonly kept: boolean | null;
}

/** The room there is; null where the browser does not tell. */
export async function roomNow(): Promise<Room | null> {
  const storage = typeof navigator === "undefined" ? undefined : (navigator.storage as StorageManager | undefined);
  const estimate = await storage?.estimate?.().catch(() => null);
  if (!estimate?.quota) return null;
  const kept = (await storage?.persisted?.().catch(() => null)) ?? null;
  return { usedBytes: estimate.usage ?? 0, quotaBytes: estimate.quota, kept };
}

/** Asks the browser to keep what is there; whether it promised. */
export const askToKeep = async (): Promise<boolean> =>
  (await navigator.storage?.persist?.().catch(() => false)) ?? false;
