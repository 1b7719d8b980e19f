// The words of screens/job/JobScreen.
export const newBike = "New bike";
