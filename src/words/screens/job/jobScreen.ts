// The words of screens/job/JobScreen.
export const newBike = "New bike";
export const history = "History";
