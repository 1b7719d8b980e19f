/** Tickets of the rack, kept beside the jobs they are of: a job is read whole only when it has changed since. */
import { PLACES, type BookPlace } from "@/core/book/entry";
import type { Job } from "@/core/record";
import type { Ticket } from "@/core/record/ticket";
import { db, type OddSpokeDatabase } from "./db";
import { stampOf } from "./stamp";

export interface StaleTicket {
  readonly id: string;
  readonly updatedAt: string;
}

export interface RackList {
  readonly tickets: readonly Ticket[];
  /** Jobs of the rack whose ticket is missing or of an older state, with the moment they last changed. */
  readonly stale: readonly StaleTicket[];
  /** How many bikes are at each place, those the rack does not show counted in. */
  readonly counts: Readonly<Record<BookPlace, number>>;
}

/** Most bikes of a place the rack shows: the newest of them. All others are in the book. */
export const MOST_ON_RACK: Readonly<Record<BookPlace, number>> = { stand: 60, waiting: 60, gone: 24 };

const atPlace = (database: OddSpokeDatabase, place: BookPlace) =>
  database.entries.where("[place+at]").between([place, ""], [place, "\uffff"], true, true);

/** Tickets of the rack of the present state of their job, lowest number first, and the jobs that have none. */
export async function rackList(database: OddSpokeDatabase = db): Promise<RackList> {
  const [rows, counted] = await Promise.all([
    Promise.all(PLACES.map((place) => atPlace(database, place).reverse().limit(MOST_ON_RACK[place]).toArray())),
    Promise.all(PLACES.map((place) => atPlace(database, place).count())),
  ]);
  const entries = rows.flat();
  const kept = await database.tickets.bulkGet(entries.map(({ id }) => id));
  const fresh = entries.flatMap(({ updatedAt }, i) => {
    const each = kept[i];
    return each && each.of === stampOf(updatedAt) ? [each.ticket] : [];
  });
  const has = new Set(fresh.map(({ id }) => id));
  const [stand = 0, waiting = 0, gone = 0] = counted;
  return {
    tickets: fresh.sort((a, b) => a.number - b.number),
    stale: entries.flatMap(({ updatedAt, id }) => (has.has(id) ? [] : [{ id, updatedAt }])),
    counts: { stand, waiting, gone },
  };
}

/** Works out the tickets of these jobs with `make` and keeps them; says of which state of which job. */
export async function makeTickets(
  ids: readonly string[],
  make: (job: Job) => Ticket,
  database: OddSpokeDatabase = db,
): Promise<readonly StaleTicket[]> {
  const jobs = (await database.jobs.bulkGet([...ids])).filter((job): job is Job => job !== undefined);
  await database.tickets.bulkPut(jobs.map((job) => ({ id: job.id, of: stampOf(job.updatedAt), ticket: make(job) })));
  return jobs.map(({ id, updatedAt }) => ({ id, updatedAt }));
}
