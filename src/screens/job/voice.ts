import type { Workings } from "@/core/record";
import type { Voice } from "@/words";
import * as say from "@/words/screens/job/voice";

/** The unit the display shows, and the class with the unit of its text: what sentences about a bike are said with. */
export const voiceOf = ({ choice, unit }: Workings): Voice => ({
  unit,
  className: choice?.rule.name ?? say.theClass,
  classUnit: choice?.rule.speedUnit ?? unit,
});
