/**
 * The least change of one line that makes a finding on the plan go away and brings up none: a value set by hand given
 * up, a line set to another value, a maker-only line unlocked. Each is tried as if it had been done; none is done here.
 */
import { linesOf, rankOf, rawValues, shows, type SettingKey } from "../display";
import { findingsOn, sameFinding, type SheetFinding, type SheetRow } from "../sheet";
import { own } from "../units/limits";
import { withLinesSet } from "./byHand";
import type { Job } from "./job";
import { workOut, type Workings } from "./workings";

export type Mending =
  /** The value set by hand is given up, and the line goes back to the proposal. */
  | { readonly kind: "clear"; readonly code: string; readonly shows: string }
  | { readonly kind: "set"; readonly code: string; readonly raw: number; readonly shows: string }
  /** Unlocked, the plan sets it to this. */
  | { readonly kind: "unlock"; readonly code: string; readonly shows: string };

/** What has a say in the speed shown: never bent to make a cap fit. */
const COUNTS: ReadonlySet<SettingKey> = new Set<SettingKey>([
  "circumferenceMm",
  "speedCalibrationPercent",
  "pulsesPerTurn",
  "motorPulses",
]);

/** Values tried of one line, the nearest first. */
const MOST_TRIED = 200;

/** A job with a mending done. */
export function withMending(job: Job, mending: Mending, why: string): Job {
  switch (mending.kind) {
    case "clear":
      return {
        ...job,
        overrides: Object.fromEntries(Object.entries(job.overrides).filter(([code]) => code !== mending.code)),
      };
    case "set":
      return withLinesSet(job, { [mending.code]: mending.raw }, why);
    case "unlock":
      return { ...job, unlocked: { ...job.unlocked, [mending.code]: why } };
  }
}

/** Whether a finding is gone from a list and nothing but notes has come into it. */
const mends = (finding: SheetFinding, before: readonly SheetFinding[], after: readonly SheetFinding[]): boolean =>
  !after.some((each) => sameFinding(each, finding)) &&
  after.every((each) => each.severity === "note" || before.some((was) => sameFinding(was, each)));

/** The mending of a finding on the target; null where no one line mends it, or the plan is sealed. */
export function mendingOf(job: Job, { sheet, bike, choice }: Workings, finding: SheetFinding): Mending | null {
  const { profile } = job;
  if (!profile || !sheet || job.program || finding.severity === "note") return null;
  const before = sheet.target.findings;
  const rows = mendable(sheet.rows, finding);
  const holds = (mending: Mending): Mending | null => {
    const after = workOut(withMending(job, mending, "tried")).sheet;
    if (!after || !mends(finding, before, after.target.findings)) return null;
    const target = after.rows.find(({ code }) => code === mending.code)?.target;
    return target ? { ...mending, shows: target.shows } : null;
  };
  for (const { code } of rows) {
    const clear = own(job.overrides, code) === undefined ? null : holds({ kind: "clear", code, shows: "" });
    if (clear) return clear;
  }
  for (const { code } of rows.filter(({ locked }) => locked)) {
    const unlock = holds({ kind: "unlock", code, shows: "" });
    if (unlock) return unlock;
  }
  for (const { code, index, line, target } of rows.filter(({ locked }) => !locked)) {
    const rank = target ? rankOf(line.encoding, target.raw) : 0;
    const nearest = rawValues(line.encoding)
      .filter((raw) => raw !== target?.raw && isRight(finding, shows(line.encoding, raw)))
      .sort((a, b) => Math.abs(rankOf(line.encoding, a) - rank) - Math.abs(rankOf(line.encoding, b) - rank))
      .slice(0, MOST_TRIED)
      .find((raw) =>
        mends(
          finding,
          before,
          findingsOn({ profile, choice, bike, readWith: sheet.found.raws }, sheet.target.raws.with(index, raw)),
        ),
      );
    const set =
      nearest === undefined
        ? null
        : holds({
            kind: "set",
            code,
            raw: nearest,
            shows: shows(linesOf(profile)[index]?.encoding ?? line.encoding, nearest),
          });
    if (set) return set;
  }
  return null;
}

/** A mistake is mended by the one value that is right, not by the nearest that hides it. */
const isRight = ({ message }: SheetFinding, shown: string): boolean =>
  message.key !== "hazard.speedometer-mistake" || shown === message.mends;

/** Lines of a finding that may be moved for it: those it hangs on, and of a mistake the one that makes it. */
function mendable(rows: readonly SheetRow[], { lines, subject, message }: SheetFinding): readonly SheetRow[] {
  const codes = message.key === "hazard.speedometer-mistake" ? [message.code] : lines;
  return codes
    .flatMap((code) => rows.find((row) => row.code === code) ?? [])
    .filter(
      ({ settings, shown, line }) =>
        shown.target &&
        line.effect !== "none" &&
        rawValues(line.encoding).length > 0 &&
        (subject === "speedometer" || !settings.some((setting) => COUNTS.has(setting))),
    );
}
