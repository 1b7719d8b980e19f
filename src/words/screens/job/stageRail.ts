// The words of screens/job/StageRail.
export const stagesOfTheJob = "Stages of the job";
export const done = "done";
export const numbers = "Numbers";
export const wheelToRange = "wheel to range";
