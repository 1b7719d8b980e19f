// The words of screens/intake/Intake.
export const theBike = "The bike";
export const wheel = "Wheel";
export const motorAndSensors = "Motor and sensors";
export const batteryAndController = "Battery and controller";
export const writeDownWhatIt = "Write down what it shows ";
export const whatFollows = "What follows";
export const brandNewNotTo =
  "Brand new: not to be ridden until it is programmed. Judged on the maker’s values until you write down what it " +
  "shows.";
export const nothingFoundAgainstYet = (name: string) => `Nothing found against ${name} yet.`;
export const stillToSay = (missing: string) => `Still to say: ${missing}.`;
export const findTheCause = "Find what is behind it";
