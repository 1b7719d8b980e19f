/** The words of a decision in writing: why a bike leaves with something standing against it. */
export const LEAVES_THOUGH = {
  label: "It leaves all the same, because",
  hint: "Who decided it, and on what. It stands on the papers with today’s date; the class does not.",
} as const;
