/** Taking a bike back onto the stand: whoever programs it again does so, and hands nothing over. */
import { withEvent, type Job } from "./job";

/** Takes a bike back onto the stand. What was sealed when it left stays sealed. */
export const reopen = (job: Job, at: string): Job =>
  job.handedOverAt === null ? job : withEvent({ ...job, handedOverAt: null, onTheStand: true }, at, "reopened");
