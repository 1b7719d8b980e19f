/**
 * A bike's visits: each job is one. A new one starts from what the last left, which is what is expected to be found; so
 * only what differs has to be typed, and what differs is drift.
 */
import { linesOf, readShown, shows, type Line } from "../display";
import type { FactKey } from "../facts/everyFact";
import { withEvent, newJob, workOut, type Job } from "../record";
import { codedRaws, readBackRaws } from "../record/columns";
import type { LastVisit } from "../record/job";
import { own } from "../units/limits";
import { withoutFields } from "../units/withoutFields";
import { hasDrifted, leftIn, riddenKm } from "./drift";
import { factChanges, type FactChange } from "./factChanges";
import { ticketNumber } from "../units/ticketNumber";

/** Facts that belong to one visit and are asked anew at the next. */
const OF_ONE_VISIT: ReadonlySet<string> = new Set<FactKey>([
  "visit",
  "complaint",
  "odometerKm",
  "checkedBy",
  "leavesThough",
  "wishWinners",
  // Read off the display or ridden with the lines as they then stood: they say nothing of how it is set now.
  "oneTrueKmh",
  "oneShown",
  "runs",
  "tripShown",
  "trackKm",
  "trackErrorKm",
  "courseS",
  "courseShown",
  "measuredSpeeds",
  "measuredLadders",
  // As they were that day.
  "chargePercent",
  "temperatureC",
]);

/** What a visit left in the display, by code: as sealed when it was handed over, or as read back last. */
function leftBy(job: Job): Readonly<Record<string, number>> {
  const { profile } = job;
  if (!profile) return {};
  const sealed = job.sheets.findLast(({ kind, display }) => kind === "as-left" && display.id === profile.id);
  if (!sealed) return codedRaws(profile, readBackRaws(job));
  return Object.fromEntries(sealed.lines.flatMap(({ code, raw }) => (raw === null ? [] : [[code, raw]])));
}

/** The visit before, as the next one keeps it. */
export const lastVisitOf = (job: Job): LastVisit => ({
  jobId: job.id,
  number: job.number,
  leftAt: job.handedOverAt ?? job.updatedAt,
  odometerKm: job.intake.odometerKm ?? "",
  display: { id: job.profile?.id ?? "", revision: job.profile?.revision ?? 1 },
  seal: job.sheets.at(-1)?.hash ?? null,
  left: { ...leftBy(job) },
  stood: { ...workOut(job).sheet?.wishes.stood },
  intake: { ...job.intake },
});

/** A new visit of the bike of a job. `id` and `number` must be new, `at` is an ISO timestamp. */
export function nextVisit(last: Job, { id, number, at }: { id: string; number: number; at: string }): Job {
  const fresh = newJob(id, number, at);
  const kept = Object.entries(last.intake).filter(([key]) => !OF_ONE_VISIT.has(key));
  const keptKeys = new Set(kept.map(([key]) => key));
  const begun: Job = {
    ...fresh,
    bikeId: last.bikeId,
    intake: { ...Object.fromEntries(kept), visit: "service" },
    // When a fact was typed stays with it: the bike has not been measured anew by coming back.
    typedAt: Object.fromEntries(Object.entries(last.typedAt).filter(([key]) => keptKeys.has(key))),
    profile: last.profile,
    // Who acknowledged what did so for the visit before.
    classChoice: { ...withoutFields(last.classChoice, "acknowledgedAt"), acknowledged: "" },
    lastVisit: lastVisitOf(last),
  };
  return withEvent(begun, at, "visit-begun", ticketNumber(last.number));
}

/**
 * What a line is expected to show, as the display shows it: what we left in it when the bike was here before, or what
 * the first of its batch was found at. Null where nobody knows.
 */
export function expectedShown(job: Job, code: string): string | null {
  const line = job.profile ? linesOf(job.profile).find((each) => each.code === code) : undefined;
  if (!line || line.encoding.kind === "read-only") return null;
  const raw = job.lastVisit ? own(leftIn(job, job.lastVisit), code) : foundInBatch(job, line);
  return raw === undefined ? null : shows(line.encoding, raw);
}

/** What the bike the sheet of a batch was made on was found at in a line; undefined where that was not read. */
function foundInBatch({ batch, profile }: Job, { code, encoding }: Line): number | undefined {
  if (!batch || batch.from.display.id !== profile?.id) return undefined;
  const reading = readShown(encoding, own(batch.found, code) ?? "");
  return reading.ok ? reading.raw : undefined;
}

/** Lines written down with another value than is expected of them. */
export const unexpectedCodes = (job: Job): readonly string[] =>
  (job.profile ? linesOf(job.profile) : []).flatMap(({ code, encoding }) => {
    const expected = expectedShown(job, code);
    if (expected === null) return [];
    const [here, there] = [readShown(encoding, own(job.asFound.shown, code) ?? ""), readShown(encoding, expected)];
    return here.ok && there.ok && here.raw !== there.raw ? [code] : [];
  });

/** Lines nobody has written down of which a value is expected. */
export const stillExpected = (job: Job): readonly string[] =>
  job.profile
    ? linesOf(job.profile).flatMap(({ code }) =>
        (own(job.asFound.shown, code) ?? "").trim() === "" && expectedShown(job, code) !== null ? [code] : [],
      )
    : [];

/**
 * The job with the rest of the lines written down as they are expected: somebody has looked at each and found it so.
 * What was typed stays.
 */
export function restAsExpected(job: Job, at: string): Job {
  const codes = stillExpected(job);
  if (codes.length === 0) return job;
  const shown = Object.fromEntries(codes.map((code) => [code, expectedShown(job, code) ?? ""]));
  const told: Job = { ...job, asFound: { ...job.asFound, shown: { ...job.asFound.shown, ...shown } } };
  return withEvent(told, at, job.lastVisit ? "as-we-left-it" : "as-in-batch", codes.join(" "));
}

/** What one visit found and left in one line, as the display shows it; null where it is not known. */
export interface LineAtVisit {
  readonly found: string | null;
  readonly left: string | null;
  /** Found otherwise than the visit before left it. */
  readonly drifted: boolean;
}

export interface VisitColumn {
  readonly job: Job;
  readonly lines: ReadonlyMap<string, LineAtVisit>;
  /** Distance since the visit before, km; null where either odometer is not known, or it went back. */
  readonly riddenKm: number | null;
  /** What the bike rests on that is another than at the visit before. */
  readonly changedFacts: readonly FactChange[];
  /** No visit before it is known. */
  readonly isFirst: boolean;
}

/** The visits of one bike side by side, the newest first, and every code any of their displays has. */
export function historyOf(visits: readonly Job[]): {
  readonly visits: readonly VisitColumn[];
  readonly codes: readonly string[];
} {
  const inOrder = [...visits].sort((a, b) => (a.createdAt < b.createdAt ? -1 : 1));
  const columns = inOrder.map((job, i): VisitColumn => columnOf(job, inOrder[i - 1] ?? null));
  const codes = [...new Set(columns.flatMap(({ lines }) => [...lines.keys()]))];
  return { visits: columns.reverse(), codes };
}

function columnOf(job: Job, before: Job | null): VisitColumn {
  const last = job.lastVisit ?? (before ? lastVisitOf(before) : null);
  return {
    job,
    lines: linesAt(job, last),
    riddenKm: riddenKm(last?.odometerKm ?? "", job.intake.odometerKm ?? ""),
    changedFacts: last ? factChanges(last.intake, job.intake) : [],
    isFirst: last === null,
  };
}

/** What a visit found and left in each line somebody can set, held against the visit before as its record has it. */
export const linesAtVisit = (job: Job): ReadonlyMap<string, LineAtVisit> => linesAt(job, job.lastVisit);

function linesAt(job: Job, last: LastVisit | null): ReadonlyMap<string, LineAtVisit> {
  const { profile } = job;
  if (!profile) return new Map();
  const left = leftBy(job);
  const expected = leftIn(job, last);
  return new Map(
    linesOf(profile).flatMap(({ code, encoding }): (readonly [string, LineAtVisit])[] => {
      if (encoding.kind === "read-only") return [];
      const found = (own(job.asFound.shown, code) ?? "").trim();
      const raw = own(left, code);
      const drifted = hasDrifted(encoding, found, own(expected, code)) === true;
      return [[code, { found: found || null, left: raw === undefined ? null : shows(encoding, raw), drifted }]];
    }),
  );
}

/** Whether a line was moved over the visits, or found moved. */
export const hasMoved = (code: string, visits: readonly VisitColumn[]): boolean =>
  visits.some(({ lines }) => {
    const at = lines.get(code);
    return at !== undefined && (at.drifted || (at.left !== null && at.found !== null && at.left !== at.found));
  });
