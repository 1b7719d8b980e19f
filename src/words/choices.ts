/** What a cap can be compared with, as one chooses it, in the order it is offered. */
import type { CapBasis } from "@/core/display";

const WORDS: Readonly<Record<CapBasis, string>> = {
  shown: "The speed shown",
  own: "The controller’s own measure",
  unknown: "Nobody knows yet",
};

export const CAP_BASES = (Object.keys(WORDS) as CapBasis[]).map((value) => ({ value, label: WORDS[value] }));
