/** What was measured in the checks and still stands, each in the unit it was measured in. */
import type { Paper } from "@/core/record";
import { asAsked } from "@/core/units/askedUnit";
import { own } from "@/core/units/limits";
import { CHECK_WORDS } from "@/words";
import * as say from "@/words/screens/papers/measuredFigures";
import { askedUnit } from "../prove/checkField";

export function measuredFigures({ job, workings }: Paper): string | null {
  const figures = workings.checks.flatMap(({ check, verdict }) => {
    const result = own(job.checks, check.id);
    if (check.expect.kind === "yes" || !result || (verdict !== "passed" && verdict !== "failed")) return [];
    const unit = askedUnit({ ...check, unit: result.askedIn });
    const text = asAsked(result.measured.trim(), unit, null);
    return [say.figure(CHECK_WORDS[check.id].title, text, verdict === "failed")];
  });
  return figures.length === 0 ? null : say.measured(figures);
}
