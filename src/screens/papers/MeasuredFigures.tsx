import type { CheckState, Job } from "@/core/record";
import { own } from "@/core/units/limits";
import { asAsked } from "@/core/units/askedUnit";
import { CHECK_WORDS } from "@/words";
import * as say from "@/words/screens/papers/measuredFigures";
import { askedUnit } from "../prove/checkField";

interface MeasuredFiguresProps {
  readonly job: Job;
  readonly checks: readonly CheckState[];
}

/** What was measured in the checks and still stands, for the next visit to be held against. */
export function MeasuredFigures({ job, checks }: MeasuredFiguresProps) {
  const figures = checks.flatMap(({ check, verdict }) => {
    const result = own(job.checks, check.id);
    if (check.expect.kind === "yes" || !result || (verdict !== "passed" && verdict !== "failed")) return [];
    const unit = askedUnit({ ...check, unit: result.askedIn });
    const text = asAsked(result.measured.trim(), unit, null);
    return [say.figure(CHECK_WORDS[check.id].title, text, verdict === "failed")];
  });
  return figures.length === 0 ? null : <p className="mt-1 text-[0.85rem] text-quiet">{say.measured(figures)}</p>;
}
