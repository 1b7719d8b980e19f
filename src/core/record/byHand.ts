/**
 * Lines set by hand: each with why, and in the job’s log. A plan that is sealed is not moved: its keys are set aside
 * first, by whoever asks.
 */
import { linesOf, shows } from "../display";
import { own } from "../units/limits";
import { withEvent, type Job } from "./job";

/** Raw values by line code. */
type Values = Readonly<Record<string, number>>;

/** The job with these lines set by hand, whatever its log says. */
export const withLinesSet = (job: Job, values: Values, why: string): Job => ({
  ...job,
  overrides: { ...job.overrides, ...values },
  overrideReasons: {
    ...job.overrideReasons,
    ...Object.fromEntries(Object.keys(values).map((code) => [code, why])),
  },
});

const shown = ({ profile }: Job, code: string, raw: number): string => {
  const line = profile ? linesOf(profile).find((each) => each.code === code) : undefined;
  return line ? shows(line.encoding, raw) : String(raw);
};

/** The job with these lines set by hand, and that it was done. Nothing moves while keys stand. `at` is ISO. */
export function setByHand(job: Job, values: Values, at: string, why: string): Job {
  const news = Object.entries(values).filter(([code, raw]) => own(job.overrides, code) !== raw);
  if (job.program || news.length === 0) return job;
  const told = news.map(([code, raw]) => `${code} ${shown(job, code, raw)}`).join(", ");
  return withEvent(withLinesSet(job, values, why), at, "set-by-hand", why === "" ? told : `${told}: ${why}`);
}

/** The job with a line given back to its proposal, and that it was done. */
export function clearByHand(job: Job, code: string, at: string): Job {
  if (job.program || own(job.overrides, code) === undefined) return job;
  const without = <Value>(values: Readonly<Record<string, Value>>) =>
    Object.fromEntries(Object.entries(values).filter(([each]) => each !== code));
  const cleared = {
    ...job,
    overrides: without(job.overrides),
    overrideReasons: without(job.overrideReasons ?? {}),
  };
  return withEvent(cleared, at, "set-by-hand", `${code}: back to its proposal`);
}
