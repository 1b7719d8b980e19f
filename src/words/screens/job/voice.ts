// The words of screens/job/Voice.
export const theClass = "the class";
