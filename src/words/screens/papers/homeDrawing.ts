// The words of screens/papers/HomeDrawing.
export const eights = "88.8";
