/** One word for one thing: the parts a current passes through. */
import type { CurrentPart } from "@/core/battery/current";

export const PART_WORDS: Readonly<Record<CurrentPart, string>> = {
  controller: "Controller",
  bms: "BMS",
  motor: "Motor",
  connector: "Connector",
  wire: "Wire",
};

/** The part as it stands within a sentence. */
export const partInSentence = (part: CurrentPart): string => (part === "bms" ? "BMS" : PART_WORDS[part].toLowerCase());
