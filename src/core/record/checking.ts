/** Checks of a bike against what the display holds: which values an answer rests on, and whether they still stand. */
import { linesOf, settingsOf } from "../display";
import type { IntakeKey } from "../facts";
import { CHECK_RESTS_ON, CHECK_RESTS_ON_FACTS, isCheck, type CheckId } from "../proof";
import { own } from "../units/limits";
import { heldRaws } from "./columns";
import type { CheckResult, Job } from "./job";

/** Raw values, by line code, that a check done now would rest on. */
export function restingOn(job: Job, id: string): Record<string, number> {
  const { profile } = job;
  if (!profile || !isCheck(id)) return {};
  const rests = CHECK_RESTS_ON[id];
  const held = heldRaws(job);
  return Object.fromEntries(
    linesOf(profile).flatMap((line, i) => {
      const raw = held[i];
      const counts = rests === "every-line" || settingsOf(line).some((setting) => rests.includes(setting));
      return counts && line.encoding.kind !== "read-only" && raw !== null && raw !== undefined
        ? [[line.code, raw]]
        : [];
    }),
  );
}

/** Codes of the lines that have changed since a check was done; empty while its answer stands. */
export function changedSince(job: Job, id: CheckId, result: CheckResult): readonly string[] {
  const now = restingOn(job, id);
  return Object.entries(result.rests)
    .filter(([code, raw]) => own(now, code) !== raw)
    .map(([code]) => code);
}

/** Facts of the bike, as typed, that a check done now would rest on. */
export const factsUnder = (job: Job, id: string): Record<string, string> =>
  isCheck(id) ? Object.fromEntries(CHECK_RESTS_ON_FACTS[id].map((key) => [key, own(job.intake, key) ?? ""])) : {};

/** Facts that have changed since a check was done; none for one answered before they were kept beside the answer. */
export const factsSince = (job: Job, id: CheckId, { facts = {} }: CheckResult): readonly IntakeKey[] =>
  CHECK_RESTS_ON_FACTS[id].filter((key) => {
    const was = own(facts, key);
    return was !== undefined && was.trim() !== (own(job.intake, key) ?? "").trim();
  });

/** Whether an answer no longer stands: a line or a fact it rests on has changed since. */
export const isStale = (job: Job, id: CheckId, result: CheckResult): boolean =>
  changedSince(job, id, result).length > 0 || factsSince(job, id, result).length > 0;
