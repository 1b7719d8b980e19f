// The words of screens/batch/BatchBar.
export const inABatch = "Batch";
export const placeOf = (place: number, all: number) => `Bike ${place} of ${all}`;
export const nextBike = (name: string, deed: string) => `Next bike: ${name}, ${deed}`;
export const allDone = "This was the last one.";
export const toTheBatch = "the whole batch";
export const notAsTheSheet = (n: number) => (n === 1 ? "1 thing not as the sheet" : `${n} things not as the sheet`);
