// The words of screens/program/Follows.
export const anotherWindowLeadsThe = "Another window leads the keys.";
export const thisOneFollowsAs = (view: string) =>
  `This one follows. As told there, the display stands at: ${view}. Two cards for one bike would each know half of it.`;
export const somethingWentOffThe = "Something went off the plan there; it goes on from there.";
export const leadFromHere = "Lead from here";
