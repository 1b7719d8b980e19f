/**
 * What a job says of the bike before anything is worked out: its class, its as-found column, and whether there is a way
 * home.
 */
import { isShown, linesOf, readShown, type ShownProblem } from "../display";
import type { ClassChoice } from "../law";
import { fieldProblem } from "../facts";
import { speedToKmh } from "../units";
import { own } from "../units/limits";
import { readQuantity } from "../units/quantity";
import type { Job } from "./job";

/** The class a job must leave in, with the reading accepted for it; null until one is chosen. */
export function choiceOf({ classChoice }: Pick<Job, "classChoice">): ClassChoice | null {
  const { rule, acceptReading, acceptedKmh } = classChoice;
  if (!rule) return null;
  if (!acceptReading || !rule.acceptedReading) return { rule, acceptedKmh: null };
  const typed = acceptedKmh.trim();
  const { value, unit } = rule.acceptedReading;
  const kmh = typed === "" ? speedToKmh(value, unit) : readQuantity(typed, "km/h").value;
  return { rule, acceptedKmh: acceptedReadingProblem(typed) ? null : kmh };
}

/** A reading further than this from anything a class says is a slip of the finger. km/h */
const READING_RANGE = { min: 5, max: 60 } as const;

/** What is wrong with a typed reading; null where it can be taken or is empty. */
export const acceptedReadingProblem = (typed: string) =>
  fieldProblem({ kind: "number", unit: "km/h", whole: false, guess: null, ...READING_RANGE }, typed);

export interface FoundLine {
  readonly typed: string;
  readonly raw: number | null;
  readonly problem: ShownProblem | null;
  /** Whether the menu has the line, going by the lines it hangs on; one that is not there cannot be read. */
  readonly shown: boolean;
}

/** The as-found column: what was typed per line, read or not. Read-only lines need no reading. */
export function foundLines(job: Pick<Job, "profile" | "asFound">): readonly FoundLine[] {
  const { profile } = job;
  if (!profile) return [];
  const read = linesOf(profile).map((line): FoundLine => {
    const typed = own(job.asFound.shown, line.code) ?? "";
    if (line.encoding.kind === "read-only") return { typed, raw: line.factoryRaw ?? 0, problem: null, shown: true };
    if (typed.trim() === "") return { typed, raw: null, problem: null, shown: true };
    const reading = readShown(line.encoding, typed);
    return reading.ok
      ? { typed, raw: reading.raw, problem: null, shown: true }
      : { typed, raw: null, problem: reading.problem, shown: true };
  });
  const raws = read.map((line) => line.raw);
  return read.map((line, i) => ({ ...line, shown: isShown(profile, i, raws) }));
}

/** Lines that stand in the menu and that nobody has read. */
export const isUnread = (line: FoundLine): boolean => line.shown && line.raw === null;

export type Baseline =
  | { readonly kind: "kept" }
  | { readonly kind: "waived"; readonly reason: string }
  | { readonly kind: "missing"; readonly unread: number; readonly total: number };

/** Shortest reason that says anything. */
export const LEAST_REASON = 8;

/** Whether there is a way home: every line written down, or a written reason why not. */
export function baselineOf(job: Job): Baseline {
  const lines = foundLines(job);
  const unread = lines.filter(isUnread).length;
  if (job.profile && unread === 0) return { kind: "kept" };
  const reason = job.asFound.waivedReason.trim();
  if (reason.length >= LEAST_REASON) return { kind: "waived", reason };
  return { kind: "missing", unread, total: lines.filter((line) => line.shown).length };
}
