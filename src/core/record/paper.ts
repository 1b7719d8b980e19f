/**
 * What the papers of a visit may say, column by column: what was found, what was planned and sealed, what was read
 * back. A target is never printed as a fact, and a bike handed over is told as it was when it left.
 */
import { contextOf, isShown, linesOf, type Line } from "../display";
import { type Raws } from "../applied";
import { type Reason } from "../decide";
import { columnOf, valueAt, type Column, type SheetValue } from "../sheet";
import { asHandedOver } from "./asHandedOver";
import { readBackRaws } from "./columns";
import type { Job } from "./job";
import { sealFault, type SealFault } from "./seal";
import { workOut, type Workings } from "./workings";

export type PaperCell =
  | { readonly kind: "value"; readonly value: SheetValue }
  | { readonly kind: "unread" }
  | { readonly kind: "hidden" }
  /** Nothing was planned and nothing is known. */
  | { readonly kind: "none" };

export interface PaperLine {
  readonly line: Line;
  readonly found: PaperCell;
  readonly planned: PaperCell;
  /** As read back; never what was planned. */
  readonly left: PaperCell;
  /** Whether the plan sets another value than was found. */
  readonly changed: boolean;
  readonly locked: boolean;
  readonly reason: Reason;
}

/** How far the values on the papers are more than a plan. */
export type Standing = "planned-not-set" | "under-way" | "not-read-back" | "partly-read-back" | "read-back";

export interface Paper {
  /** The job as it is told: as handed over, or as it stands. */
  readonly job: Job;
  readonly workings: Workings;
  readonly standing: Standing;
  readonly lines: readonly PaperLine[];
  /** What it leaves with: as read back, null where nobody has. */
  readonly left: Column<"left">;
  readonly planned: Column<"target">;
  readonly fault: SealFault | null;
}

/** Whether the class may be named on a label: every line read back, and nothing against it. */
export const isLabelled = ({ standing, workings }: Pick<Paper, "standing" | "workings">): boolean =>
  standing === "read-back" && workings.against.length === 0;

function standingOf(job: Job, { readBack }: Workings): Standing {
  if (!job.program) return "planned-not-set";
  if (!job.program.done) return "under-way";
  const read = readBack.filter((verdict) => verdict.kind === "as-planned" || verdict.kind === "differs").length;
  const due = readBack.filter((verdict) => verdict.kind === "due" || verdict.kind === "unreadable").length;
  return read === 0 ? "not-read-back" : due > 0 ? "partly-read-back" : "read-back";
}

/** The papers of a job; null while it has no display. */
export function paperOf(live: Job): Paper | null {
  const job = asHandedOver(live);
  const { profile } = job;
  const workings = workOut(job);
  const { sheet } = workings;
  if (!profile || !sheet) return null;
  const read = readBackRaws(job);
  // A line whose controlling line was not read back is judged by what was planned for that one.
  const leftRaws: Raws = linesOf(profile).map((line, i) =>
    line.encoding.kind === "read-only" ? (line.factoryRaw ?? 0) : (read[i] ?? null),
  );
  const left = columnOf("left", leftRaws, { profile, bike: workings.bike, choice: workings.choice });
  const shownBy = leftRaws.map((raw, i) => raw ?? sheet.target.raws[i] ?? null);
  const cell = (line: Line, i: number, raws: Raws, shown: Raws, missing: "unread" | "none"): PaperCell => {
    if (!isShown(profile, i, shown)) return { kind: "hidden" };
    const value = valueAt(line, raws[i], contextOf(profile, shown));
    return value ? { kind: "value", value } : { kind: missing };
  };
  const lines = sheet.rows.map((row, i): PaperLine => {
    const found = cell(row.line, i, sheet.found.raws, sheet.found.raws, "unread");
    const planned = cell(row.line, i, sheet.target.raws, sheet.target.raws, "none");
    return {
      line: row.line,
      found,
      planned,
      left: job.program ? cell(row.line, i, leftRaws, shownBy, "unread") : { kind: "none" },
      changed: planned.kind === "value" && (found.kind !== "value" || found.value.raw !== planned.value.raw),
      locked: row.locked,
      reason: row.reason,
    };
  });
  return {
    job,
    workings,
    standing: standingOf(job, workings),
    lines,
    left,
    planned: sheet.target,
    fault: sealFault(live),
  };
}
