// The words of screens/workbench/Seconds.
export const giveToS = (least: number, most: number) => `Give ${least} to ${most} s.`;
