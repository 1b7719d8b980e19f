/** Tickets of the rack, kept beside the jobs they are of: a job is read whole only when it has changed since. */
import type { Job } from "@/core/record";
import type { Ticket } from "@/core/record/ticket";
import { db, type OddSpokeDatabase } from "./db";

/** Names the build: words and rules may have changed with it, so tickets of another one are worked out anew. */
const BUILD = process.env.NEXT_PUBLIC_BUILD ?? "unbuilt";
const stampOf = (updatedAt: string): string => `${updatedAt} ${BUILD}`;

export interface StaleTicket {
  readonly id: string;
  readonly updatedAt: string;
}

export interface RackList {
  readonly tickets: readonly Ticket[];
  /** Jobs whose ticket is missing or of an older state, with the moment they last changed. */
  readonly stale: readonly StaleTicket[];
}

/** Every ticket that is of the present state of its job, lowest number first, and the jobs that have none. */
export async function rackList(database: OddSpokeDatabase = db): Promise<RackList> {
  const [keys, kept] = await Promise.all([
    database.jobs.orderBy("[updatedAt+id]").keys() as unknown as Promise<[string, string][]>,
    database.tickets.toArray(),
  ]);
  const byId = new Map(kept.map((each) => [each.id, each]));
  const fresh = keys.flatMap(([updatedAt, id]) => {
    const each = byId.get(id);
    return each && each.of === stampOf(updatedAt) ? [each.ticket] : [];
  });
  const has = new Set(fresh.map(({ id }) => id));
  return {
    tickets: fresh.sort((a, b) => a.number - b.number),
    stale: keys.flatMap(([updatedAt, id]) => (has.has(id) ? [] : [{ id, updatedAt }])),
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
