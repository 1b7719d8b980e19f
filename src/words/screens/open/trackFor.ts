// The words of screens/open/TrackFor.
export const isARide = (name: string) => `“${name}” is a recorded ride.`;
export const whichBike = "Which bike was it ridden on?";
export const noBikeHere = "No bike is here for it. Take the bike in, then open the file again.";
export const newBike = "New bike";
