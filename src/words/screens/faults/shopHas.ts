// The words of screens/faults/ShopHas.
export const atHand = "At hand in this shop";
export const onlyWhatCanBeDone = "Only checks that can be done with it are asked for.";
export const tools = "Tools";
export const spares = "Spares known to be good";
export const whatCounts = (since: string | null) =>
  since === null ? "What this shop has found counts for its odds." : `What this shop has found since ${since} counts.`;
export const countAnew = "Count anew from now";
export const oddsReset = "Odds count anew from now.";
