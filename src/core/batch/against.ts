/**
 * A copied plan held against each bike's own facts: where its own plan comes to another value than the sheet, which
 * facts are others or unknown, what speaks against it, and what was read back otherwise than planned.
 */
import { linesOf, shows } from "../display";
import { INTAKE_FIELDS, saysTheSame, type IntakeKey } from "../facts";
import { sealFault, workOut, type Job, type Workings } from "../record";
import type { Reason } from "../decide";
import type { SheetFinding } from "../sheet";
import { own } from "../units/limits";
import { standingAgainst } from "../record/leaving";
import { LIKENESS_FACTS, MEASURED_FACTS, typedFact } from "./likeFacts";

/** One way in which one bike is not as the batch. Lines show as the display shows them. */
export type Exception =
  /** What its display holds breaks its class, or nobody can say that it does not. */
  | { readonly kind: "finding"; readonly finding: SheetFinding }
  /** Read back otherwise than planned, or not to be read. */
  | { readonly kind: "read-back"; readonly code: string; readonly planned: string; readonly read: string }
  /** A sealed sheet does not hold. */
  | { readonly kind: "seal" }
  /** Described anew since the sheet was made: its lines may be others. */
  | { readonly kind: "display"; readonly revision: number }
  /** It must leave in another class; null: nobody has chosen one. */
  | { readonly kind: "class"; readonly here: string | null; readonly there: string | null }
  /** A part is another than on the bike the sheet was made on. */
  | { readonly kind: "fact"; readonly key: IntakeKey; readonly here: string; readonly there: string }
  /** Nobody has said of this bike what was said of that one. */
  | { readonly kind: "fact-missing"; readonly key: IntakeKey; readonly there: string }
  /** Its own plan comes to another value; null: to none. */
  | {
      readonly kind: "line";
      readonly code: string;
      readonly here: string | null;
      readonly there: string;
      readonly raw: number;
      /** Why its own plan holds another. */
      readonly reason: Reason;
      /** Whether it may be set as the sheet says: not while it is locked, and not once its plan is sealed. */
      readonly set: "free" | "locked" | "sealed";
    }
  /** The sheet rests on a measurement that was not made on this bike. */
  | { readonly kind: "measured"; readonly key: IntakeKey; readonly there: string };

export type ExceptionKind = Exception["kind"];

function factExceptions(job: Job, there: Job["intake"]): readonly Exception[] {
  return LIKENESS_FACTS.flatMap((key): readonly Exception[] => {
    const [here, other] = [typedFact(job.intake, key), typedFact(there, key)];
    if (other === "" || saysTheSame(INTAKE_FIELDS[key], here, other)) return [];
    return [here === "" ? { kind: "fact-missing", key, there: other } : { kind: "fact", key, here, there: other }];
  });
}

/** What its plan comes to is told once there is one: not before its display was written down as found. */
const hasPlan = ({ program }: Job, { baseline }: Workings): boolean => program !== null || baseline.kind !== "missing";

function lineExceptions(job: Job, { sheet }: Workings): readonly Exception[] {
  const there = job.batch?.sheet ?? {};
  return (sheet?.rows ?? []).flatMap((row): readonly Exception[] => {
    const raw = own(there, row.code);
    // A line the menu does not have with what the others hold cannot be set, and does nothing.
    if (raw === undefined || !row.shown.target || row.target?.raw === raw) return [];
    const set = job.program ? "sealed" : row.locked ? "locked" : "free";
    const here = row.target?.shows ?? null;
    return [
      {
        kind: "line",
        code: row.code,
        here,
        there: shows(row.line.encoding, raw),
        raw,
        reason: row.reason,
        set,
      },
    ];
  });
}

function readBackExceptions({ profile, program }: Job, { readBack }: Workings): readonly Exception[] {
  if (!profile || !program?.done) return [];
  return linesOf(profile).flatMap(({ code, encoding }, i): readonly Exception[] => {
    const verdict = readBack[i];
    if (verdict?.kind === "differs")
      return [{ kind: "read-back", code, planned: verdict.expected, read: shows(encoding, verdict.raw) }];
    return verdict?.kind === "unreadable" ? [{ kind: "read-back", code, planned: "", read: "" }] : [];
  });
}

/** What would stand against a bike with its plan set; once keys were pressed, with what its display holds. */
export function speaksAgainst({ program }: Job, { sheet, checks, against }: Workings): readonly SheetFinding[] {
  return program?.done ? against : standingAgainst(sheet?.target.findings ?? [], checks);
}

/** Every way in which a bike is not as its batch, the gravest first. `workings` are those of the job. */
export function exceptionsOf(job: Job, workings: Workings = workOut(job)): readonly Exception[] {
  const { batch, profile } = job;
  if (!batch) return [];
  const here = job.classChoice.rule?.name ?? null;
  const planned = hasPlan(job, workings);
  return [
    ...(sealFault(job) ? [{ kind: "seal" } as const] : []),
    ...(planned ? speaksAgainst(job, workings).map((finding): Exception => ({ kind: "finding", finding })) : []),
    ...readBackExceptions(job, workings),
    ...(profile && profile.revision !== batch.from.display.revision
      ? [{ kind: "display", revision: profile.revision } as const]
      : []),
    ...(here === batch.from.className && here !== null
      ? []
      : [{ kind: "class", here, there: batch.from.className } as const]),
    ...factExceptions(job, batch.intake),
    ...(planned ? lineExceptions(job, workings) : []),
    ...MEASURED_FACTS.flatMap((key): readonly Exception[] => {
      const there = typedFact(batch.intake, key);
      return there !== "" && typedFact(job.intake, key) === "" ? [{ kind: "measured", key, there }] : [];
    }),
  ];
}

/** Exceptions a bike need not be kept back for: they say what a figure rests on, and move nothing. */
const ONLY_TOLD: ReadonlySet<ExceptionKind> = new Set(["measured"]);
export const standsOut = ({ kind }: Exception): boolean => !ONLY_TOLD.has(kind);
