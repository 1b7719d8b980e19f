// The words of screens/numbers/SharesByHand.
export const sharesByHandLevel = (i: number) => `Level ${i + 1}`;
export const keptWithTheJob = (byHand: undefined | string) => `Kept with the job: ${byHand ?? "not moved yet"}`;
