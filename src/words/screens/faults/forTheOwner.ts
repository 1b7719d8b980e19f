// The words of screens/faults/ForTheOwner.
export const forOwnersHands = (code: string) => `For an owner far away: line ${code} in their own hands`;
export const lookAt = (code: string) => `Please look at line ${code} of your display. Change nothing.`;
export const first = "Bike on its stand or held, wheel clear, brake pulled. Then press, one after the other:";
export const then = ", then ";
export const textStep = (at: number, name: string, keys: string) => `${at}. ${name}: ${keys}`;
export const mustSee = (code: string, wanted: string | null) =>
  wanted === null
    ? `Write down what line ${code} shows, every sign of it.`
    : `Line ${code} should show ${wanted}. Write down what it shows, every sign of it.`;
export const ifNot =
  "If the display shows anything else on the way, or asks for a number you do not know: wait until it goes back by " +
  "itself, and tell us what you saw.";
export const copyText = "Copy as text to send";
export const copied = "Copied: one line to look at.";
