/** What a job file calls itself, and how old and how large one may be. */
export const JOB_FORMAT = "odd-spoke/job";
export const JOB_VERSION = 7;
/** Oldest format that can still be brought up to the present one. */
export const OLDEST_JOB_VERSION = 1;

/** Larger than any honest job file, bytes: every field of every line filled to its limit would still fit. */
export const LARGEST_JOB_FILE_BYTES = 32_000_000;
