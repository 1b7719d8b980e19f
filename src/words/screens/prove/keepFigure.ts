// The words of screens/prove/KeepFigure.
export const keep = (isLadder: boolean) =>
  isLadder ? "Keep it as this bike’s ladder" : "Keep it as this bike’s speedometer reading";
export const kept = (isLadder: boolean) =>
  isLadder ? "The ladder under Numbers rests on it now." : "The speedometer under Numbers rests on it now.";
export const keptUndone = "the figure kept";
