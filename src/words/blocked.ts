/** What clears a battery hazard that blocks a step. */
import type { SheetMessage } from "@/core/sheet";

const CLEARED: { readonly [K in SheetMessage["key"]]?: string } = {
  "hazard.pack-not-taken": "Another pack, or another controller or display, clears it; or the right volts at intake.",
  "hazard.cut-off-too-low": "Program the cut-off the plan sets, and read it back: then it is clear.",
  "hazard.nominal-too-low": "Program the pack’s own volts, and read them back: then it is clear.",
};

export const clearedBy = (key: SheetMessage["key"]): string => CLEARED[key] ?? "";
