// The words of screens/plan/rider/Schools.
export const wherePracticeIsDivided = "Where practice is divided";
export const eachCanBeSet = "Each can be set otherwise by hand, line by line. Common practice, no source.";
export const taken = (side: string, why: string) => `Taken: ${side}. Because of ${why}.`;
export const against = (side: string) => `Others: ${side}.`;
