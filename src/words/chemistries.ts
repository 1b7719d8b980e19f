/** One word for one thing: the kinds of cells. */
import type { Chemistry } from "@/core/battery/chemistry";

/** What each chemistry is called; inside a sentence too. */
export const CHEMISTRY_NAMES: Readonly<Record<Chemistry, string>> = {
  nmc: "NMC",
  lfp: "LFP",
  "lead-acid": "Lead-acid",
};
