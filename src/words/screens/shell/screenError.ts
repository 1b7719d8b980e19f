// The words of screens/shell/ScreenError.
export const thisScreenCannotBe = "This screen cannot be shown";
export const somethingOnItWent = "Something on it went wrong. Nothing kept was changed or lost.";
export const tryAgain = "Try again";
export const saveTheJobAs = "Save the job as a file";
export const backToTheRack = "Back to the rack";
export const theBikeIsNot = "The bike is not on this machine.";
