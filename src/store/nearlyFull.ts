/** From this share of the room on it is time to say so: what is typed still fits, and a back-up can be written. */
const NEARLY_FULL_SHARE = 0.85;

/** Whether it is time to say so. Bytes, both. */
export const isNearlyFull = (used: number, quota: number): boolean => used > NEARLY_FULL_SHARE * quota;
