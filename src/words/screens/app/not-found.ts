// The words of app.
export const nothingStandsHere = "Nothing stands here";
export const theAddressLeadsTo = "The address leads to no bike and no screen. Nothing was lost.";
export const backToTheRack = "Back to the rack";
