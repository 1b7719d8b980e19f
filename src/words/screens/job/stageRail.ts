// The words of screens/job/StageRail.
export const stagesOfTheJob = "Stages of the job";
export const done = "done";
export const beside = { numbers: "wheel to range", papers: "print and send" } as const;
