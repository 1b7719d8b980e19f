/**
 * Two books made one, and nothing of either lost: what only one has is taken, the later of two is taken, and two that
 * were each worked on are both kept, one beside the other. Either order gives the same book, and a book brought in
 * twice changes nothing.
 */
import { canonicalJson, sha256Hex } from "../record/seal";
import type { Job } from "../record";
import type { Book, KeptWalk, OwnClass, OwnDisplay, Setting } from "./rows";
import type { FaultCase } from "../faults";
import type { LineTrial } from "../record/lineTrial";
import { withoutFields } from "../units/withoutFields";
import { joinedWrites, orderOf, type WriteOrder } from "./writes";

/** What becomes of one record of the book that is brought in. */
export type Fate = "added" | "same" | "newer-there" | "newer-here" | "apart";

export interface Met<Row> {
  readonly id: string;
  readonly fate: Fate;
  readonly here: Row | null;
  readonly there: Row;
  /** Rows to be written for it. */
  readonly puts: readonly Row[];
}

/** How the rows of one table are told apart and put side by side. */
interface Kind<Row> {
  readonly idOf: (row: Row) => string;
  /** What somebody wrote of it, without where it happens to lie open. */
  readonly substance: (row: Row) => unknown;
  readonly order: (a: Row, b: Row) => WriteOrder;
  /** Two rows of the same substance as one, whichever comes first. */
  readonly united: (a: Row, b: Row) => Row;
  /** The row under an id of its own, beside the one it was apart from. */
  readonly aside: (row: Row, id: string) => Row;
}

const text = (value: unknown): string => canonicalJson(value as never);
const greater = <Row>(a: Row, b: Row, rank: (row: Row) => string): Row => (rank(a) >= rank(b) ? a : b);

/** Digits of the digest an id of its own is made of, and most characters of the id before them. */
const ASIDE_DIGITS = 10;
const ASIDE_STEM = 50;

const asideId = (id: string, substance: unknown): string =>
  `${id.slice(0, ASIDE_STEM)}-${sha256Hex(text(substance)).slice(0, ASIDE_DIGITS)}`;

interface Written {
  readonly writes: Job["writes"];
}
const byWrites = (a: Written, b: Written): WriteOrder => {
  const order = orderOf(a.writes, b.writes);
  // As many writes and yet another text: they do not know of each other.
  return order === "same" ? "apart" : order;
};

/** Lists that only grow: the longer one is the later where it begins with the shorter. */
function byGrowth(a: readonly unknown[], b: readonly unknown[]): WriteOrder {
  const [short, long] = a.length <= b.length ? [a, b] : [b, a];
  if (!short.every((each, i) => text(each) === text(long[i])) || a.length === b.length) return "apart";
  return a.length < b.length ? "earlier" : "later";
}

const JOBS: Kind<Job> = {
  idOf: ({ id }) => id,
  substance: (job) => withoutFields(job, "stage", "updatedAt", "onTheStand", "writes"),
  order: byWrites,
  united: (a, b) => ({ ...greater(a, b, rankOfJob), writes: joinedWrites(a.writes, b.writes) }),
  aside: (row, id) => ({ ...row, id, twinOf: row.id }),
};
const rankOfJob = (job: Job): string => `${job.updatedAt} ${text(job)}`;

const DISPLAYS: Kind<OwnDisplay> = {
  idOf: ({ id }) => id,
  substance: ({ id, profile }) => ({ id, profile }),
  order: byWrites,
  united: (a, b) => ({
    ...greater(a, b, (row) => `${row.updatedAt} ${text(row)}`),
    writes: joinedWrites(a.writes, b.writes),
  }),
  aside: (row, id) => ({ ...row, id, profile: { ...row.profile, id } }),
};

const CLASSES: Kind<OwnClass> = {
  idOf: ({ id }) => id,
  substance: ({ id, typed }) => ({ id, typed }),
  order: byWrites,
  united: (a, b) => ({ ...greater(a, b, text), writes: joinedWrites(a.writes, b.writes) }),
  aside: (row, id) => ({ ...row, id }),
};

/** Rows whose answers are all there is of them. */
const growing = <Row extends { readonly id: string }>(listOf: (row: Row) => readonly unknown[]): Kind<Row> => ({
  idOf: ({ id }) => id,
  substance: (row) => row,
  order: (a, b) => byGrowth(listOf(a), listOf(b)),
  united: (a, b) => greater(a, b, text),
  aside: (row, id) => ({ ...row, id }),
});
const WALKS = growing<KeptWalk>(({ answers }) => answers);
const CASES = growing<FaultCase>(({ answers }) => answers);
const TRIALS = growing<LineTrial>(({ measured }) => measured);

const PHOTOS: Kind<Book["photos"][number]> = {
  idOf: ({ id }) => id,
  substance: (row) => row,
  order: (a, b) => (text(a) >= text(b) ? "later" : "earlier"),
  united: (a) => a,
  aside: (row, id) => ({ ...row, id }),
};

/** A setting has one value: the one that was set last. */
const SETTINGS: Kind<Setting> = {
  idOf: ({ key }) => key,
  substance: ({ key, value }) => ({ key, value }),
  order: (a, b) => (`${a.at} ${a.value}` >= `${b.at} ${b.value}` ? "later" : "earlier"),
  united: (a, b) => greater(a, b, ({ at }) => at),
  aside: (row) => row,
};

/** What becomes of one row that is brought in, given the one of its id here and any row by its id. */
function meet<Row>(kind: Kind<Row>, there: Row, hereById: ReadonlyMap<string, Row>): Met<Row> {
  const id = kind.idOf(there);
  const here = hereById.get(id) ?? null;
  if (here === null) return { id, fate: "added", here, there, puts: [there] };
  if (text(kind.substance(here)) === text(kind.substance(there))) {
    const one = kind.united(here, there);
    return { id, fate: "same", here, there, puts: text(one) === text(here) ? [] : [one] };
  }
  const order = kind.order(here, there);
  if (order === "later") return { id, fate: "newer-here", here, there, puts: [] };
  if (order === "earlier") return { id, fate: "newer-there", here, there, puts: [there] };
  const stays = kind.united(here, there);
  // What keeps the id keeps its own writes: it knows nothing of the other's.
  const [winner, other] = text(kind.substance(stays)) === text(kind.substance(here)) ? [here, there] : [there, here];
  const aside = kind.aside(other, asideId(id, kind.substance(other)));
  const puts = meet(kind, aside, hereById).puts;
  return { id, fate: "apart", here, there, puts: winner === here ? puts : [winner, ...puts] };
}

/** How many rows met each fate. */
export type FateCounts = Readonly<Record<Fate, number>>;
export function fateCounts(met: readonly { readonly fate: Fate }[]): FateCounts {
  const count = (fate: Fate) => met.filter((each) => each.fate === fate).length;
  return {
    added: count("added"),
    same: count("same"),
    "newer-there": count("newer-there"),
    "newer-here": count("newer-here"),
    apart: count("apart"),
  };
}

export type TableName = keyof Book;
const KINDS: { readonly [Name in TableName]: Kind<Book[Name][number]> } = {
  jobs: JOBS,
  displays: DISPLAYS,
  classes: CLASSES,
  walks: WALKS,
  faultCases: CASES,
  trials: TRIALS,
  photos: PHOTOS,
  settings: SETTINGS,
};
export const TABLE_NAMES = Object.keys(KINDS) as readonly TableName[];

/** What becomes of each row of one table that is brought in; `here` need only hold rows whose ids it may meet. */
export function meetTable<Name extends TableName>(
  name: Name,
  here: readonly Book[Name][number][],
  there: readonly Book[Name][number][],
): readonly Met<Book[Name][number]>[] {
  const kind = KINDS[name] as unknown as Kind<Book[Name][number]>;
  const byId = new Map(here.map((row) => [kind.idOf(row), row]));
  return there.map((row) => {
    const met = meet(kind, row, byId);
    // Written before the next is met: one put aside here may come in by its own name as well.
    for (const put of met.puts) byId.set(kind.idOf(put), put);
    return met;
  });
}

/** Ids a row of the other book may meet here: its own, and that of either side should both have been worked on. */
export const idsToMeet = <Name extends TableName>(name: Name, there: Book[Name][number]): readonly string[] => {
  const kind = KINDS[name] as unknown as Kind<Book[Name][number]>;
  const id = kind.idOf(there);
  return [id, asideId(id, kind.substance(there))];
};

function mergedTable<Name extends TableName>(name: Name, here: Book, there: Book): readonly Book[Name][number][] {
  const kind = KINDS[name] as unknown as Kind<Book[Name][number]>;
  const rows = new Map<string, Book[Name][number]>(
    (here[name] as readonly Book[Name][number][]).map((row) => [kind.idOf(row), row]),
  );
  for (const { puts } of meetTable(name, here[name] as readonly Book[Name][number][], there[name]))
    for (const row of puts) rows.set(kind.idOf(row), row);
  return [...rows.values()].sort((a, b) => (kind.idOf(a) < kind.idOf(b) ? -1 : 1));
}

/** Both books as one, rows by their ids. */
export const mergedBook = (here: Book, there: Book): Book => ({
  jobs: mergedTable("jobs", here, there),
  displays: mergedTable("displays", here, there),
  classes: mergedTable("classes", here, there),
  walks: mergedTable("walks", here, there),
  faultCases: mergedTable("faultCases", here, there),
  trials: mergedTable("trials", here, there),
  photos: mergedTable("photos", here, there),
  settings: mergedTable("settings", here, there),
});
