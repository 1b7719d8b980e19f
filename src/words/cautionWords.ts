/** Cautions by what they are of, as a workshop sheet and a line of the plan say them. */
import type { SheetCaution } from "@/core/record/sheetCautions";
import * as caution from "./cautions";

export const CAUTION_WORDS: Readonly<Record<SheetCaution, string>> = {
  "more-speed": caution.moreSpeed,
  "more-current": caution.moreCurrent,
  volts: caution.volts,
  lock: caution.lock,
  "stand-clear": caution.standClear,
  "brake-cut-off": caution.brakeCutOff,
  "throttle-live": caution.throttleLive,
  "class-changed": caution.classChanged,
  "copy-goes-along": caution.copyGoesAlong,
};
