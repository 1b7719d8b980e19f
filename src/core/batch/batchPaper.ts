/**
 * The paper of a whole batch: the sheet once, and for every bike what was read back, where it is not as the sheet, and
 * every seal. What a bike holds is told from what was read, never from what was planned.
 */
import { linesOf, shows, type Line } from "../display";
import { paperOf, sealFault, type Job, type SealFault, type Standing } from "../record";
import type { SealedSheet } from "../record/job";
import { own } from "../units/limits";
import { batchBike, type BatchBike } from "./progress";

export interface BatchPaperLine {
  readonly line: Line;
  readonly shows: string;
  readonly byHand: boolean;
  /** Bikes read back otherwise than the sheet, and what they showed, by their number. */
  readonly otherwise: readonly { readonly number: number; readonly shows: string }[];
}

export interface BatchPaperSeal extends Pick<SealedSheet, "kind" | "at" | "hash"> {
  readonly number: number;
}

export interface BatchPaperBike extends BatchBike {
  readonly standing: Standing;
  /** Class it was judged by; null where none was chosen. */
  readonly className: string | null;
  readonly fault: SealFault | null;
}

export interface BatchPaper {
  readonly lines: readonly BatchPaperLine[];
  readonly bikes: readonly BatchPaperBike[];
  readonly seals: readonly BatchPaperSeal[];
  /** How many left, and how many were read back whole and as planned. */
  readonly gone: number;
  readonly proven: number;
}

/** The paper of the bikes of a batch, in order; null where there are none. */
export function batchPaper(bikes: readonly Job[]): BatchPaper | null {
  const first = bikes.find(({ batch, profile }) => batch !== null && profile !== null);
  if (!first?.batch || !first.profile) return null;
  const { sheet, byHand } = first.batch;
  const papers = bikes.map((job) => ({ job, paper: paperOf(job) }));
  const lines = linesOf(first.profile).flatMap((line): readonly BatchPaperLine[] => {
    const raw = own(sheet, line.code);
    if (raw === undefined || line.encoding.kind === "read-only") return [];
    const shown = shows(line.encoding, raw);
    const otherwise = papers.flatMap(({ job, paper }) => {
      const left = paper?.lines.find((each) => each.line.code === line.code)?.left;
      return left?.kind === "value" && left.value.raw !== raw ? [{ number: job.number, shows: left.value.shows }] : [];
    });
    return [{ line, shows: shown, byHand: own(byHand, line.code) !== undefined, otherwise }];
  });
  const told = papers.map(({ job, paper }): BatchPaperBike => ({
    ...batchBike(job),
    standing: paper?.standing ?? "planned-not-set",
    className: (paper?.job ?? job).classChoice.rule?.name ?? null,
    fault: sealFault(job),
  }));
  return {
    lines,
    bikes: told,
    seals: bikes.flatMap(({ number, sheets }) => sheets.map(({ kind, at, hash }) => ({ number, kind, at, hash }))),
    gone: told.filter(({ step }) => step === "gone").length,
    proven: told.filter(({ read, standing }) => standing === "read-back" && read.asPlanned === read.of).length,
  };
}
