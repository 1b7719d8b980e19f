// The words of screens/papers/PaperQr.
export const readBackAsCode = "What was read back, as a code";
export const whatItHolds = "Every line as read back, to scan.";
