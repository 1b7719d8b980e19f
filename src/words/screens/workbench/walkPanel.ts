export const aWalk = "A walk through the menu";
export const theProductAsks =
  "You hold the display. One gesture is asked at a time; you tell what it then shows. Lines, ranges, " +
  "keys and what saves are found out on the way, and what each line was found at is written down.";
export const standClear =
  "Wheel clear of the floor, or the brake held: a chord held by one finger too few can start walk " +
  "assist. A chord held too late after power-on may put the maker’s values back.";
export const questionOf = (n: number) => `Question ${n}`;
export const itEnded = "The walk is at its end.";
export const takeIt = "Take this description";
export const takeSoFar = "Take what is known so far";
export const takeBack = "Take back the last answer";
export const beginAnew = "Begin anew";
export const taken = "The description holds what the walk found.";
export const begunAnew = "The walk was begun anew.";
export const asFoundFilled = (count: number, bike: string) => `${count} values found are written down for ${bike}.`;
