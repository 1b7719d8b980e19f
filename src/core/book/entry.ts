/**
 * What the book's list says of a job: a few columns and the text it is found by, taken off the record without working
 * anything out, and written together with it. A list of ten thousand is read without opening one of them.
 */
import { linesOf, shows } from "../display";
import { isOffRoad, newJob, type Job } from "../record";
import { own } from "../units/limits";
import { driftedCodes, odometerKm } from "./drift";
import { ticketNumber } from "../units/ticketNumber";

/** Where the bike is: on the stand, waiting for it, or handed over. */
export const PLACES = ["stand", "waiting", "gone"] as const;
export type BookPlace = (typeof PLACES)[number];

export interface BookEntry {
  readonly id: string;
  readonly bikeId: string;
  readonly number: number;
  readonly nickname: string;
  readonly frame: string;
  readonly display: string;
  readonly className: string;
  readonly place: BookPlace;
  readonly stage: Job["stage"];
  readonly demo: boolean;
  readonly offRoad: boolean;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly handedOverAt: string | null;
  /** When it came to the place it is at: the order in which it is listed there. */
  readonly at: string;
  readonly sealed: number;
  readonly odometerKm: number | null;
  readonly complaint: string;
  /** Lines found otherwise than the last visit left them; null on a first visit, and while none has been read. */
  readonly drifted: number | null;
  readonly twinOf: string | null;
  /** The batch it belongs to, and what that is called; null for a bike on its own. */
  readonly batchId: string | null;
  readonly batchName: string;
  /** Everything it can be found by, in small letters. */
  readonly text: string;
}

/** More of one job than anybody searches for, characters. */
const LONGEST_TEXT = 6_000;

/** What each line holds as last known, as the display shows it: "52 46". */
function valuesOf(job: Job): readonly string[] {
  const { profile } = job;
  if (!profile) return [];
  const left = job.sheets.findLast(({ kind }) => kind === "as-left" || kind === "read-back");
  const byCode = new Map(left?.lines.map(({ code, shows: shown }) => [code, shown]));
  return linesOf(profile).flatMap(({ code, encoding }) => {
    if (encoding.kind === "read-only") return [];
    const found = own(job.asFound.shown, code) ?? "";
    const now = own(job.readBack, code) ?? byCode.get(code) ?? "";
    const carried = own(job.lastVisit?.left ?? {}, code);
    const values = new Set([found, now, carried === undefined ? "" : shows(encoding, carried)]);
    values.delete("");
    return values.size === 0 ? [] : [`${code} ${[...values].join(" ")}`];
  });
}

function textOf(job: Job): string {
  const { rule } = job.classChoice;
  const parts = [
    ticketNumber(job.number),
    ...Object.values(job.intake),
    job.profile ? `${job.profile.name} ${job.profile.variant}` : "",
    rule ? `${rule.name} ${rule.badge}` : "",
    ...valuesOf(job),
    ...Object.values(job.checks).flatMap(({ note, measured }) => [note, measured]),
    ...Object.values(job.overrideReasons ?? {}),
    job.asFound.waivedReason,
    job.handOverNote,
    job.batch?.name ?? "",
    ...job.sheets.map(({ note }) => note),
    ...job.events.flatMap(({ kind, detail }) => (kind === "sealed" ? [] : [detail])),
  ];
  return [...new Set(parts.filter((part) => part !== ""))].join("\n").toLowerCase().slice(0, LONGEST_TEXT);
}

const placeOf = ({ onTheStand, handedOverAt }: Job): BookPlace =>
  onTheStand ? "stand" : handedOverAt === null ? "waiting" : "gone";

const whole = (job: Job) => ({
  nickname: job.intake.nickname ?? "",
  frame: job.intake.frame ?? "",
  display: job.profile ? `${job.profile.name}, ${job.profile.variant}` : "",
  className: job.classChoice.rule?.name ?? "",
  offRoad: isOffRoad(job),
  sealed: job.sheets.length,
  odometerKm: odometerKm(job.intake.odometerKm ?? ""),
  complaint: job.intake.complaint ?? "",
  drifted: driftedCodes(job)?.length ?? null,
  text: textOf(job),
});

/** What can be said of a job; of a damaged record, what can be said of an empty one: it is listed all the same. */
function read(job: Job): ReturnType<typeof whole> {
  try {
    return whole(job);
  } catch {
    return whole(newJob(job.id, job.number, job.createdAt));
  }
}

/** The entry of a job. Never throws: a job that cannot be listed could not be found. */
export const entryOf = (job: Job): BookEntry => ({
  ...read(job),
  id: job.id,
  bikeId: job.bikeId,
  number: job.number,
  place: placeOf(job),
  stage: job.stage,
  demo: job.demo,
  createdAt: job.createdAt,
  updatedAt: job.updatedAt,
  handedOverAt: job.handedOverAt,
  at: job.handedOverAt ?? job.createdAt,
  twinOf: job.twinOf,
  batchId: job.batch?.id ?? null,
  batchName: job.batch?.name ?? "",
});
