// The words of screens/plan/Unlock.
export const whyItMustBe = "Why it must be changed";
export const keptWithTheJob = "Kept with the job.";
export const unlockLine = (code: string) => `Unlock line ${code}`;
