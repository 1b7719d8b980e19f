// The words of screens/batch/BikeTable.
export const bikes = "Bikes of the batch";
export const headings = ["Bike", "Next", "Read back", "Checks", "Stands out"] as const;
export const deeds = "Deeds";
export const newBike = "New bike";
export const readOf = (done: number, of: number) => `${done} of ${of}`;
export const notYet = "—";
export const left = (n: number) => (n === 0 ? "passed" : `${n} left`);
export const nothing = "as the sheet";
export const notReadYet = "nothing known yet";
export const things = (n: number) => (n === 1 ? "1 thing" : `${n} things`);
export const takeOut = "Take out";
export const takeOutOf = (name: string) => `Take out ${name}`;
export const takenOut = (name: string) => `${name} is on its own now.`;
export const wasTakenOut = "taken out of the batch";
