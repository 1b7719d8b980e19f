/**
 * The sheet: every line of the display as found, as it should be and as left, with its reason, its findings and its
 * mark. Findings hang on the lines whose values cause them; what the target mends is told apart from what it leaves.
 */
import {
  contextOf,
  decodeAll,
  isShown,
  settingsOf,
  shows,
  SETTINGS,
  type Decoded,
  type EncodingContext,
  type Line,
  type SettingKey,
} from "../display";
import type { Severity } from "../law";
import type { Raws } from "../applied/applied";
import { propose, type ProposalContext, type ProposedLine, type Reason } from "../decide";
import { own } from "../units/limits";
import type { Granting } from "../wishes";
import { columnOf, type Column } from "./column";
import type { SheetFinding } from "./findings";
import { granted, wished } from "./wished";

/** How a row stands out: only exceptions do. */
export type Mark = "same" | "odd" | "caution" | "breach" | "unknown" | "left-alone";

export interface SheetValue {
  readonly raw: number;
  readonly shows: string;
  /** Every canonical value it stands for under the column it stands in. */
  readonly means: Decoded;
}

export interface SheetRow {
  readonly code: string;
  readonly index: number;
  readonly line: Line;
  readonly settings: readonly SettingKey[];
  /** What the display holds at present as far as anybody knows: as found, or as programmed since. */
  readonly inForce: SheetValue | null;
  readonly found: SheetValue | null;
  readonly target: SheetValue | null;
  /** Whether the present value must be changed. Null where it is not known. */
  readonly changes: boolean | null;
  readonly mark: Mark;
  readonly reason: Reason;
  readonly locked: boolean;
  /** Whether the menu has the line at all, as it is and with the targets set. */
  readonly shown: { readonly inForce: boolean; readonly target: boolean };
}

export interface Sheet {
  readonly rows: readonly SheetRow[];
  readonly found: Column<"found">;
  /** What would be proposed now, whatever was sealed. */
  readonly proposed: Column<"proposed">;
  /** Raw values to set; null where neither a target nor an as-found value is known. */
  readonly target: Column<"target">;
  readonly inForce: Column<"in-force">;
  /** What became of the rider's wishes in what would be proposed now. */
  readonly wishes: Granting<SheetFinding>;
  /** Findings of what is in force that the target makes go away. */
  readonly mended: readonly SheetFinding[];
}

export interface SheetContext extends ProposalContext {
  /** Raw values the display holds now; the as-found ones until it is programmed. */
  readonly inForce: Raws;
  /** Raw values the plan was sealed with: they stand, whatever would be proposed now. Null while nothing is sealed. */
  readonly sealed?: Raws | null;
  /** Raw values the plan starts from where they are not the as-found ones: a display programmed before. */
  readonly startsFrom?: Raws | null;
  /** What each line stood at before a wish first moved it, where that was before what the plan starts from. */
  readonly stood?: Raws;
  /** Of these, the raw values carried over from the display before a swap, by line code. */
  readonly carried?: Readonly<Record<string, number>>;
  /**
   * Raw values of the sheet of a batch, by line code: taken where the line is left to choice, and nowhere else. The
   * plan starts from what the display holds all the same.
   */
  readonly brought?: Readonly<Record<string, number>>;
}

/** Works the whole sheet out. */
export function makeSheet(context: SheetContext): Sheet {
  const { profile, asFound, sealed } = context;
  const startsFrom = context.startsFrom ?? asFound;
  // Once keys were begun, nobody knows which values a reading was taken with.
  const judged = { ...context, readWith: sealed ? null : asFound };
  const { brought = {} } = context;
  const planned = propose({ ...context, asFound: startsFrom });
  const along = planned.map((line) => (isLeftToChoice(line) ? (own(brought, line.line.code) ?? null) : null));
  const without = planned.map(
    ({ raw, index }) => raw ?? along[index] ?? startsFrom[index] ?? context.inForce[index] ?? null,
  );
  // Where the plan decides a line itself a wish moves it from there; where it keeps what is held, from before.
  const stood = without.map((raw, i) => (raw === startsFrom[i] ? (context.stood?.[i] ?? null) : null));
  const wishes = granted(judged, context.byHand, { raws: without, stood });
  const { raws } = wishes;
  const proposals = planned.map((each) => wished(each, wishes));
  const found = columnOf("found", asFound, judged);
  const proposed = columnOf("proposed", raws, judged);
  const target = columnOf("target", sealed ? raws.map((raw, i) => sealed[i] ?? raw) : raws, judged);
  const inForce = columnOf("in-force", context.inForce, judged);
  const columns = { found, proposed, target, inForce };
  const contexts = {
    found: contextOf(profile, found.raws),
    target: contextOf(profile, target.raws),
    inForce: contextOf(profile, inForce.raws),
  };
  return {
    ...columns,
    wishes,
    rows: proposals.map((proposal) => rowOf(context, columns, contexts, proposal)),
    mended: inForce.findings.filter(
      (finding) =>
        SERIOUS.has(finding.severity) && !target.findings.some((later) => later.message.key === finding.message.key),
    ),
  };
}

/** Reasons that leave a line to whoever sets it: what was brought along stands there by itself. */
const LEFT_TO_CHOICE: ReadonlySet<Reason["key"]> = new Set<Reason["key"]>([
  "reason.owners-choice",
  "reason.technicians-choice",
  "reason.as-found",
]);

const isLeftToChoice = ({ raw, reason }: ProposedLine): boolean => raw === null && LEFT_TO_CHOICE.has(reason.key);

type Columns = Pick<Sheet, "found" | "proposed" | "target" | "inForce">;
type Contexts = Readonly<Record<"found" | "target" | "inForce", EncodingContext>>;

function rowOf(
  { profile, byHand, carried = {}, brought = {} }: SheetContext,
  { found, proposed, target, inForce }: Columns,
  contexts: Contexts,
  proposal: ProposedLine,
): SheetRow {
  const { line, index, reason: proposedBy } = proposal;
  const cameAlong = own(brought, line.code) ?? own(carried, line.code);
  const comesAlong = isLeftToChoice(proposal) && cameAlong === target.raws[index];
  const reason: Reason =
    target.raws[index] !== proposed.raws[index]
      ? { key: "reason.sealed" }
      : comesAlong
        ? { key: "reason.carried" }
        : proposedBy;
  const held = valueAt(line, inForce.raws[index], contexts.inForce);
  const planned = valueAt(line, target.raws[index], contexts.target);
  const shown = { inForce: isShown(profile, index, inForce.raws), target: isShown(profile, index, target.raws) };
  const changes = planned === null || !shown.target ? false : held === null ? null : held.raw !== planned.raw;
  const locked = line.makerOnly && own(byHand.unlocked, line.code) === undefined;
  return {
    code: line.code,
    index,
    line,
    settings: settingsOf(line),
    inForce: held,
    found: valueAt(line, found.raws[index], contexts.found),
    target: planned,
    changes,
    mark: markOf(
      {
        code: line.code,
        changes,
        locked,
        known: held !== null || !shown.inForce,
        shown: shown.inForce || shown.target,
        stays: reason.key,
      },
      [...inForce.findings, ...target.findings],
    ),
    reason,
    locked,
    shown,
  };
}

/** What a raw value stands for under a column; null where it is not known. */
export const valueAt = (line: Line, raw: number | null | undefined, context: EncodingContext): SheetValue | null =>
  raw === null || raw === undefined
    ? null
    : { raw, shows: shows(line.encoding, raw), means: decodeAll(line, raw, context) };

const SERIOUS: ReadonlySet<Severity> = new Set(["breach", "caution", "unknown"]);

interface MarkFacts {
  readonly code: string;
  readonly changes: boolean | null;
  readonly locked: boolean;
  /** What it holds is known, or there is nothing to know. */
  readonly known: boolean;
  readonly shown: boolean;
  readonly stays: Reason["key"];
}

function markOf({ code, changes, locked, known, shown, stays }: MarkFacts, findings: readonly SheetFinding[]): Mark {
  const worst = (severity: Severity) =>
    findings.some((finding) => finding.severity === severity && finding.lines[0] === code);
  if (worst("breach")) return "breach";
  if (worst("caution")) return "caution";
  if (stays === "reason.read-only" || !shown) return "left-alone";
  if (!known || stays === "reason.unsure" || worst("unknown") || changes === null) return "unknown";
  if (changes) return "odd";
  return locked ? "left-alone" : "same";
}

/** How a sheet stands, in numbers. */
export interface SheetCounts {
  readonly odd: number;
  readonly breaches: number;
  readonly cautions: number;
  readonly unknown: number;
  /** Lines whose meaning is a guess. */
  readonly unsure: number;
  readonly leftAlone: number;
}

export const countSheet = ({ rows, inForce }: Sheet): SheetCounts => ({
  odd: rows.filter((row) => row.changes === true).length,
  breaches: inForce.findings.filter((finding) => finding.severity === "breach").length,
  cautions: inForce.findings.filter((finding) => finding.severity === "caution").length,
  unknown: rows.filter((row) => row.inForce === null && row.shown.inForce && row.line.encoding.kind !== "read-only")
    .length,
  unsure: rows.filter((row) => row.reason.key === "reason.unsure").length,
  leftAlone: rows.filter((row) => row.mark === "left-alone").length,
});

/** The definitions behind a row's settings; none on lines that set nothing. */
export const definitionsOf = (row: SheetRow) => row.settings.map((setting) => SETTINGS[setting]);
