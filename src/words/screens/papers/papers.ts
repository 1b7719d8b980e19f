// The words of screens/papers/Papers.
export const papers = "Papers";
export const size = "Paper";
export const sizes = { a4: "A4", letter: "Letter", roll: "80 mm roll" } as const;
export const language = "For the rider, in";
export const print = "Print the papers";
export const whichOnes = "Which papers";
export const names = {
  sheet: "Workshop sheet",
  card: "Owner’s card",
  way: "Way-back card",
  road: "Back to the road",
  label: "Class label",
  care: "Care and limits",
} as const;
export const theWayBackCard = "The way-back card is being worked out …";
export const noWayBackCard = "No way-back card: the as-found sheet has gaps.";
export const theWayBackCardIs = "The way-back card is worked out once the display is programmed.";
