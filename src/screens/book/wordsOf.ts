import { linesOf, shows } from "@/core/display";
import { choiceOf, heldRaws, type Job } from "@/core/record";
import { readIntake } from "@/core/facts";
import { columnOf } from "@/core/sheet";
import { shownUnit } from "@/core/applied";
import { findingText, lineName } from "@/words";
import * as say from "@/words/screens/book/wordsOf";

/** What a job is found by beside its entry: its lines by name with what they hold, and what speaks against it. */
export function wordsOf(job: Job): string {
  const { profile } = job;
  if (!profile) return "";
  const raws = heldRaws(job);
  const choice = choiceOf(job);
  const lines = linesOf(profile).map((line, i) => {
    const raw = raws[i];
    return raw === null || raw === undefined ? lineName(line) : `${lineName(line)} ${shows(line.encoding, raw)}`;
  });
  const unit = shownUnit(profile, raws) ?? choice?.rule.speedUnit ?? "kmh";
  const voice = { unit, className: choice?.rule.name ?? "", classUnit: choice?.rule.speedUnit ?? unit };
  const { findings } = columnOf("in-force", raws, { profile, bike: readIntake(job.intake).bike, choice });
  return [
    ...lines,
    ...findings.map(({ severity, message }) => `${say.severities[severity]}: ${findingText(message, voice)}`),
  ].join("\n");
}

/** The same of a damaged record, of which nothing can be said: it is found by its entry. */
export function wordsOrNone(job: Job): string {
  try {
    return wordsOf(job);
  } catch {
    return "";
  }
}
