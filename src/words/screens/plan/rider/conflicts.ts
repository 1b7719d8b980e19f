// The words of screens/plan/rider/Conflicts.
export const pullBothWays = "These pull both ways";
export const untilYouChoose = "Until you choose, neither moves it.";
export const leaveAsPlanned = "Leave as planned";
export const side = (wish: string, way: string) => `${wish}: ${way}`;
