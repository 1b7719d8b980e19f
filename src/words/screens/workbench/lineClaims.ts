// The words of screens/workbench/LineClaims.
export const whoSaysSo = "Who says so";
export const theyDisagree = " They disagree:";
export const aTrialSettlesIt = ". A trial settles it.";
export const nobodyYet = "Nobody yet.";
export const from = "From";
export const says = "Says";
export const add = "Add";
export const notKnownSure = (settingName: null | string, percent: number) =>
  `${settingName ?? "not known"}, ${percent} % sure`;
export const believed = " believed";
export const believeThis = "Believe this";
export const against = " against ";
export const notKnown = "not known";
export const claimOf = (at: number) => `Claim ${at + 1}`;
export const ofClaim = (at: number) => ` claim ${at + 1}`;
export const onDay = (day: string) => `, on ${day}`;
export const changeIt = "Change";
export const close = "Close";
export const takeOut = "Take out";
