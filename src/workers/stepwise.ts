/** Runs a work that yields how far it is, in slices, so that a worker can tell, hear a cancel, and stop. */

/** Longest slice between two looks at the post, ms. */
const SLICE_MS = 24;

/** Gives other messages their turn. */
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

/** Result of the work, or null where it was cancelled on the way. */
export async function runStepwise<Result>(
  work: Generator<number, Result>,
  tell: (share: number) => void,
  cancelled: () => boolean,
): Promise<Result | null> {
  let until = performance.now() + SLICE_MS;
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    if (performance.now() < until) continue;
    tell(step.value);
    await breathe();
    if (cancelled()) return null;
    until = performance.now() + SLICE_MS;
  }
}

/** Lets only the newest of several asks go on: each `begin` cancels the one before. */
export function newestOnly(): { readonly begin: () => () => boolean; readonly cancel: () => void } {
  let newest = 0;
  return {
    begin: () => {
      const mine = ++newest;
      return () => mine !== newest;
    },
    cancel: () => void newest++,
  };
}
