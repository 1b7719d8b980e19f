// The words of screens/displays/Displays.
export const newDisplay = "New display";
export const isInTheLibrary = (name: string) => `${name} is in the library.`;
export const wasTakenOutJobs = (name: string) =>
  `${name} was taken out. Jobs keep the description they were planned with.`;
export const simulatedDisplay = "Simulated display";
