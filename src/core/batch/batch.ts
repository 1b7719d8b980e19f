/**
 * A batch: the sheet of one bike put onto several like it. Each bike keeps the sheet in its own record, is planned from
 * its own facts and read back on its own; what nothing of its own speaks against is made as the sheet says.
 */
import { linesOf, type DisplayProfile } from "../display";
import { newJob, paperOf, withEvent, type Job, type Paper } from "../record";
import type { Batch } from "../record/job";
import { valuesToFollow } from "../record/sheetOfBatch";
import { own } from "../units/limits";
import { withoutFields } from "../units/withoutFields";
import { sharedFacts } from "./likeFacts";
import { ticketNumber } from "../units/ticketNumber";

/** Why no batch can be made of a bike. */
export type NoBatch = "no-display" | "nothing-planned";

/** What keeps a bike from lending its sheet; null where it can. */
export function noBatchOf(pattern: Job): NoBatch | null {
  const paper = paperOf(pattern);
  if (!paper) return "no-display";
  return Object.keys(sheetOf(paper)).length === 0 ? "nothing-planned" : null;
}

const standingOf = ({ job, standing }: Paper): Batch["from"]["standing"] =>
  standing !== "read-back" ? "planned" : job.handedOverAt === null ? "read-back" : "as-left";

/** What each line is to hold: as the bike was left or read back, and as planned where nobody has read. */
function sheetOf({ job, left, planned }: Paper): Record<string, number> {
  const lines = job.profile ? linesOf(job.profile) : [];
  return Object.fromEntries(
    lines.flatMap(({ code, encoding }, i) => {
      const raw = (job.program ? left.raws[i] : null) ?? planned.raws[i] ?? null;
      return raw === null || encoding.kind === "read-only" ? [] : [[code, raw]];
    }),
  );
}

/** The batch a bike gives its sheet to; null where it cannot. `id` must be new, `at` is an ISO timestamp. */
export function newBatch(pattern: Job, { id, name, at }: { id: string; name: string; at: string }): Batch | null {
  const paper = paperOf(pattern);
  const { profile } = pattern;
  if (!paper || !profile || noBatchOf(pattern)) return null;
  const { job } = paper;
  const codes = Object.keys(job.overrides);
  return {
    id,
    name,
    begunAt: at,
    place: 1,
    from: {
      jobId: job.id,
      number: job.number,
      nickname: job.intake.nickname ?? "",
      display: { id: profile.id, revision: profile.revision },
      standing: standingOf(paper),
      seal: job.sheets.at(-1)?.hash ?? null,
      className: job.classChoice.rule?.name ?? null,
    },
    sheet: sheetOf(paper),
    byHand: Object.fromEntries(codes.map((code) => [code, own(job.overrideReasons ?? {}, code) ?? ""])),
    found: { ...job.asFound.shown },
    intake: { ...job.intake },
  };
}

/** A bike like the one a sheet was made on, as it comes in. `id` and `number` must be new. */
export function likeBike(
  pattern: Job,
  { id, number, nickname, at }: { id: string; number: number; nickname: string; at: string },
): Job {
  const shared = sharedFacts(pattern.intake);
  return {
    ...newJob(id, number, at),
    onTheStand: false,
    intake: { ...shared, visit: pattern.intake.visit ?? "", nickname },
    // Nobody has looked at these facts on this bike: they were known when they were typed for the other.
    typedAt: Object.fromEntries(Object.entries(pattern.typedAt).filter(([key]) => Object.hasOwn(shared, key))),
    profile: pattern.profile,
    classChoice: { ...withoutFields(pattern.classChoice, "acknowledgedAt"), acknowledged: "" },
  };
}

/** Why a bike cannot be taken into a batch. */
export type NotInto = "is-the-pattern" | "in-a-batch" | "keys-begun" | "has-left" | "other-display";

/** What keeps a bike out of a batch; null where it can be taken in. */
export function notInto(job: Job, batch: Batch): NotInto | null {
  if (job.id === batch.from.jobId) return "is-the-pattern";
  if (job.batch) return "in-a-batch";
  if (job.handedOverAt !== null) return "has-left";
  if (job.program) return "keys-begun";
  const { profile } = job;
  return profile && profile.id !== batch.from.display.id ? "other-display" : null;
}

/** What stands as the reason of a line the sheet sets by hand. */
const byHandWhy = ({ from, byHand }: Batch, code: string): string =>
  [own(byHand, code) ?? "", `As on ${ticketNumber(from.number)}`].filter((part) => part !== "").join(". ");

/**
 * The job in a batch, at a place in it: lines left to choice follow the sheet. What its own facts decide stays decided
 * by them, what is typed of it stays, and a line it has set by hand stays so. The same job where it cannot be taken in.
 */
export function joined(job: Job, batch: Batch, display: DisplayProfile, place: number, at: string): Job {
  if (notInto(job, batch)) return job;
  const profile = job.profile ?? display;
  const values = valuesToFollow(profile, batch);
  const byHand = Object.keys(batch.byHand).filter(
    (code) => own(values, code) !== undefined && own(job.overrides, code) === undefined,
  );
  const laid: Job = {
    ...job,
    profile,
    batch: { ...batch, place },
    overrides: { ...job.overrides, ...Object.fromEntries(byHand.map((code) => [code, values[code] ?? 0])) },
    overrideReasons: {
      ...job.overrideReasons,
      ...Object.fromEntries(byHand.map((code) => [code, byHandWhy(batch, code)])),
    },
  };
  return withEvent(laid, at, "batch-joined", `${batch.name}: the sheet of ${ticketNumber(batch.from.number)}`);
}

/**
 * The job out of its batch, with what it brought along taken back while no keys have been pressed: once they have, the
 * record of them stays.
 */
export function parted(job: Job, at: string): Job {
  const { batch } = job;
  if (!batch) return job;
  const told = withEvent({ ...job, batch: null }, at, "batch-left", batch.name);
  if (job.program || job.held || job.sheets.some(({ kind }) => kind === "target")) return told;
  const cameByHand = Object.keys(batch.byHand).filter(
    (code) => own(job.overrideReasons ?? {}, code) === byHandWhy(batch, code),
  );
  return {
    ...told,
    overrides: withoutFields(job.overrides, ...cameByHand),
    overrideReasons: withoutFields(job.overrideReasons ?? {}, ...cameByHand),
  };
}

/** Bikes of one batch, in the order they are worked through. */
export const inOrder = (bikes: readonly Job[]): readonly Job[] =>
  [...bikes].sort((a, b) => (a.batch?.place ?? 0) - (b.batch?.place ?? 0) || a.number - b.number);
