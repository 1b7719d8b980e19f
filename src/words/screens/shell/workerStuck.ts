// The words of screens/shell/WorkerStuck.
export const thePartThatWorks = "The part that works out the keys did not start.";
export const whatIsTypedIs = "What is typed is kept. Load the page again and it is tried anew.";
export const loadThePageAgain = "Load the page again";
