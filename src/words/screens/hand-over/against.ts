// The words of screens/hand-over/Against.
export const itLeavesWithThis = "It leaves with this standing against it";
export const notReadyThisStands = "Not ready: this stands against it";
export const mendItInThe = (against: boolean) =>
  `${against ? "Mend it in the plan and program it again." : "Ride it at full assist and write the top speed down under Prove."} No class is named on the owner’s card until then.`;
