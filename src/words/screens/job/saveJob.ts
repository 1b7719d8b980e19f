// The words of screens/job/SaveJob.
export const saveTheJobAs = "Save the job as a file";
