// The words of screens/job/NotHere.
export const thisBikeIsNot = "This bike is not on this machine";
export const jobsAreKeptIn =
  "Jobs are kept in the browser they were made in. Import its file from the rack to work on it here.";
export const backToTheRack = "Back to the rack";
