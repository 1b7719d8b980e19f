// The words of screens/program/Rehearsal.
export const workingOutTheKeys = "Working out the keys …";
export const rehearsalOfTheNew = (nickname: undefined | string) => `Rehearsal of ${nickname || "the new bike"}`;
export const pressTheKeysOf =
  "Press the keys of the simulated display. The card follows by itself, wrong keys and all. Nothing of it counts " +
  "for the bike.";
export const simulatedPressItsKeys = (name: string) => `Simulated ${name}. Press its keys.`;
export const endTheRehearsal = "End the rehearsal";
export const fromTheStart = "From the start";
export const rehearsed = "Rehearsed";
export const theseWereTheKeys =
  "These were the keys of the simulated display. The bike’s own have not been pressed: what it holds is as " +
  "before, and nothing is proven by this.";
export const nowOnTheBike = "Now on the bike";
export const rehearseAgain = "Rehearse again";
export const simulatedDisplay = "Simulated display";
