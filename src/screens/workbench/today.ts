/** Today, as a claim is dated: 2026-05-01. */
export const today = (): string => new Date().toISOString().slice(0, 10);
