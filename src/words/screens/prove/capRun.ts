// The words of screens/prove/CapRun.
import type { CapRun } from "@/core/record";
import type { SpeedUnit } from "@/core/units";
import { speed } from "../../speak";

/** What the ride tells of the cap. */
export function tells(run: CapRun, unit: SpeedUnit): string {
  const ended = `Assist ended at ${speed(run.kmh, unit)}.`;
  switch (run.kind) {
    case "basis":
      return run.basis === "shown"
        ? `${ended} Compared with the speed shown, line ${run.code} ends it at ` +
            `${speed(run.ifShownKmh, unit)}: that is ` +
            "what it is compared with."
        : `${ended} Compared with the speed shown, line ${run.code} would end it at ` +
            `${speed(run.ifShownKmh, unit)}: it ` +
            "is compared with the controller’s own measure.";
    case "either":
      return (
        `${ended} Line ${run.code} ends it there, whichever speed it is compared ` +
        "with: this display reads true enough."
      );
    case "neither":
      return (
        `${ended} Line ${run.code} would end it at ${speed(run.ifShownKmh, unit)} by the speed shown and at ` +
        `${speed(run.capKmh, unit)} by the controller’s own. Something else ends it: power, the motor’s own end, or ` +
        "another line."
      );
    case "scale":
      return `${ended} On this bike that is what line ${run.code} at ${run.shows} stands for.`;
  }
}
export const keepIt = "Keep that with this bike’s display";
export const learnt = (code: string) => `Line ${code} is known now. The plan shows what follows from it.`;
export const capLearnt = (code: string) => `line ${code} learnt from the ride`;
