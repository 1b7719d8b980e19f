// The words of screens/plan/Findings.
export const findings = "Findings";
export const asItIsNow = "As it is now. Mended by this plan.";
export const checkedAgainstAsKnown = (source: string, knownOn: string) =>
  `Checked against ${source}, as known on ${knownOn}. Check your local code and, where needed, a licensed inspector.`;
