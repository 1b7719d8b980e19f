// The words of screens/plan/rider/WishChips.
export const rider = "Rider";
export const howItIsUsed = "How it is used";
export const whatTheySay = "What is to change";
