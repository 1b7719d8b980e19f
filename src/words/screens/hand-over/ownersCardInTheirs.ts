// The words of screens/hand-over/OwnersCardInTheirs.
export const ownersCardIn = "Owner’s card in";
