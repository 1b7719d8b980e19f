// The words of screens/plan/rider/RiderView.
export const sealed =
  "The plan was sealed when the keys began. What you change here is a new proposal beside it: program again to set it.";
