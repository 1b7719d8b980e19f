/** Figures typed in rows: runs of a speedometer, speeds level by level, shares by hand. */
import { speedFromKmh, speedToKmh, type SpeedUnit } from "../units";
import { typedNumber } from "../units/typedNumber";

export type ListProblem =
  | { readonly key: "list.not-a-pair"; readonly line: number; readonly typed: string }
  | { readonly key: "list.not-a-number"; readonly typed: string; readonly min: number; readonly max: number };

export interface RunsReading {
  readonly runs: readonly { readonly trueKmh: number; readonly shown: number }[];
  /** Runs whose other speed is still to come, counted from 1. */
  readonly unfinished: readonly number[];
  readonly problems: readonly ListProblem[];
}

/** Speeds a run may have, in whichever unit it is read. */
const RUN_SPEED = { min: 1, max: 150 } as const;

/** Paired readings, one pair a line: true in `unit`, then shown. Lines that cannot be taken are named and left out. */
export function readRuns(typed: string, unit: SpeedUnit = "kmh"): RunsReading {
  const runs: { trueKmh: number; shown: number }[] = [];
  const unfinished: number[] = [];
  const problems: ListProblem[] = [];
  const taken = (speed: number): boolean => speed >= RUN_SPEED.min && speed <= RUN_SPEED.max;
  typed.split(/\r?\n/).forEach((line, i) => {
    if (line.trim() === "") return;
    const parts = line
      .trim()
      .split(/\s*[;\t|]\s*|\s+/)
      .filter(Boolean)
      .map(typedNumber);
    const [typedTrue = Number.NaN, shown = Number.NaN] = parts;
    if (parts.length === 2 && taken(typedTrue) && taken(shown))
      runs.push({ trueKmh: speedToKmh(typedTrue, unit), shown });
    else if (parts.length === 1 && taken(typedTrue)) unfinished.push(i + 1);
    else problems.push({ key: "list.not-a-pair", line: i + 1, typed: line.trim() });
  });
  return { runs, unfinished, problems };
}

/** The two cells of a run's line as typed, right or wrong. */
export function runCells(line: string): readonly [string, string] {
  const at = line.indexOf(" ");
  return at < 0 ? [line, ""] : [line.slice(0, at), line.slice(at + 1).trim()];
}

const runLines = (typed: string): readonly string[] => typed.split(/\r?\n/).filter((line) => line.trim() !== "");

/** Lines of the runs as typed, and one more to type in. */
export const runRows = (typed: string): readonly string[] => [...runLines(typed), ""];

/** The runs with one cell typed anew; a line left empty goes. */
export function withRunCell(typed: string, row: number, column: 0 | 1, value: string): string {
  const lines = [...runLines(typed)];
  const cells = [...runCells(lines[row] ?? "")];
  cells[column] = value.replace(/\s/g, "");
  lines[row] = cells.join(" ");
  return lines.filter((line) => line.trim() !== "").join("\n");
}

/**
 * The runs with one more whose true speed is known, in the unit they are read in, and the shown one still to be typed.
 */
export const withSteadyRun = (typed: string, trueKmh: number, unit: SpeedUnit = "kmh"): string =>
  [...runLines(typed), Number(speedFromKmh(trueKmh, unit).toFixed(1)).toString()].join("\n");

/** The runs from a row on replaced by lines pasted out of a table. */
export const withRunsPasted = (typed: string, row: number, pasted: string): string =>
  [
    ...runLines(typed).slice(0, row),
    ...runLines(pasted).map((line) =>
      line
        .trim()
        .split(/\s*[;\t|]\s*|\s+/)
        .join(" "),
    ),
  ].join("\n");

export interface NumbersReading {
  readonly values: readonly number[];
  readonly problem: ListProblem | null;
}

/** Speeds in a row, km/h, level by level; "mph" behind them says they are miles per hour. */
export function readSpeeds(typed: string): NumbersReading {
  const mph = /\s*mph\s*$/i.test(typed);
  const reading = readNumbers(typed.replace(/\s*(mph|km\/h|kmh)\s*$/i, ""), MEASURED_SPEED.min, MEASURED_SPEED.max);
  return { ...reading, values: reading.values.map((speed) => speedToKmh(speed, mph ? "mph" : "kmh")) };
}

const MEASURED_SPEED = { min: 1, max: 150 } as const;

/** Numbers in a row, parted by blanks, slashes or semicolons. */
export function readNumbers(typed: string, min: number, max: number): NumbersReading {
  const parts = typed.split(/[\s/;]+/).filter(Boolean);
  const values = parts.map(typedNumber);
  const bad = parts.find((_, i) => !((values[i] ?? Number.NaN) >= min && (values[i] ?? Number.NaN) <= max));
  return bad === undefined
    ? { values, problem: null }
    : { values: [], problem: { key: "list.not-a-number", typed: bad, min, max } };
}

/** Parts one ladder from the next, in one line. */
const APART = " | ";
const ladders = (typed: string): readonly string[] =>
  typed
    .split(/[|\r\n]+/)
    .map((row) => row.trim())
    .filter(Boolean);

/** Ladders measured, parted by bars; those in which something is no speed are left out. */
export const readLadders = (typed: string): readonly (readonly number[])[] =>
  ladders(typed)
    .map((row) => readSpeeds(row).values)
    .filter((speeds) => speeds.length > 1);

/** The ladders with one more, in place of one of as many levels. */
export const withLadder = (typed: string, ladder: string): string => {
  const levels = (row: string): number => readSpeeds(row).values.length;
  const others = ladders(typed).filter((row) => levels(row) !== levels(ladder));
  return [...others, ladder].sort((a, b) => levels(a) - levels(b)).join(APART);
};
