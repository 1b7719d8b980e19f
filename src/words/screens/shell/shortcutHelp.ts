// The words of screens/shell/ShortcutHelp.
export const orCtrlK = "/ or Ctrl-K";
export const findABikeA = "Find a bike, a line, a place";
export const thisList = "This list";
export const newBike = "New bike";
export const goToTheRack = "Go to the rack";
export const inAJobGo = "In a job: go to that stage. On as found they are digits";
export const inAJobIts = "In a job: its numbers";
export const onTheSheetAnd = "On the sheet and the dial: next line";
export const space = "Space";
export const onTheKeyCard =
  "On the key card: done, next. A foot pedal that sends Space does it too, and any hand or foot you teach there";
export const onTheKeyCardIt = "On the key card: it shows something else";
export const onTheKeyCardAgain = "On the key card: say and count the step again";
export const backspace = "Backspace";
export const onTheKeyCardBack = "On the key card: one step back";
export const enter = "Enter";
export const onAsFoundAnd =
  "On as found and read-back: takes what stands in the field, and goes on. In an empty one: the line shows the " +
  "maker’s value, or what was planned";
export const intake = "Intake";
export const whatIsThisBike = "What is this bike? Type what you can see or measure; a guess is marked as one.";
export const asFound = "As found";
export const typeWhatEveryLine = "Type what every line shows before you change any: it is the only way back.";
export const plan = "Plan";
export const whatEachLineShould = "What each line should hold, and why. What differs stands out.";
export const program = "Program";
export const wheelClearOfThe =
  "Wheel clear of the floor. Rehearse, then key by key: say what it shows, and the card goes on from there.";
export const prove = "Prove";
export const readEveryLineBack = "Read every line back after a power cycle, then the checks, brakes first.";
export const handOver = "Hand over";
export const theSheetTheOwners = "The sheet, the owner’s card, and the way back. What nobody read prints as unread.";
export const help = "Help";
export const theJob = "The job";
export const keys = "Keys";
export const singleKeysActAt = (on: boolean) => `Single keys act ${on ? "at once" : "not at all; Ctrl-K still does"}.`;
export const switchSingleKeysOff = "Switch single keys off";
export const switchSingleKeysOn = "Switch single keys on";
