/** Workers that could not be started: said once, as what was asked of them has no answer. */

let stuck = false;
const listeners = new Set<() => void>();
/** Whether a worker could not be started: what was asked of it stays unanswered until the page is loaded anew. */
export const isStuck = (): boolean => stuck;
export function watchStuck(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
export function sayStuck(): void {
  stuck = true;
  listeners.forEach((listener) => listener());
}
