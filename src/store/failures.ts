/** Writes that the browser refused: said once, and taken back when the same thing was written after all. */

/** A write that the browser refused: what it was of, and why. */
export interface WriteFailure {
  readonly of: "job" | "display" | "class";
  readonly id: string;
  readonly kind: "gone" | "full" | "failed";
  readonly detail: string;
}

let failure: WriteFailure | null = null;
const failureListeners = new Set<() => void>();
/** The last write that failed and has not been made good since. */
export const failureNow = (): WriteFailure | null => failure;
export function watchFailure(listener: () => void): () => void {
  failureListeners.add(listener);
  return () => failureListeners.delete(listener);
}
export function sayFailure(next: WriteFailure | null): void {
  if (failure === next) return;
  failure = next;
  failureListeners.forEach((listener) => listener());
}

export class JobGone extends Error {
  override readonly name = "JobGone";
}

/** Says, once, that a write failed, or that the same thing was written after all. */
export function sayWritten(of: WriteFailure["of"], id: string, error: unknown): void {
  if (error === null) {
    if (failure?.of === of && failure.id === id) sayFailure(null);
    return;
  }
  const detail = error instanceof Error ? error.message : String(error);
  const names = error instanceof Error ? [error.name, (error as { readonly inner?: Error }).inner?.name] : [];
  const kind = names.includes("JobGone") ? "gone" : names.includes("QuotaExceededError") ? "full" : "failed";
  if (failure?.of !== of || failure.id !== id || failure.kind !== kind) sayFailure({ of, id, kind, detail });
}
