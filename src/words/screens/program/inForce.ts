// The words of screens/program/InForce.
export const toBeProgrammedAgain = "to be programmed again";
export const toBeProgrammedAgainFrom = "To be programmed again, from what it was last read to hold.";
export const savedAndInForce = "Saved and in force, as told";
export const theKeysOfThe = (inForce: "at-once" | "after-power-cycle") =>
  "The keys of the bike were pressed, as you said. " +
  `${inForce === "at-once" ? "Saved, and it acts at once." : "Saved, and switched off and on."} What it holds is ` +
  "still a claim until it is read back.";
export const proveIt = "Prove it ";
export const programAgain = "Program again";
export const rehearse = "Rehearse";
export const simulatedDisplay = "Simulated display";
export const aSimulatedAsThe = (name: string) => `A simulated ${name}, as the bike’s should stand now`;
export const programmedAgain = "programmed again";
