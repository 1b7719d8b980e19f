// The words of screens/plan/rider/Offered.
export const itMayBe = (said: string) => `From “${said}” it may be:`;
