// The words of screens/papers/ClassLabel.
export const classLabel = "Class label";
export const notForPublicRoads = "Not for public roads";
export const figures = (ratedW: number | null, cap: string | null) =>
  [
    ratedW === null ? "motor rating not known" : `motor ${ratedW} W rated`,
    cap === null ? "top assisted speed measured" : `assist to ${cap}`,
  ].join(" · ");
export const checkedNotCertified = (knownOn: string) =>
  `Checked against the class text as known on ${knownOn}. Not a certificate.`;
export const someClassesAskFor =
  "Some classes ask for a plate of their own wording, or one by the maker: check your local code.";
export const noLabelYet =
  "No label yet: it is printed once every line is read back and nothing stands against the class.";
export const noClassChosen = "No label: no class is chosen.";
