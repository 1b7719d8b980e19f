// The words of screens/plan/MovableLine.
export const was = " was ";
export const unread = "unread";
