// The words of screens/rack/ImportJob.
export const theBike = "The bike";
export const wasWorkedOnSince = (name: string) =>
  `${name} was worked on since: that stays on the rack, under a number of its own.`;
export const isOnTheRack = (name: string) => `${name} is on the rack.`;
export const jobFileToImport = "Job file to import";
export const importAJob = "Import a job";
export const couldNotBeKept = (file: string, why: string) => `${file} could not be kept: ${why}`;
