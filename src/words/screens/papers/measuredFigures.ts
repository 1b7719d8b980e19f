// The words of screens/papers/MeasuredFigures.
export const figure = (title: string, text: string, isFailed: boolean) =>
  `${title} ${text}${isFailed ? ", failed" : ""}`;
export const measured = (figures: readonly string[]) => `Measured: ${figures.join("; ")}.`;
