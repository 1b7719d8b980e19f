// The words of screens/job/KeyList.
export const thenAfter = ", then ";
