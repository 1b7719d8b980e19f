// The words of screens/shell/Shell.
export const skipToTheWork = "Skip to the work";
