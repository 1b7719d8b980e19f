/** A work in steps done at once: what comes out at its end. */
export function drained<Result>(work: Generator<unknown, Result>): Result {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
}
