// The words of screens/faults/FaultPathScreen.
export const notHere = "This case is not in this browser.";
export const toTheFaults = "To the faults";
export const faults = "Faults";
export const onBike = (number: number, nickname: string) => `${number} ${nickname}`;
export const noBike = "A bike that is not on the rack: volts and lines are not known.";
export const whatItMayBe = "What it may be";
export const ofHundred = (probability: number) =>
  probability < 0.005 ? "under 1 in 100" : `${Math.round(probability * 100)} in 100`;
export const whatWasDone = "Done so far";
export const checkCame = (check: string, shows: "fault" | "nothing" | "cannot") =>
  `${check}: ${{ fault: "something is wrong", nothing: "as it should be", cannot: "could not be done" }[shows]}`;
export const mendCame = (cause: string, gone: boolean) => `Mended ${cause}: ${gone ? "gone" : "still there"}`;
export const takeBack = "Take the last answer back";
