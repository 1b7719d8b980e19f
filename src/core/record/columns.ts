/**
 * The columns of a visit: what was found, what the display was last known to hold, and what was read back. A record is
 * made from what was sealed and read, never from what is proposed now.
 */
import { linesOf, readShown, type DisplayProfile } from "../display";
import type { Raws } from "../applied";
import { own } from "../units/limits";
import { foundLines } from "./found";
import type { Job, SealedFacts, SealedSheet } from "./job";

/** Raw values as a record by line code; what is not known is left out. */
export const codedRaws = (profile: DisplayProfile, raws: Raws): Record<string, number> =>
  Object.fromEntries(
    linesOf(profile).flatMap(({ code }, i) => {
      const raw = raws[i];
      return raw === null || raw === undefined ? [] : [[code, raw]];
    }),
  );

/** The newest sealed sheet of a kind of the display that is on the bike; null where there is none. */
export const lastSheet = (job: Job, kind: SealedSheet["kind"]): SealedSheet | null =>
  job.sheets.findLast((sheet) => sheet.kind === kind && sheet.display.id === job.profile?.id) ?? null;

const sheetRaws = (profile: DisplayProfile, sheet: SealedSheet): Raws => {
  const raws = new Map(sheet.lines.map(({ code, raw }) => [code, raw]));
  return linesOf(profile).map(({ code }) => raws.get(code) ?? null);
};

/** Whether keys were begun on the bike: from then on the sealed as-found sheet is the one that counts. */
const isBegun = (job: Job): boolean => job.program !== null || job.held !== null;

/** As found: as sealed once keys were begun, and as typed until then and where the seal had a gap. */
export function foundRawsOf(job: Job): Raws {
  const typed = foundLines(job).map((line) => line.raw);
  const sealed = isBegun(job) ? lastSheet(job, "as-found") : null;
  if (!job.profile || !sealed) return typed;
  const kept = sheetRaws(job.profile, sealed);
  return typed.map((raw, i) => kept[i] ?? raw);
}

/** What was read back off the display, line by line; null where nobody has, or where it cannot be read. */
export function readBackRaws(job: Pick<Job, "profile" | "readBack">): Raws {
  const { profile } = job;
  if (!profile) return [];
  return linesOf(profile).map((line) => {
    const typed = own(job.readBack, line.code) ?? "";
    if (line.encoding.kind === "read-only" || typed.trim() === "") return null;
    const reading = readShown(line.encoding, typed);
    return reading.ok ? reading.raw : null;
  });
}

/** What was known of each line before the keys under way: as last known, else as found; null where a slip left it. */
export function knownRaws(job: Job): Raws {
  const { profile, held } = job;
  if (!profile) return [];
  const found = foundRawsOf(job);
  return linesOf(profile).map(({ code }, i) => {
    const last = held ? own(held, code) : undefined;
    return last === undefined ? (found[i] ?? null) : last;
  });
}

/**
 * What the display holds as far as anybody knows: as read back, else as keyed in, else as last known, else as found.
 */
export function heldRaws(job: Job): Raws {
  const { profile, program } = job;
  if (!profile) return [];
  const keyed = program
    ? program.state.inForce.map((raw, i) => (program.unread.includes(i) ? null : raw))
    : knownRaws(job);
  const read = program?.done ? readBackRaws(job) : [];
  return keyed.map((raw, i) => read[i] ?? raw);
}

/**
 * The facts the plan of this visit was sealed with; null while nothing is sealed, and on jobs sealed before format 3.
 */
export const sealedFacts = (job: Job): SealedFacts | null =>
  job.program ? (lastSheet(job, "target")?.facts ?? null) : null;

/** A job with the facts of a seal in place of those typed since. */
export const withFacts = (job: Job, facts: SealedFacts): Job => ({
  ...job,
  intake: facts.intake,
  typedAt: facts.typedAt ?? {},
  classChoice: facts.classChoice,
  overrides: facts.overrides,
  overrideReasons: facts.overrideReasons ?? {},
  carried: facts.carried ?? {},
  unlocked: facts.unlocked,
});

/** The job as its plan was sealed: what was typed since does not move it. The same job while nothing is sealed. */
export function asSealed(job: Job): Job {
  const facts = sealedFacts(job);
  return facts ? withFacts(job, facts) : job;
}
