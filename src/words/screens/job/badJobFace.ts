// The words of screens/job/BadJobFace.
export const thisBikeCannotBe = "This bike cannot be shown";
export const somethingInItsRecord =
  "Something in its record stops the screen. Nothing of it was changed or lost. Save it as a file, and try a reload.";
export const tryItsIntake = "Try its intake";
export const backToTheRack = "Back to the rack";
