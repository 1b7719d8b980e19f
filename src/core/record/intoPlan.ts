/**
 * A bench's lines taken into the plan together: what each is planned as now and would be, the findings that go and
 * come, and the job with them set by hand. Keys that are under way, or done, are set aside first: they headed
 * elsewhere.
 */
import type { LineValue } from "../benches/lineValues";
import { linesOf } from "../display";
import { sameFinding, type SheetFinding, type SheetRow, type SheetValue } from "../sheet";
import { own } from "../units/limits";
import { setByHand } from "./byHand";
import type { Job } from "./job";
import { setKeysAside } from "./settingAside";
import { workOut, type Workings } from "./workings";

export interface IntoPlanRow {
  readonly row: SheetRow;
  /** As planned now; null where nobody knows. */
  readonly before: SheetValue | null;
  readonly after: SheetValue | null;
}

export interface IntoPlan {
  /** Lines that would be planned otherwise. */
  readonly changed: readonly IntoPlanRow[];
  /** Lines that stand so already. */
  readonly same: readonly string[];
  /** Maker-only lines nobody has unlocked: they are left out. */
  readonly locked: readonly string[];
  /** Findings on the plan that go away, and that come up. */
  readonly gone: readonly SheetFinding[];
  readonly come: readonly SheetFinding[];
  /** Whether keys have to be planned anew for it. */
  readonly afresh: boolean;
}

const isLocked = (job: Job, code: string): boolean =>
  (job.profile ? linesOf(job.profile) : []).some((line) => line.code === code && line.makerOnly) &&
  own(job.unlocked, code) === undefined;

/** The job with these lines in the plan. `at` is an ISO timestamp, `why` says where they come from. */
export function withIntoPlan(job: Job, values: readonly LineValue[], at: string, why: string): Job {
  const free = values.filter(({ code }) => !isLocked(job, code));
  const byCode = Object.fromEntries(free.map(({ code, raw }) => [code, raw]));
  return free.length === 0 ? job : setByHand(setKeysAside(job, at, why), byCode, at, why);
}

const notIn = (findings: readonly SheetFinding[], others: readonly SheetFinding[]): readonly SheetFinding[] =>
  findings.filter((each) => each.severity !== "note" && !others.some((other) => sameFinding(each, other)));

/** What taking these lines into the plan would come to; null while there is no plan. */
export function intoPlan(job: Job, { sheet }: Workings, values: readonly LineValue[]): IntoPlan | null {
  const taken = workOut(withIntoPlan(job, values, job.updatedAt, "tried")).sheet;
  if (!sheet || !taken) return null;
  const wanted = new Set(values.map(({ code }) => code));
  const moved = sheet.rows.flatMap((row, i): readonly IntoPlanRow[] => {
    const after = taken.rows[i]?.target ?? null;
    return after?.raw === row.target?.raw ? [] : [{ row, before: row.target, after }];
  });
  return {
    changed: moved,
    same: [...wanted].filter((code) => !isLocked(job, code) && !moved.some(({ row }) => row.code === code)),
    locked: [...wanted].filter((code) => isLocked(job, code)),
    gone: notIn(sheet.target.findings, taken.target.findings),
    come: notIn(taken.target.findings, sheet.target.findings),
    afresh: job.program !== null,
  };
}
