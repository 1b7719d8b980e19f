/**
 * Brings jobs of older formats up to the present one. What comes out is still to be checked by the schema.
 * 1 → 2: the display it carries is brought to profile format 2, and the state of its keys with it.
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

/** A job's data in the present format; data of another version, or of none, comes back untouched. */
export function migrateJob(data: unknown): unknown {
  if (!isFields(data) || data.version !== 1) return data;
  return { ...data, version: JOB_VERSION, profile: migrateProfile(data.profile), program: program1to2(data.program) };
}
