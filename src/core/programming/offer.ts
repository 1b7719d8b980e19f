/**
 * With one key alone, what can be said is offered in turn and a press takes what is offered: known to those who build
 * for single switches as scanning.
 */

/**
 * Which of so many things is offered, a time after the step came up. The first, that it is done, stands until the keys
 * can have been pressed; then each in turn, and round again.
 * @param firstMs how long the first stands the first time, ms
 * @param eachMs how long each stands from then on, ms
 */
export function offeredAt(count: number, elapsedMs: number, firstMs: number, eachMs: number): number {
  if (count <= 1 || elapsedMs < firstMs) return 0;
  return (1 + Math.floor((elapsedMs - firstMs) / eachMs)) % count;
}

/** When the next one is offered, on the same clock, ms. */
export function nextOfferMs(elapsedMs: number, firstMs: number, eachMs: number): number {
  return elapsedMs < firstMs ? firstMs : firstMs + (1 + Math.floor((elapsedMs - firstMs) / eachMs)) * eachMs;
}

/** Nobody answers to what came up less than this before, ms: such a press was meant for what stood there until then. */
const REACTION_MS = 200;

/** Which of so many things a press takes, so long after the step came up. */
export const takenAt = (count: number, elapsedMs: number, firstMs: number, eachMs: number): number =>
  offeredAt(count, Math.max(0, elapsedMs - REACTION_MS), firstMs, eachMs);
