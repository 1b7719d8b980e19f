// The words of screens/practice/FaultPractice.
export const exercise = (seed: number, display: string) => `Exercise ${seed}, on a bike with the display ${display}`;
export const chooseACheck = "Choose a check";
const time = (minutes: number) => (minutes < 1 ? `${Math.round(minutes * 60)} s` : `${minutes} min`);
export const minutes = (each: number) => time(each);
export const doIt = "Do it";
export const doCheck = (title: string) => `Do it: ${title}`;
export const whatYouSaw = "What you saw";
export const spent = (each: number) =>
  each === 0 ? "Nothing done yet." : `${time(Math.round(each * 10) / 10)} so far.`;
export const somethingIsWrong = "something is wrong";
export const asItShouldBe = "as it should be";
export const itIs = "It is";
export const notYet = "not known yet";
export const sayIt = "Say it";
export const itWas = (isRight: boolean, cause: string) =>
  isRight ? `Right: ${cause}.` : `Not so. What it was: ${cause}.`;
export const compared = (own: number, finder: number, isRight: boolean) =>
  `You took ${time(Math.round(own * 10) / 10)}. The finder takes ${time(Math.round(finder * 10) / 10)}${
    isRight ? "" : ", and would have named another first"
  }:`;
export const finderStep = (title: string, isWrong: boolean) => `${title}: ${isWrong ? somethingIsWrong : asItShouldBe}`;
export const another = "Another bike";
export const theBike = "Ride it and press its keys";
