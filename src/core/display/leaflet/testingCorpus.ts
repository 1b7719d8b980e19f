/**
 * For tests and the bench: texts with what is true of them, and how a reading is graded. A text is a file of `corpus/`;
 * beside it stands its truth, a row a line: `code => setting ; values ; maker's value ; more`. Settings: `-` none of
 * ours, `?` nobody could tell. Values: `10..45`, `24 36 48`, `0=kmh 1=mph`. `-` not stated, `*` not graded. What may
 * follow: `more` or `less`, what a larger number is; `when`, a condition; `none`, no effect; `action`, an action. A
 * first row that ends in "looked at" is of a text whose mistakes were looked at: the reader is tuned on it.
 */
import { rawValues, shows } from "../encoding";
import type { Encoding } from "../profile";
import { seeded } from "../../units/seeded";
import type { LeafletReading, ReadLine } from "./index";

export interface Truth {
  readonly code: string;
  readonly setting: string;
  readonly values: string;
  readonly stated: string;
  readonly also: string;
}

export interface CorpusText {
  readonly isLookedAt: boolean;
  readonly name: string;
  readonly shape: string;
  readonly language: string;
  readonly text: string;
  readonly truths: readonly Truth[];
}

export function truthsOf(file: string): Pick<CorpusText, "shape" | "language" | "truths" | "isLookedAt"> {
  const rows = file.split("\n").filter((row) => row.trim() !== "");
  const [head = ""] = rows;
  const [shape = "", language = "", seen] = head.replace(/^#\s*/, "").split(" / ");
  const truths = rows.slice(1).map((row): Truth => {
    const [code = "", rest = ""] = row.split(" => ");
    const [setting = "", values = "", stated = "", also = ""] = rest.split(" ; ").map((part) => part.trim());
    return { code: code.trim(), setting, values, stated, also };
  });
  return { shape, language, truths, isLookedAt: seen !== undefined };
}

/** All texts, by name, from the files of the corpus: what is in them by their names. */
export const corpusOf = (files: ReadonlyMap<string, string>): readonly CorpusText[] =>
  [...files.keys()]
    .filter((file) => file.endsWith(".txt"))
    .sort()
    .map((file) => {
      const name = file.replace(/\.txt$/, "");
      return { name, text: files.get(file) ?? "", ...truthsOf(files.get(`${name}.truth`) ?? "") };
    });

/** Falls to one half or the other by its name and a seed alone: more texts change nothing for those there are. */
const SPLIT_SEED = 12;
const drawOf = (name: string): number =>
  seeded([...name].reduce((sum, sign) => (sum * 31 + sign.charCodeAt(0)) % 2_147_483_647, SPLIT_SEED))();

/** The half the reader is tuned on, and the half it is only ever tried on: by text. */
export const halves = (texts: readonly CorpusText[]): Readonly<Record<"tuned" | "heldOut", readonly CorpusText[]>> => ({
  tuned: texts.filter(({ name, isLookedAt }) => isLookedAt || drawOf(name) < 0.5),
  heldOut: texts.filter(({ name, isLookedAt }) => !isLookedAt && drawOf(name) >= 0.5),
});

export interface Grade {
  readonly text: string;
  readonly shape: string;
  readonly language: string;
  readonly truth: Truth;
  readonly line: ReadLine | null;
  readonly setting: boolean;
  readonly values: boolean;
  readonly stated: boolean;
  readonly all: boolean;
  /** What else the text says of it; null where it says no more. */
  readonly also: boolean | null;
  /** Said to be sure, and wrong in its setting, its values or its maker's value. */
  readonly surelyWrong: boolean;
}

const shownOf = (encoding: Encoding): readonly string[] => rawValues(encoding).map((raw) => shows(encoding, raw));

/** Whether the values read are those the text states. */
function valuesRight({ encoding, tokens }: ReadLine, want: string): boolean {
  if (want === "*") return true;
  const shown = shownOf(encoding);
  if (want === "-") return true;
  const numbers = (each: string) => Number(each);
  const range = /^(-?[\d.]+)\.\.(-?[\d.]+)$/.exec(want);
  if (range) {
    const inOrder = shown.map(numbers).sort((a, b) => a - b);
    const ends =
      encoding.kind === "reserved" && tokens.span ? [tokens.span.min, tokens.span.max] : [inOrder[0], inOrder.at(-1)];
    return ends[0] === Number(range[1]) && ends[1] === Number(range[2]);
  }
  if (want.includes("=")) {
    const options = want.split(" ").map((each) => each.split("="));
    return options.every(([mark = "", means = ""]) => {
      if (encoding.kind !== "choice") return false;
      const option = encoding.options.find((each) => each.shows.toLowerCase() === mark.toLowerCase());
      return option !== undefined && String(option.means) === means;
    });
  }
  return (
    want
      .split(" ")
      .map(Number)
      .sort((a, b) => a - b)
      .join() ===
    shown
      .map(numbers)
      .sort((a, b) => a - b)
      .join()
  );
}

function statedRight({ encoding, factoryRaw, tokens }: ReadLine, want: string): boolean {
  if (want === "*") return true;
  if (want === "-") return factoryRaw === null;
  // A line whose meaning is not known has no values to find it among: what was read counts.
  const shown = factoryRaw === null ? tokens.stated : shows(encoding, factoryRaw);
  return shown !== null && (shown.toLowerCase() === want.toLowerCase() || Number(shown) === Number(want));
}

/** Whether the way its numbers go, its condition, its having no effect or its being an action was read. */
function alsoRight({ encoding, tokens }: ReadLine, want: string): boolean {
  const { condition, noEffect, does } = tokens;
  if (want === "when") return condition !== null;
  if (want === "none") return noEffect;
  if (want === "action") return does !== null;
  // Of what is counted, more is more.
  const larger = encoding.kind === "unknown-scale" ? encoding.larger : encoding.kind === "number" ? "more" : "unknown";
  return larger === want;
}

/** A reading held against the truth of its text. */
export const graded = ({ name, shape, language, truths }: CorpusText, { lines }: LeafletReading): readonly Grade[] =>
  truths.map((truth): Grade => {
    const line = lines.find(({ code }) => code === truth.code) ?? null;
    const isNone = truth.setting === "-" || truth.setting === "?";
    // Of what nobody could tell a guess may be made, as long as it is said to be one.
    const unsure = truth.setting === "?" && line !== null && line.sureness !== "sure";
    const setting = line !== null && (unsure || (isNone ? line.setting === null : line.setting === truth.setting));
    const values = line !== null && valuesRight(line, truth.values);
    const stated = line !== null && statedRight(line, truth.stated);
    return {
      text: name,
      shape,
      language,
      truth,
      line,
      setting,
      values,
      stated,
      all: setting && values && stated,
      also: truth.also === "" ? null : line !== null && alsoRight(line, truth.also),
      surelyWrong: line?.sureness === "sure" && !(setting && values && stated),
    };
  });

/** Lines said to be as likely right as that, and how many are: of one tenth of what can be said. */
export interface Reliability {
  readonly from: number;
  readonly lines: number;
  readonly right: number;
}

/** What is said of lines held against what is so, by tenths from 0.4. */
export const reliabilityOf = (grades: readonly Grade[]): readonly Reliability[] =>
  [4, 5, 6, 7, 8, 9].map((tenth) => {
    const said = grades.filter(({ line }) => line?.setting && Math.floor(line.likely * 10) === tenth);
    return {
      from: tenth / 10,
      lines: said.length,
      right: said.filter(({ setting, values }) => setting && values).length,
    };
  });
