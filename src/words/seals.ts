/** What is wrong with the seals of a job, in a sentence. */
import type { SealFault } from "@/core/record";
import { count } from "./speak";

export function sealFaultText(fault: SealFault): string {
  switch (fault.kind) {
    case "broken":
      return (
        `The seal of sheet ${fault.sheet + 1} does not hold: the sheet, or one before it, was changed after it was ` +
        "sealed."
      );
    case "events-changed":
      return `What was noted before sheet ${fault.sheet + 1} was sealed has been changed since.`;
    case "shortened":
      return `${count(fault.missing, "sealed sheet")} ${fault.missing === 1 ? "is" : "are"} missing from this record.`;
  }
}
