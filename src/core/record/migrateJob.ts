/**
 * Brings jobs of older formats up to the present one, a named step at a time; each step has a file of its format in
 * `tests/fixtures`. What comes out is still to be checked by the schema.
 */
import { migrateProfile } from "../display/migrate";

type Fields = Readonly<Record<string, unknown>>;
const isFields = (value: unknown): value is Fields =>
  typeof value === "object" && value !== null && !Array.isArray(value);

function screen1to2(screen: unknown): unknown {
  return isFields(screen) && screen.kind === "menu" ? { kind: "menu", page: 0, at: screen.line, draft: null } : screen;
}

function program1to2(program: unknown): unknown {
  if (!isFields(program) || !isFields(program.state)) return program;
  const { lastLine, screen, ...state } = program.state;
  return {
    ...program,
    state: {
      ...state,
      screen: screen1to2(screen),
      lastAt: [lastLine ?? 0],
      sincePowerOnMs: 600_000,
      tapped: null,
      wheelTurns: false,
      hazardOn: false,
      cruising: false,
      info: 0,
      brightness: 0,
      pin: null,
      done: [],
    },
  };
}

function job1to2(data: Fields): Fields {
  return { ...data, profile: migrateProfile(data.profile), program: program1to2(data.program) };
}

/** Whether anybody has read the display back: then what it holds is known, whoever pressed the keys. */
const isReadBack = ({ readBack, handedOverAt }: Fields): boolean =>
  typeof handedOverAt === "string" || (isFields(readBack) && Object.keys(readBack).length > 0);

function check2to3(result: unknown): unknown {
  // Every speed was asked in km/h until then.
  return isFields(result) ? { ...result, askedIn: "kmh", rests: {} } : result;
}

function job2to3(data: Fields): Fields {
  const { program, checks, events } = data;
  const { keysOn, ...keys } = isFields(program) ? program : { keysOn: "bike" };
  // Keys of the simulated display alone never changed the bike: its programming is still to be done.
  const rehearsedOnly = isFields(program) && keysOn === "simulated" && !isReadBack(data);
  const note = { at: data.updatedAt, kind: "set-aside", detail: "Only rehearsed on the simulated display." };
  return {
    ...data,
    held: null,
    program: isFields(program) && !rehearsedOnly ? keys : null,
    rehearsal: null,
    checks: isFields(checks) ? Object.fromEntries(Object.entries(checks).map(([id, r]) => [id, check2to3(r)])) : checks,
    events: rehearsedOnly && Array.isArray(events) ? [...(events as unknown[]), note] : events,
  };
}

/** Nobody kept the time a fact was typed: it stays unknown. What a swap carried over stands as set by hand. */
const job3to4 = (data: Fields): Fields => ({ ...data, typedAt: {}, carried: {} });

/** A question begun in the menu names what it asks about and where it began. */
function screen4to5(screen: unknown, profile: unknown): unknown {
  if (!isFields(screen)) return screen;
  if (screen.kind === "code" && isFields(screen.for) && screen.for.kind === "new-pin") {
    const { page, at, ...rest } = screen.for;
    return { ...screen, for: { ...rest, from: { page, at } } };
  }
  if (screen.kind !== "confirm") return screen;
  const { page, at, ...rest } = screen;
  const entry = entryAt(profile, Number(page), Number(at));
  // What it asked about is not in the menu any more: the display closed it long ago.
  return isFields(entry) && entry.kind === "action" && entry.asks !== "nothing"
    ? { ...rest, action: entry.action, asks: entry.asks, from: { page, at } }
    : { kind: "home" };
}

function entryAt(profile: unknown, page: number, at: number): unknown {
  const menu = isFields(profile) ? profile.menu : null;
  const pages: unknown = isFields(menu) ? menu.pages : null;
  const place: unknown = Array.isArray(pages) ? (pages as unknown[])[page] : null;
  const entries: unknown = isFields(place) ? place.entries : null;
  return Array.isArray(entries) ? (entries as unknown[])[at] : null;
}

function keys4to5(keys: unknown, profile: unknown): unknown {
  if (!isFields(keys) || !isFields(keys.state)) return keys;
  return { ...keys, state: { ...keys.state, mode: 0, screen: screen4to5(keys.state.screen, profile) } };
}

function job4to5(data: Fields): Fields {
  const { profile, program, rehearsal } = data;
  return {
    ...data,
    profile: migrateProfile(profile),
    program: keys4to5(program, profile),
    rehearsal: keys4to5(rehearsal, profile),
  };
}

/** Until then every job was a bike of its own, and one copy of the book all there was. */
const job5to6 = (data: Fields): Fields => ({ ...data, bikeId: data.id, writes: {}, twinOf: null, lastVisit: null });

/** Until then no sheet was put onto several bikes. */
const job6to7 = (data: Fields): Fields => ({ ...data, batch: null });

export interface JobMigration {
  readonly from: number;
  readonly name: string;
  readonly step: (data: Fields) => Fields;
}

/** Every step there has been, oldest first; each leads to the format after it. */
export const JOB_MIGRATIONS: readonly JobMigration[] = [
  { from: 1, name: "its display in profile format 2, and the state of its keys with it", step: job1to2 },
  { from: 2, name: "rehearsals apart from the bike; a check with its unit and what it rests on", step: job2to3 },
  { from: 3, name: "when each fact was typed; what a swap carried over", step: job3to4 },
  { from: 4, name: "its display in profile format 3, and the state of its keys with it", step: job4to5 },
  { from: 5, name: "the bike it is a visit of, and what each copy of the book wrote of it", step: job5to6 },
  { from: 6, name: "the batch it belongs to", step: job6to7 },
];

/** A job's data in the present format; data of a version to come, or of none, comes back untouched. */
export const migrateJob = (data: unknown): unknown =>
  JOB_MIGRATIONS.reduce(
    (now, { from, step }) => (isFields(now) && now.version === from ? { ...step(now), version: from + 1 } : now),
    data,
  );
