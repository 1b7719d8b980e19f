/**
 * Brings jobs of older formats up to the present one. What comes out is still to be checked by the schema. 1 → 2: the
 * display it carries is brought to profile format 2, and the state of its keys with it. 2 → 3: what was pressed on the
 * simulated display is told apart from what was pressed on the bike; a check carries the unit it was asked in and the
 * values it rests on.
 */
import { migrateProfile } from "../display/migrate";
import { JOB_VERSION } from "./format";

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
  return { ...data, version: 2, profile: migrateProfile(data.profile), program: program1to2(data.program) };
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
    version: JOB_VERSION,
    held: null,
    program: isFields(program) && !rehearsedOnly ? keys : null,
    rehearsal: null,
    checks: isFields(checks) ? Object.fromEntries(Object.entries(checks).map(([id, r]) => [id, check2to3(r)])) : checks,
    events: rehearsedOnly && Array.isArray(events) ? [...(events as unknown[]), note] : events,
  };
}

/** A job's data in the present format; data of a version to come, or of none, comes back untouched. */
export function migrateJob(data: unknown): unknown {
  if (!isFields(data)) return data;
  const second = data.version === 1 ? job1to2(data) : data;
  return second.version === 2 ? job2to3(second) : second;
}
