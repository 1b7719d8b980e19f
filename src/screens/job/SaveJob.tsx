"use client";
import { withEvent, writeJobFile, type Job } from "@/core/record";
import { changeJob, withWaiting } from "@/store";
import { Button } from "@/ui/primitives";
import { saveText } from "@/ui/primitives/saveText";
import * as say from "@/words/screens/job/saveJob";
import { ticketNumber } from "@/core/units/ticketNumber";

/** What the file of a job is called. */
export function jobFileName(job: Job): string {
  const name = (job.intake.nickname || "bike").toLowerCase().replace(/[^a-z0-9]+/g, "-");
  return `odd-spoke-${ticketNumber(job.number)}-${name.slice(0, 60)}.json`;
}

/** Saves a job as a file, with whatever is typed and not yet kept. */
export function SaveJob({ job, weight = "plain" }: { readonly job: Job; readonly weight?: "main" | "plain" }) {
  const save = async () => {
    saveText(jobFileName(job), writeJobFile(withWaiting(job)), "application/json");
    // That it was saved is noted where that can be; the file itself does not hang on it.
    await changeJob(job.id, (now) => withEvent(now, new Date().toISOString(), "exported")).catch(() => null);
  };
  return (
    <Button weight={weight} onClick={() => void save()}>
      {say.saveTheJobAs}
    </Button>
  );
}
