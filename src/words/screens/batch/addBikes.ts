// The words of screens/batch/AddBikes.
export const newBikes = "New bikes, one name a line";
export const newBikesHint =
  "“Ferry 3-12” stands for ten. They get the facts of the kit, and nothing that was measured.";
export const fromTheBook = "Bikes already taken in";
export const noneToTake = "No other bike waits that has this display, or none yet.";
export const show = (n: number) => `Show all ${n}`;
export const aBike = "One bike";
export const notTaken = (name: string, why: string) => `${name} was not taken in: ${why}.`;
export const chooseOne = "Name at least one bike, or choose one.";
export const alike =
  "Only bikes with the same motor, controller, wheel and pack are alike. What differs is shown before any key.";
