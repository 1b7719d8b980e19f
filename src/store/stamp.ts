/** Names the build: words and rules may have changed with it, so what another one worked out is worked out anew. */
const BUILD = process.env.NEXT_PUBLIC_BUILD ?? "unbuilt";

/** Marks what was worked out of a job as of that state of it, and of this build. */
export const stampOf = (updatedAt: string): string => `${updatedAt} ${BUILD}`;
